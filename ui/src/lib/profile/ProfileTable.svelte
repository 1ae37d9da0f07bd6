<script lang="ts">
	import type { Profile } from '../api/client';
	import { volts } from '../format/si';
	import { STANDING_WORDS } from '../format/words';

	type Props = { profile: Profile };
	let { profile }: Props = $props();
	const sides = $derived([
		{ name: 'Supply side', side: profile.supply },
		{ name: 'Return side', side: profile.returns }
	]);
</script>

<details class="card">
	<summary>The loop profile as a table</summary>
	<table>
		<caption class="sr-only">Volts lost in each part at {Math.round(profile.amps)} A</caption>
		<thead>
			<tr><th>Part</th><th>Volts lost</th><th>How known</th><th>Healthy, at most</th><th>Standing</th></tr>
		</thead>
		{#each sides as { name, side } (name)}
			<tbody>
				<tr><th colspan="5" scope="rowgroup">{name}</th></tr>
				{#each side.steps as step (step.part)}
					<tr>
						<td>{step.name}</td>
						<td>{volts(step.volts)} V</td>
						<td
							>{step.measured
								? 'measured'
								: `estimate, ${volts(step.lowVolts)} to ${volts(step.highVolts)} V`}</td
						>
						<td>{volts(step.healthyUpperVolts)} V</td>
						<td>{STANDING_WORDS[step.standing]}</td>
					</tr>
				{/each}
			</tbody>
		{/each}
	</table>
</details>

<style>
	details {
		padding: 0 16px;
		overflow-x: auto;
	}
	summary {
		min-height: 48px;
		display: flex;
		align-items: center;
		font-weight: 650;
		cursor: pointer;
	}
	table {
		width: 100%;
		border-collapse: collapse;
		margin-bottom: 12px;
		font-size: 15px;
	}
	th {
		text-align: left;
		padding: 6px 10px 6px 0;
	}
	td {
		padding: 4px 10px 4px 0;
		border-top: 1px solid var(--line);
	}
</style>
