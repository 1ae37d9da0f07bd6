<script lang="ts">
	import type { DrawMatrix } from '../../lib/api/client';

	/** Volts against amperes of one crank: where the readings stand, and what every square means. */
	type Props = { matrix: DrawMatrix };
	let { matrix }: Props = $props();
	const DRAW = { LOW: 'current low', NORMAL: 'current normal', HIGH: 'current high' };
	const met = $derived(matrix.squares.find((s) => s.met));
</script>

<section class="card" aria-label="Volts and current while cranking">
	<h2>Volts and current while cranking</h2>
	<p>{matrix.shown}</p>
	<table>
		<thead>
			<tr>
				<td></td>
				{#each Object.values(DRAW) as words (words)}<th scope="col">{words}</th>{/each}
			</tr>
		</thead>
		<tbody>
			{#each [true, false] as held (held)}
				<tr>
					<th scope="row">{held ? 'volts hold' : 'volts too low'}</th>
					{#each matrix.squares.filter((s) => s.held === held) as square (square.draw)}
						<td class:met={square.met}
							>{#if square.met}<b aria-hidden="true">▸</b>
							{/if}{square.means}</td
						>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
	{#if met}<p><b>{met.means}.</b> {met.why} <b>Next:</b> {met.next}</p>{/if}
</section>

<style>
	section {
		display: grid;
		gap: 8px;
		padding: 12px 16px;
	}
	h2 {
		font-size: 18px;
		font-weight: 700;
	}
	table {
		width: 100%;
		border-collapse: collapse;
		table-layout: fixed;
		font-size: 14px;
	}
	th {
		text-align: left;
		font-weight: 650;
		padding: 6px;
	}
	tbody td {
		border: 1.5px solid var(--line);
		padding: 8px;
		vertical-align: top;
	}
	tbody td.met {
		background: var(--ink);
		color: var(--card);
		font-weight: 700;
	}
	@media (max-width: 767px) {
		table {
			font-size: 13px;
		}
		th,
		tbody td {
			padding: 4px;
			overflow-wrap: anywhere;
		}
	}
</style>
