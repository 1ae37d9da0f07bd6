<script lang="ts">
	import type { RunRow } from '../../lib/api/client';
	import Key from '../../lib/components/Key.svelte';
	import Cell from './Cell.svelte';

	/** All vehicles of the sheet side by side. */
	type Props = { rows: RunRow[]; chosen: string | undefined; onchoose: (caseId: string) => void };
	let { rows, chosen, onchoose }: Props = $props();
</script>

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
				<tr aria-current={row.caseId === chosen ? 'true' : undefined} data-weight={row.weight}>
					<th scope="row">
						<a href="#/case/{row.caseId}">{row.vehicle}</a><span>{row.complaint}</span>
					</th>
					{#each row.cells as cell (cell.title)}
						<td data-sign={cell.sign} title={cell.says}>
							<Cell {cell} />
						</td>
					{/each}
					<td>
						{#if row.due}
							<Key onclick={() => onchoose(row.caseId)}>{row.due.title}</Key>
						{:else}<span>{row.then}</span>{/if}
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>

<style>
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
	tr[aria-current] {
		background: var(--sunk);
	}
</style>
