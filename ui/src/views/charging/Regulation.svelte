<script lang="ts">
	import type { ChargingView } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import { ohms, voltsAt } from '../../lib/format/si';
	import TopicField from '../look/TopicField.svelte';
	import Sign from './Sign.svelte';

	/** What regulates, what a bad wire would do to the voltage here, and the field's command. */
	type Props = { bench: CaseState; charging: ChargingView };
	let { bench, charging }: Props = $props();
	const TOPICS = [
		'FIELD_SIDE',
		'FIELD_VOLTS',
		'STRATEGY',
		'PHASE_ONE',
		'PHASE_TWO',
		'PHASE_THREE',
		'PHASE_FRAME'
	] as const;
	const SHOWN = 12;
	const separate = $derived(charging.separate);
	const topics = $derived(
		TOPICS.filter((t) => (t === 'STRATEGY' ? true : separate === t.startsWith('PHASE')))
	);
	const LEAST = 0.005;
	const signed = (v: number) => `${v >= LEAST ? '+' : v <= -LEAST ? '−' : ''}${voltsAt(Math.abs(v), 0.01)} V`;
</script>

<section class="card" aria-label="What regulates">
	<h2>{charging.sensing} <small>regulates: {charging.regulator}</small></h2>
	<p>
		What one faulty part would do here at 2000 rpm with all loads on, where a healthy vehicle holds {voltsAt(
			charging.regulatedVolts,
			0.01
		)} V at the posts. Estimates, for this circuit.
	</p>
	<table>
		<thead>
			<tr><th>Part</th><th>Too much</th><th>Battery</th><th>B+ to case</th><th>So it</th></tr>
		</thead>
		<tbody>
			{#each charging.effects.slice(0, SHOWN) as effect (effect.part)}
				<tr>
					<td>{effect.name}</td>
					<td>{ohms(effect.addedOhms)}</td>
					<td><b>{signed(effect.postsVolts)}</b></td>
					<td>{signed(effect.outputVolts)}</td>
					<td>{effect.says}</td>
				</tr>
			{:else}
				<tr><td colspan="5">No single part of this circuit moves the voltage by 0.05 V.</td></tr>
			{/each}
		</tbody>
	</table>
</section>
<section class="card" aria-label="Command and generator">
	<h2>{separate ? 'Generator' : 'Field command'}</h2>
	{#each charging.regulation as figure (figure.what)}
		<p class="figure">
			<Sign sign={figure.sign} />
			<span><b>{figure.what}: {figure.shown}.</b> {figure.says}</span>
		</p>
	{/each}
	<div class="fields">
		{#each topics as topic (topic)}
			<TopicField {bench} {topic} />
		{/each}
	</div>
	<p class="soft">
		{separate
			? 'All three pairs at one speed, the plug off. Then its own output and ground wires, before the box is named.'
			: 'Read the field pin against the side that is switched. Do not drive the field fully without a load, and only as the maker allows.'}
	</p>
</section>

<style>
	table {
		font-size: 15px;
		border-collapse: collapse;
	}
	th,
	td {
		padding: 4px 10px 4px 0;
		text-align: left;
		vertical-align: top;
		border-top: 1px solid var(--line);
	}
	td:nth-child(2),
	td:nth-child(3),
	td:nth-child(4) {
		white-space: nowrap;
		font-variant-numeric: tabular-nums;
	}
	.fields {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
		gap: 0 16px;
	}
	@media (max-width: 767px) {
		table {
			font-size: 13.5px;
		}
		th:nth-child(4),
		td:nth-child(4) {
			display: none;
		}
	}
</style>
