<script lang="ts">
	import { api, problemText, type RunRow } from '../../lib/api/client';
	import { getApp } from '../../lib/state/app.svelte';
	import { ANSWERS } from '../../lib/state/shortcuts';
	import Key from '../../lib/components/Key.svelte';

	/** The question that a reading on the sheet raised; it counts once that is answered. */
	type Props = { row: RunRow; asked: NonNullable<RunRow['asked']>; onanswered: () => void };
	let { row, asked, onanswered }: Props = $props();
	const app = getApp();
	let message = $state('');
	let heading = $state<HTMLElement>();
	$effect(() => heading?.focus());

	/** Its letter answers, wherever the focus stands but in a field. */
	function onkeydown(event: KeyboardEvent): void {
		const target = event.target as HTMLElement;
		if (event.ctrlKey || event.metaKey || event.altKey || target.closest('input, select, textarea, dialog'))
			return;
		const choice = asked.choices[ANSWERS.indexOf(event.key.toLowerCase())];
		if (!choice) return;
		event.preventDefault();
		void answer(choice.answer);
	}

	async function answer(value: (typeof asked.choices)[number]['answer']): Promise<void> {
		try {
			const { data, error } = await api.PUT('/api/cases/{caseId}/readings/{readingId}/answer', {
				params: { path: { caseId: row.caseId, readingId: asked.reading } },
				body: { answer: value, by: app.device }
			});
			if (data) onanswered();
			else message = problemText(error);
		} catch {
			message = 'Not saved: Dantro cannot be reached. Answer again when it is back.';
		}
	}
</script>

<svelte:window {onkeydown} />

<div class="card" role="alertdialog" aria-labelledby="asked-title">
	<p class="kicker">{row.vehicle} · one question before it counts</p>
	<h2 id="asked-title" tabindex="-1" bind:this={heading}>{asked.sentence}</h2>
	<p>You typed <b>{asked.typed}</b>, {asked.redName} to {asked.blackName}, {asked.conditionWords}.</p>
	<div class="keys">
		{#each asked.choices as choice, i (choice.answer + choice.label)}
			<Key onclick={() => answer(choice.answer)}>
				<kbd>{ANSWERS[i]?.toUpperCase()}</kbd>
				{choice.label}
			</Key>
		{/each}
	</div>
	{#if message}<p role="alert"><b>{message}</b></p>{/if}
</div>

<style>
	.card {
		display: grid;
		gap: 10px;
		padding: 14px 18px;
	}
	h2 {
		font-size: 21px;
		font-weight: 750;
		outline: none;
	}
	kbd {
		padding: 0 7px;
		border: 1.5px solid currentColor;
		border-radius: 5px;
		font: inherit;
		font-size: 14px;
	}
</style>
