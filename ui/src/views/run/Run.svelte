<script lang="ts">
	import { MediaQuery } from 'svelte/reactivity';
	import { Newest } from '../../lib/api/ask';
	import { api, type CaseView, type RunRow } from '../../lib/api/client';
	import Key from '../../lib/components/Key.svelte';
	import AddVehicle from './AddVehicle.svelte';
	import Asked from './Asked.svelte';
	import DueEntry from './DueEntry.svelte';
	import RunTable from './RunTable.svelte';
	import RunVehicle from './RunVehicle.svelte';
	import Taken from './Taken.svelte';
	import { inOrder } from './words';

	/** The same few tests over several vehicles in one sitting; conspicuous ones first, but no row moves while one works. */
	const narrow = new MediaQuery('max-width: 1099px');
	const newest = new Newest();
	let fetched = $state.raw<RunRow[] | null>(null);
	/** The order the rows stand in since they were last sorted. */
	let order = $state.raw<string[]>([]);
	let message = $state('');
	let chosen = $state<string | null>(null);
	/** True once something was saved or chosen: the cursor then goes to the next field. */
	let working = $state(false);
	const rows = $derived(fetched && inOrder(fetched, order));
	const current = $derived(rows?.find((r) => r.caseId === chosen) ?? rows?.find((r) => r.due) ?? null);
	const moved = $derived(rows?.some((row, i) => row.caseId !== fetched?.[i]?.caseId) ?? false);

	async function load(): Promise<void> {
		const lost = 'Dantro cannot be reached. The sheet is shown when it is back.';
		const answer = await newest.ask(api.GET('/api/run-sheet'), lost);
		if (!answer) return;
		fetched = answer.data ?? fetched;
		if (order.length === 0) sort();
		message = answer.wrong ?? '';
	}
	$effect(() => {
		void load();
	});

	/** What is all taken may end once it is judged. */
	$effect(() => {
		if (!current?.judging || current.due || current.asked) return;
		const again = setTimeout(() => void load(), 2000);
		return () => clearTimeout(again);
	});

	function sort(): void {
		order = fetched?.map((r) => r.caseId) ?? [];
	}

	function choose(caseId: string): void {
		chosen = caseId;
		working = true;
	}

	function saved(row: RunRow, view: CaseView | undefined): void {
		choose(row.caseId);
		if (view) void load();
	}

	/** The next vehicle on the sheet that still lacks something. */
	function next(): void {
		const all = rows ?? [];
		const at = all.findIndex((r) => r.caseId === current?.caseId);
		const open = [...all.slice(at + 1), ...all.slice(0, at + 1)].find((r) => r.due ?? r.asked);
		if (open) choose(open.caseId);
		void load();
	}
</script>

<div class="run">
	<div class="top">
		<h1>Run sheet</h1>
		<p>
			The same nine figures on every vehicle that charges and is in work.
			{#if moved}<Key onclick={sort}>Sort: conspicuous first</Key>{:else}Conspicuous ones stand first.{/if}
		</p>
	</div>
	{#if message}<p role="alert" class="message">{message}</p>{/if}
	{#if current}
		{#key current.caseId + (current.asked?.reading ?? current.due?.title ?? 'all')}
			{#if current.asked}
				<Asked row={current} asked={current.asked} onanswered={() => void load()} />
			{:else if current.due}
				<DueEntry row={current} focus={working} onsaved={saved} />
			{:else}
				<Taken row={current} focus={working} onnext={next} />
			{/if}
		{/key}
	{/if}
	{#if rows === null && !message}<p role="status">Working out the sheet.</p>{/if}
	{#if rows?.length === 0}
		<p class="card none">No vehicle on the sheet. Add the first one below.</p>
	{:else if rows}
		{#if narrow.current}
			<RunVehicle {rows} chosen={chosen ?? current?.caseId} onchoose={choose} />
		{:else}
			<RunTable {rows} chosen={current?.caseId} onchoose={choose} />
		{/if}
	{/if}
	<AddVehicle onadded={(id) => (choose(id), void load())} />
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
