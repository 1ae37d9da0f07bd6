<script lang="ts">
	import type { VehiclePage } from '../../lib/api/client';
	import { day } from '../../lib/format/when';

	/** The parts that were fitted, each from one replacement to the next. */
	type Props = { lives: VehiclePage['lives'] };
	let { lives }: Props = $props();
</script>

<div class="scroll card">
	<table>
		<thead
			><tr><th scope="col">Part</th><th scope="col">Fitted</th><th scope="col">Replaced again</th></tr></thead
		>
		<tbody>
			{#each lives as life (life.caseId + life.name + life.fittedAtMs)}
				<tr>
					<th scope="row"><a class="underline" href="#/case/{life.caseId}">{life.name}</a></th>
					<td>{day(life.fittedAtMs)}{life.fittedOdometer ? `, ${life.fittedOdometer}` : ''}</td>
					<td>
						{life.untilAtMs ? day(life.untilAtMs) : 'still in'}{life.untilOdometer
							? `, ${life.untilOdometer}`
							: ''}
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>

<style>
	.scroll {
		overflow-x: auto;
		padding: 8px 14px;
	}
	table {
		width: 100%;
		border-collapse: collapse;
	}
	th,
	td {
		padding: 6px 10px 6px 0;
		text-align: left;
		vertical-align: baseline;
	}
	thead th {
		color: var(--soft);
		font-weight: 600;
	}
	tbody th {
		font-weight: 700;
	}
	tbody th::first-letter {
		text-transform: uppercase;
	}
	a {
		display: inline-flex;
		align-items: center;
		min-height: 48px;
	}
</style>
