<script lang="ts">
	import type { ReadingRow } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import { ANSWERS } from '../../lib/state/shortcuts';
	import Key from '../../lib/components/Key.svelte';

	type Props = { bench: CaseState; reading: ReadingRow };
	let { bench, reading }: Props = $props();
	let heading = $state<HTMLElement>();

	$effect(() => heading?.focus());
</script>

<div class="question" role="alertdialog" aria-labelledby="slip-title">
	<p class="kicker">One question before it counts</p>
	<h1 id="slip-title" tabindex="-1" bind:this={heading}>{reading.slip?.sentence}</h1>
	<p>
		You typed <b>{reading.typed}</b>, {reading.redName} to {reading.blackName}, {reading.conditionWords}. It
		stays on record as typed.
	</p>
	<div class="choices">
		{#each reading.slip?.choices ?? [] as choice, i (choice.answer)}
			<Key onclick={() => bench.record.answer(reading.id, choice.answer)}>
				<kbd>{ANSWERS[i]?.toUpperCase()}</kbd>
				{choice.label}
			</Key>
		{/each}
	</div>
	{#if bench.entry.draft.text}
		<p role="status">Kept for the next reading: <b>{bench.entry.draft.text}</b></p>
	{/if}
	{#if bench.message}<p role="alert">{bench.message}</p>{/if}
</div>

<style>
	.question {
		display: grid;
		gap: 12px;
	}
	h1 {
		font-size: 21px;
		font-weight: 750;
		line-height: 1.25;
		outline: none;
	}
	.choices {
		display: grid;
		gap: 8px;
	}
	.choices :global(.key) {
		justify-content: flex-start;
		font-size: 17px;
		min-height: 54px;
	}
	kbd {
		padding: 0 7px;
		border: 1.5px solid currentColor;
		border-radius: 5px;
		font: inherit;
		font-size: 14px;
	}
</style>
