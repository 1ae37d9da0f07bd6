<script lang="ts">
	import type { CircuitPart, CircuitRun } from '../../lib/api/client';
	import type { AreaUnit } from '../../lib/format/cable';
	import { volts } from '../../lib/format/si';
	import type { CircuitState } from '../../lib/state/circuit.svelte';
	import PartLine from './PartLine.svelte';

	type Props = {
		run: CircuitRun;
		circuit: CircuitState;
		unit: AreaUnit;
		onsize: (part: CircuitPart, allowedVolts: number) => void;
	};
	let { run, circuit, unit, onsize }: Props = $props();
</script>

<section class="card">
	<div class="head">
		<h2>{run.title}</h2>
		{#if run.totalVolts !== undefined}
			<p class="total">
				<b>{volts(run.totalVolts)} V</b> in all, healthy{run.kind === 'STARTING_SUPPLY'
					? ', without the contacts'
					: ''}
			</p>
		{/if}
		{#if run.limits.length > 0}
			<p class="limits">
				{#each run.limits as limit (limit.school)}
					<span
						>{limit.kept ? '✓' : '✕'}
						{limit.school}
						{volts(limit.volts)} V{limit.kept ? '' : ': fails this healthy circuit'}</span
					>
				{/each}
			</p>
		{/if}
	</div>
	<table>
		<thead>
			<tr>
				<th>Part</th><th>Inside</th><th>Far point</th><th class="number">Cranking</th><th class="number"
					>Charging</th
				><th><span class="sr-only">More</span></th>
			</tr>
		</thead>
		<tbody>
			{#each run.parts as part (part.id)}
				<PartLine {part} {circuit} {unit} onsize={() => onsize(part, part.shareVolts ?? 0.1)} />
			{/each}
		</tbody>
	</table>
</section>

<style>
	section {
		padding: 12px 18px;
	}
	.head {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 18px;
		align-items: baseline;
		padding-bottom: 8px;
	}
	h2 {
		font-size: 19px;
		font-weight: 780;
	}
	.total b {
		font-size: 19px;
	}
	.limits {
		display: flex;
		flex-wrap: wrap;
		gap: 2px 14px;
		flex-basis: 100%;
		font-size: 14px;
		color: var(--soft);
	}
	table {
		width: 100%;
		table-layout: fixed;
		border-collapse: collapse;
	}
	th {
		text-align: left;
		font-size: 14px;
		font-weight: 600;
		color: var(--soft);
		padding: 4px 8px 4px 0;
	}
	th:nth-child(2) {
		width: 30%;
	}
	th:nth-child(3) {
		width: 11%;
	}
	th:nth-child(4),
	th:nth-child(5) {
		width: 13%;
	}
	th:nth-child(6) {
		width: 58px;
	}
	@media (max-width: 767px) {
		section {
			padding: 10px;
		}
		thead {
			display: none;
		}
		table,
		tbody {
			display: block;
		}
	}
</style>
