<script lang="ts">
	import { MediaQuery } from 'svelte/reactivity';
	import { ask } from '../../lib/api/ask';
	import { api, type CaseView, type RunRow } from '../../lib/api/client';
	import AddVehicle from './AddVehicle.svelte';
	import DueEntry from './DueEntry.svelte';
	import RunTable from './RunTable.svelte';
	import RunVehicle from './RunVehicle.svelte';

	/** The same few tests over several vehicles in one sitting; conspicuous ones first. */
	const narrow = new MediaQuery('max-width: 1099px');
	let rows = $state.raw<RunRow[] | null>(null);
	let message = $state('');
	let chosen = $state<string | null>(null);
	const current = $derived(
		rows?.find((r) => r.caseId === chosen && r.due) ?? rows?.find((r) => r.due) ?? null
	);

	async function load(): Promise<void> {
		const lost = 'Dantro cannot be reached. The sheet is shown when it is back.';
		const { data, wrong } = await ask(api.GET('/api/run-sheet'), lost);
		rows = data ?? rows;
		message = wrong ?? '';
	}
	$effect(() => {
		void load();
	});

	function saved(row: RunRow, view: CaseView | undefined): void {
		chosen = row.caseId;
		if (view) void load();
	}
</script>

<div class="run">
	<div class="top">
		<h1>Run sheet</h1>
		<p>The same eight figures on every vehicle that charges and is in work. Conspicuous ones stand first.</p>
	</div>
	{#if message}<p role="alert" class="message">{message}</p>{/if}
	{#if current}
		{#key current.caseId + current.due?.title}
			<DueEntry row={current} onsaved={saved} />
		{/key}
	{/if}
	{#if rows === null && !message}<p role="status">Working out the sheet.</p>{/if}
	{#if rows?.length === 0}
		<p class="card none">No vehicle on the sheet. Add the first one below.</p>
	{:else if rows}
		{#if narrow.current}
			<RunVehicle {rows} chosen={chosen ?? current?.caseId} onchoose={(id) => (chosen = id)} />
		{:else}
			<RunTable {rows} chosen={current?.caseId} onchoose={(id) => (chosen = id)} />
		{/if}
	{/if}
	<AddVehicle onadded={(id) => ((chosen = id), void load())} />
</div>

<style>
	.run {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 12px;
		max-width: 1640px;
		margin: 0 auto;
		padding: 14px 24px 28px;
	}
	.top {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 4px 16px;
	}
	.none {
		padding: 16px;
	}
	@media (max-width: 767px) {
		.run {
			padding: 8px;
		}
	}
</style>
