<script lang="ts">
	import { workshopNow } from '../../lib/state/clock';
	import { api, problemText, type CaseView, type RunRow } from '../../lib/api/client';
	import { getApp } from '../../lib/state/app.svelte';
	import { newId } from '../../lib/state/ids';
	import Key from '../../lib/components/Key.svelte';
	import DueEntry from './DueEntry.svelte';

	/** The same few tests over several vehicles in one sitting; conspicuous ones first. */
	const app = getApp();
	const SIGN = { DUE: '', GOOD: '✓', PARTED: '!', BAD: '✕', NEUTRAL: '' };
	const WORDS = { DUE: 'due', GOOD: 'good', PARTED: 'schools part', BAD: 'bad', NEUTRAL: '' };
	let rows = $state.raw<RunRow[] | null>(null);
	let circuits = $state.raw<{ id: string; title: string }[]>([]);
	let message = $state('');
	let vehicle = $state('');
	let circuit = $state('');
	let chosen = $state<string | null>(null);
	const current = $derived(
		rows?.find((r) => r.caseId === chosen && r.due) ?? rows?.find((r) => r.due) ?? null
	);

	async function load(): Promise<void> {
		try {
			const { data, error } = await api.GET('/api/run-sheet');
			if (data) rows = data;
			else message = problemText(error);
		} catch {
			message = 'Dantro cannot be reached. The sheet is shown when it is back.';
		}
	}
	$effect(() => {
		void load();
		void api.GET('/api/circuits').then(({ data }) => (circuits = data ?? []));
	});

	async function add(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		const id = newId();
		const { error } = await api.PUT('/api/cases/{caseId}', {
			params: { path: { caseId: id } },
			body: {
				vehicle,
				complaint: 'preventive check',
				circuit: circuit || (circuits[0]?.id ?? ''),
				concern: 'CHARGING',
				celsius: 20,
				by: app.device,
				openedAtMs: workshopNow()
			}
		});
		message = error ? problemText(error) : '';
		if (error) return;
		vehicle = '';
		chosen = id;
		await load();
	}

	function saved(row: RunRow, view: CaseView | undefined): void {
		chosen = row.caseId;
		if (view) void load();
	}
</script>

<svelte:head><title>Run sheet – Dantro</title></svelte:head>

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
	{#if rows?.length === 0}
		<p class="card none">No vehicle on the sheet. Add the first one below.</p>
	{:else if rows}
		<div class="table card">
			<table>
				<thead>
					<tr>
						<th scope="col">Vehicle</th>
						{#each rows[0]?.cells ?? [] as cell (cell.title)}<th scope="col">{cell.title}</th>{/each}
						<th scope="col">Due</th>
					</tr>
				</thead>
				<tbody>
					{#each rows as row (row.caseId)}
						<tr aria-current={row.caseId === current?.caseId ? 'true' : undefined} data-weight={row.weight}>
							<th scope="row">
								<a href="#/case/{row.caseId}">{row.vehicle}</a><span>{row.complaint}</span>
							</th>
							{#each row.cells as cell (cell.title)}
								<td data-sign={cell.sign} title={cell.says}>
									{#if cell.shown}
										<b>{cell.shown}</b>
										{#if WORDS[cell.sign]}<span class="sign"
												><i aria-hidden="true">{SIGN[cell.sign]}</i> {WORDS[cell.sign]}</span
											>{/if}
									{:else}<span class="due">due</span>{/if}
								</td>
							{/each}
							<td>
								{#if row.due}
									<Key onclick={() => (chosen = row.caseId)}>{row.due.title}</Key>
								{:else}<span>{row.then}</span>{/if}
							</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
	{/if}
	<form class="card add" onsubmit={add}>
		<label>Vehicle <input class="field" bind:value={vehicle} maxlength="60" autocomplete="off" /></label>
		<label
			>Circuit
			<select class="field" bind:value={circuit}>
				{#each circuits as c (c.id)}<option value={c.id}>{c.title}</option>{/each}
			</select></label
		>
		<Key type="submit" disabled={vehicle.trim() === ''}>Put it on the sheet</Key>
	</form>
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
	h1 {
		font-size: 24px;
		font-weight: 800;
	}
	.message {
		font-weight: 650;
	}
	.none {
		padding: 16px;
	}
	.table {
		overflow-x: auto;
	}
	table {
		width: 100%;
		border-collapse: collapse;
		font-size: 15px;
	}
	th,
	td {
		padding: 8px 8px;
		text-align: left;
		vertical-align: middle;
		border-top: 1px solid var(--line);
	}
	thead th {
		border-top: 0;
		font-weight: 650;
		color: var(--soft);
		white-space: nowrap;
	}
	tbody th a {
		display: inline-block;
		min-height: 48px;
		padding-top: 12px;
		font-weight: 750;
		text-decoration: underline;
	}
	tbody th span {
		display: block;
		font-size: 13px;
		font-weight: 500;
		color: var(--soft);
	}
	td b {
		display: block;
		white-space: nowrap;
	}
	.sign {
		white-space: nowrap;
		font-size: 13px;
	}
	[data-sign='BAD'] .sign {
		font-weight: 800;
	}
	i {
		font-style: normal;
	}
	.due {
		color: var(--soft);
	}
	tr[aria-current] {
		background: var(--sunk);
	}
	.add {
		display: grid;
		grid-template-columns: 1fr 1fr auto;
		align-items: end;
		gap: 12px;
		padding: 14px 16px;
	}
	label {
		display: grid;
		gap: 4px;
		font-weight: 650;
	}
	@media (max-width: 767px) {
		.run {
			padding: 8px;
		}
		.add {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
