<script lang="ts">
	import { api, problemText, type RunRow } from '../../lib/api/client';
	import { getApp } from '../../lib/state/app.svelte';
	import { workshopNow } from '../../lib/state/clock';
	import { newId } from '../../lib/state/ids';
	import Key from '../../lib/components/Key.svelte';

	/** Nothing is due any more on this vehicle: it is ended as good where its readings let it, or left for later. */
	type Props = { row: RunRow; focus: boolean; onnext: () => void };
	let { row, focus, onnext }: Props = $props();
	const app = getApp();
	const odd = $derived(row.cells.filter((c) => c.sign === 'BAD' || c.sign === 'PARTED').map((c) => c.title));
	const id = newId();
	const says = $derived.by(() => {
		if (odd.length > 0) return `To look at: ${odd.join(', ')}`;
		if (row.ending) return 'All good';
		return row.judging ? 'Being judged' : `Next: ${row.then}`;
	});
	let message = $state('');
	let keys = $state<HTMLElement>();
	$effect(() => {
		if (focus && says) keys?.querySelector('button')?.focus();
	});

	async function good(): Promise<void> {
		if (!row.ending) return onnext();
		try {
			const { data, error } = await api.PUT('/api/cases/{caseId}/statements/{statementId}', {
				params: { path: { caseId: row.caseId, statementId: id } },
				body: { topic: 'ENDED', value: row.ending, note: '', by: app.device, saidAtMs: workshopNow() }
			});
			if (data) onnext();
			else message = problemText(error);
		} catch {
			message = 'Not saved: Dantro cannot be reached. Press again when it is back.';
		}
	}
</script>

<section class="card" aria-label="All taken">
	<p class="kicker">{row.vehicle} · all taken</p>
	<h2>{says}</h2>
	<div class="keys" bind:this={keys}>
		{#if row.ending && odd.length === 0}
			<Key primary onclick={good}>Good, next vehicle</Key>
		{:else}
			<Key primary onclick={onnext}>Next vehicle</Key>
		{/if}
		<Key href="#/case/{row.caseId}">Open the case</Key>
	</div>
	{#if message}<p role="alert"><b>{message}</b></p>{/if}
</section>

<style>
	section {
		display: grid;
		gap: 10px;
		padding: 14px 18px;
	}
	h2 {
		font-size: 22px;
		font-weight: 800;
	}
</style>
