<script lang="ts">
	import type { ChargingView } from '../../lib/api/client';

	/** A side read with one lead left on a post: what was read at each stop in each condition, and what each step loses. */
	type Props = { walk: ChargingView['walks'][number] };
	let { walk }: Props = $props();
</script>

<section class="card" aria-label="Walked from the {walk.postName}">
	<h2>Walked from the {walk.postName}</h2>
	<div class="wide">
		<table>
			<thead>
				<tr>
					<th scope="col">Other lead on</th>
					{#each walk.conditions as condition (condition)}<th scope="col">{condition}</th>{/each}
					<th scope="col">What the step says</th>
				</tr>
			</thead>
			<tbody>
				{#each walk.stops as stop (stop.name)}
					<tr>
						<th scope="row" style:padding-left="{Math.min(stop.depth - 1, 6) * 8}px">{stop.name}</th>
						{#each stop.shown as shown, i (i)}<td class="shown">{shown}</td>{/each}
						<td
							>{#each stop.says as says (says)}<p>{says}</p>{/each}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<p class="soft">
		Along one way each step is the difference of two readings. Ways beside each other share the current:
		between them nothing is subtracted.
	</p>
</section>

<style>
	.wide {
		overflow-x: auto;
	}
	table {
		width: 100%;
		border-collapse: collapse;
		font-size: 15px;
	}
	th,
	td {
		padding: 8px 12px 8px 0;
		border-top: 1px solid var(--line);
		text-align: left;
		vertical-align: top;
		font-weight: 500;
	}
	thead th {
		border-top: none;
		font-size: 14px;
		color: var(--soft);
	}
	th[scope='row'],
	.shown {
		font-weight: 700;
		white-space: nowrap;
	}
</style>
