<script lang="ts">
	import type { VehiclePage } from '../../lib/api/client';
	import { day } from '../../lib/format/when';
	import Chart from './Chart.svelte';
	import { milliohms } from './series';

	/** One joint or cable over the years, in mΩ at 20 °C. */
	type Props = { joint: VehiclePage['joints'][number] };
	let { joint }: Props = $props();
	const dots = $derived(
		joint.points.map((p) => ({
			caseId: p.caseId,
			atMs: p.atMs,
			value: p.milliohms,
			low: p.lowMilliohms,
			high: p.highMilliohms
		}))
	);
	const band = $derived({ low: joint.healthyLowMilliohms, high: joint.healthyHighMilliohms });
	const rows = $derived(
		[
			...joint.points.map((p) => ({
				atMs: p.atMs,
				words: `${milliohms(p.milliohms)} mΩ (${milliohms(p.lowMilliohms)} to ${milliohms(p.highMilliohms)})${p.ampsMeasured ? '' : ', current not measured'}`
			})),
			...joint.repairs.map((r) => ({ atMs: r.atMs, words: r.words }))
		].sort((a, b) => a.atMs - b.atMs)
	);
</script>

<figure class="card">
	<figcaption>
		<b>{joint.name}</b>
		<span class="soft">mΩ at 20 °C; healthy up to {milliohms(joint.healthyHighMilliohms)}</span>
	</figcaption>
	{#if dots.length > 0}<Chart {dots} {band} repairs={joint.repairs} words={milliohms} />{/if}
	{#if joint.drift}<p class="drift">{joint.drift}</p>{/if}
	<details>
		<summary>As a table</summary>
		<table>
			<tbody>
				{#each rows as row (row.atMs + row.words)}
					<tr><th scope="row">{day(row.atMs)}</th><td>{row.words}</td></tr>
				{/each}
			</tbody>
		</table>
	</details>
</figure>

<style>
	figure {
		padding: 12px 16px;
	}
	figcaption {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 2px 12px;
		font-size: 17px;
	}
	.soft {
		color: var(--soft);
		font-size: 15px;
	}
	.drift {
		font-weight: 700;
	}
	summary {
		display: flex;
		align-items: center;
		min-height: 48px;
		cursor: pointer;
		font-weight: 650;
	}
	th {
		padding: 2px 16px 2px 0;
		text-align: left;
		font-weight: 650;
		white-space: nowrap;
		vertical-align: top;
	}
</style>
