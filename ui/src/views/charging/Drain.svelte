<script lang="ts">
	import type { ChargingView, Topic } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import { clock, sleepPhase } from '../../lib/state/timers';
	import { workshopNow } from '../../lib/state/clock';
	import Key from '../../lib/components/Key.svelte';
	import TopicField from '../look/TopicField.svelte';
	import Sign from './Sign.svelte';

	/** Battery and charging are good and it is flat in the morning: asleep, then branch by branch. */
	type Props = { bench: CaseState; charging: ChargingView };
	let { bench, charging }: Props = $props();
	const ASLEEP: [string, string][] = [
		[
			'STANDING_CURRENT',
			'By clamp around battery −, or in series with battery −. It is said in days to half a charge.'
		],
		[
			'DRAIN_BRANCH',
			'Millivolts across each fuse, nothing pulled: pulling one wakes its modules. The one that shows some feeds the drain.'
		]
	];
	const LIFTED: [string, string][] = [
		['BATTERY_LIFTED', 'Battery − off.'],
		[
			'OUTPUT_LIFTED',
			'B+ off its stud and insulated. Then battery − back through the meter: nobody cranks or opens a door.'
		],
		['DRAIN_LIFTED', 'Does the current stop with B+ lifted? Then it runs back through the diodes.']
	];
	const DIODES: [string, string][] = [
		['DIODES_FORWARD', 'Battery − off again. As the meter shows it: 0.445, 445, OL.'],
		['DIODES_REVERSE', 'The leads the other way round: an open line.']
	];
	let now = $state(workshopNow());
	const slept = $derived(bench.stated('SLEEP'));
	const sleeping = $derived(slept && sleepPhase(slept.value, slept.atMs, now));
	const lamp = $derived(bench.stated('LAMP')?.value);

	$effect(() => {
		const tick = setInterval(() => (now = workshopNow()), 1000);
		return () => clearInterval(tick);
	});
</script>

<section class="card" aria-label="Overnight drain">
	<h2>Overnight drain</h2>
	<p>
		Only once battery and charging are good. Bonnet latch closed by hand, doors shut, key well away, and wait:
		the modules fall asleep.
	</p>
	{#if sleeping}
		<p class="timer" role="timer" aria-label="Sleep timer">
			<b>{sleeping.words}</b>
			{#if !sleeping.now}<span class="left">{clock(sleeping.seconds)}</span>{/if}
		</p>
	{:else}
		<p>
			<Key primary onclick={() => bench.record.state('SLEEP', 'START')}
				>Locked and left alone: start 20 min</Key
			>
		</p>
	{/if}
	{#snippet steps(list: [string, string][])}
		{#each list as [topic, how] (topic)}
			<div class="step">
				<TopicField {bench} topic={topic as Topic} />
				<p class="soft">{how}</p>
			</div>
		{/each}
	{/snippet}
	<h3>Asleep</h3>
	{@render steps(ASLEEP)}
	<h3>B+ in its order</h3>
	{@render steps(LIFTED)}
	<h3>Diodes</h3>
	{#if bench.stated('BATTERY_LIFTED')?.value === 'OPEN'}
		{@render steps(DIODES)}
	{:else}
		<p>Only with battery − off: tick it above first. A diode test on a live B+ tests the meter’s fuse.</p>
	{/if}
	{#if lamp === 'DIM'}
		<p class="figure">
			<Sign sign="SUSPECT" /><span>The charge lamp glows dimly: that belongs to diodes.</span>
		</p>
	{/if}
	{#each charging.drain as figure (figure.what)}
		<p class="figure">
			<Sign sign={figure.sign} />
			<span><b>{figure.what}: {figure.shown}.</b> {figure.says}</span>
		</p>
	{/each}
	<p class="soft">
		An ammeter in line carries no crank and no loads: nobody turns the key before battery − is back.
	</p>
</section>

<style>
	h3 {
		padding-top: 8px;
		border-top: 1px solid var(--line);
		font-size: 16px;
		font-weight: 750;
	}
	.step {
		display: grid;
		gap: 2px;
	}
	.timer {
		font-size: 18px;
	}
	.left {
		font-size: 24px;
		font-weight: 800;
		padding-left: 8px;
	}
	.figure {
		display: grid;
		grid-template-columns: 90px minmax(0, 1fr);
		gap: 10px;
	}
</style>
