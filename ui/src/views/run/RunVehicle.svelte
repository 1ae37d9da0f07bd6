<script lang="ts">
	import type { RunRow } from '../../lib/api/client';
	import Key from '../../lib/components/Key.svelte';
	import Cell from './Cell.svelte';

	/** One vehicle of the sheet, where a table would not fit. */
	type Props = { rows: RunRow[]; chosen: string | undefined; onchoose: (caseId: string) => void };
	let { rows, chosen, onchoose }: Props = $props();
	const at = $derived(
		Math.max(
			0,
			rows.findIndex((r) => r.caseId === chosen)
		)
	);
	const row = $derived(rows[at]);

	function turn(by: number): void {
		const to = rows[(at + by + rows.length) % rows.length];
		if (to) onchoose(to.caseId);
	}
</script>

{#if row}
	<section class="card" aria-label="Vehicle on the sheet">
		<div class="turn">
			<Key onclick={() => turn(-1)} aria-label="Vehicle before" disabled={rows.length < 2}>←</Key>
			<p>
				<a href="#/case/{row.caseId}">{row.vehicle}</a>
				<span>{at + 1} of {rows.length} · {row.complaint}</span>
			</p>
			<Key onclick={() => turn(1)} aria-label="Next vehicle" disabled={rows.length < 2}>→</Key>
		</div>
		<dl>
			{#each row.cells as cell (cell.title)}
				<dt>{cell.title}</dt>
				<dd>
					<Cell {cell} />{#if cell.says}<span class="says">{cell.says}</span>{/if}
				</dd>
			{/each}
		</dl>
		{#if !row.due}<p class="then">{row.then}</p>{/if}
	</section>
{/if}

<style>
	section {
		padding: 10px 12px;
	}
	.turn {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr) auto;
		gap: 10px;
		align-items: center;
		text-align: center;
	}
	a {
		font-size: 18px;
		font-weight: 750;
		text-decoration: underline;
		overflow-wrap: anywhere;
	}
	.turn span,
	.says {
		display: block;
		font-size: 14px;
		color: var(--soft);
	}
	dl {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr);
		margin-top: 8px;
	}
	dt,
	dd {
		padding: 7px 8px 7px 0;
		border-top: 1px solid var(--line);
	}
	dt {
		color: var(--soft);
	}
	.then {
		font-weight: 650;
	}
</style>
