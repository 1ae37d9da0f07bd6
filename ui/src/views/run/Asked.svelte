<script lang="ts">
	import { api, problemText, type RunRow } from '../../lib/api/client';
	import { getApp } from '../../lib/state/app.svelte';
	import Key from '../../lib/components/Key.svelte';

	/** The question that a reading on the sheet raised; it counts once that is answered. */
	type Props = { row: RunRow; asked: NonNullable<RunRow['asked']>; onanswered: () => void };
	let { row, asked, onanswered }: Props = $props();
	const app = getApp();
	let message = $state('');
	let heading = $state<HTMLElement>();
	$effect(() => heading?.focus());

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

<div class="card" role="alertdialog" aria-labelledby="asked-title">
	<p class="kicker">{row.vehicle} · one question before it counts</p>
	<h2 id="asked-title" tabindex="-1" bind:this={heading}>{asked.sentence}</h2>
	<p>You typed <b>{asked.typed}</b>, {asked.redName} to {asked.blackName}, {asked.conditionWords}.</p>
	<div class="keys">
		{#each asked.choices as choice (choice.answer + choice.label)}
			<Key onclick={() => answer(choice.answer)}>{choice.label}</Key>
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
</style>
