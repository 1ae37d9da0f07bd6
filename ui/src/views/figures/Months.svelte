<script lang="ts">
	import type { ShopFigures } from '../../lib/api/client';
	import { monthWords } from './period';

	/** Month by month, the newest first: cases and how many of them were verified as bars, the rest as numbers. */
	type Props = { months: ShopFigures['months'] };
	let { months }: Props = $props();
	const most = $derived(Math.max(1, ...months.map((m) => m.cases)));
	const newest = $derived(months.toReversed());
</script>

<section class="card" aria-label="Month by month">
	<h2>Month by month</h2>
	<div class="scroll">
		<table>
			<thead>
				<tr>
					<th scope="col">Month</th>
					<th scope="col" class="number">Cases</th>
					<th scope="col" class="number">Verified</th>
					<th scope="col" class="bar"
						><span class="key whole"></span> cases <span class="key part"></span> verified</th
					>
					<th scope="col" class="number">Readings</th>
					<th scope="col" class="number">Cranks</th>
				</tr>
			</thead>
			<tbody>
				{#each newest as month (month.month)}
					<tr>
						<th scope="row">{monthWords(month.month)}</th>
						<td class="number">{month.cases}</td>
						<td class="number">{month.verified}</td>
						<td class="bar">
							<span class="whole" style:width="{(100 * month.cases) / most}%">
								<span class="part" style:width="{(100 * month.verified) / month.cases}%"></span>
							</span>
						</td>
						<td class="number">{month.ended > 0 ? month.readings : '–'}</td>
						<td class="number">{month.ended > 0 ? month.cranks : '–'}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
</section>

<style>
	section {
		padding: 12px 18px;
	}
	.scroll {
		overflow-x: auto;
	}
	h2 {
		margin-bottom: 6px;
		font-size: 18px;
		font-weight: 800;
	}
	table {
		width: 100%;
		border-collapse: collapse;
	}
	th,
	td {
		padding: 5px 12px 5px 0;
		text-align: left;
		white-space: nowrap;
	}
	thead th {
		color: var(--soft);
		font-weight: 600;
	}
	.number {
		width: 1%;
		text-align: right;
	}
	.bar {
		min-width: 160px;
	}
	.whole {
		display: block;
		height: 16px;
		border-radius: 4px;
		background: var(--line);
	}
	.part {
		display: block;
		height: 100%;
		border-radius: 4px;
		background: var(--return-fill);
	}
	.key.whole,
	.key.part {
		display: inline-block;
		width: 14px;
		height: 14px;
		margin-left: 8px;
		min-width: 0;
		min-height: 0;
		padding: 0;
		border: 0;
		vertical-align: middle;
	}
</style>
