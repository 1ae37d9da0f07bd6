<script lang="ts">
	import type { ChargingView } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import { clock, sleepPhase } from '../../lib/state/timers';
	import { workshopNow } from '../../lib/state/clock';
	import Key from '../../lib/components/Key.svelte';
	import Choice from '../look/Choice.svelte';
	import Words from '../look/Words.svelte';
	import Sign from './Sign.svelte';

	/** Battery and charging are good and it is flat in the morning: asleep, then branch by branch. */
	type Props = { bench: CaseState; charging: ChargingView };
	let { bench, charging }: Props = $props();
	const STEPS: [string, string][] = [
		['STANDING_CURRENT', 'By clamp around battery −, or the drop of a fuse over its resistance.'],
		['DRAIN_BRANCH', 'Millivolts across each fuse, nothing pulled: the one that shows some feeds the drain.'],
		['DRAIN_LIFTED', 'Battery − off, lift the B+ cable, insulate it, battery − on: does the current stop?']
	];
	let now = $state(workshopNow());
	const slept = $derived(bench.stated('SLEEP'));
	const sleeping = $derived(slept && sleepPhase(slept.value, slept.atMs, now));
	const of = (topic: string) => bench.view?.statements.find((s) => s.topic === topic);
	const lamp = $derived(of('LAMP')?.stated?.value);

	$effect(() => {
		const tick = setInterval(() => (now = workshopNow()), 1000);
		return () => clearInterval(tick);
	});
</script>

<section class="card" aria-label="Overnight drain">
	<h2>Overnight drain</h2>
	<p>
		Only once battery and charging are good. Doors latched, key away, and wait: the controllers fall asleep.
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
	{#each STEPS as [topic, how] (topic)}
		{@const asked = of(topic)}
		{#if asked}
			<div class="step">
				{#if asked.choices.length > 0}
					<Choice
						words={asked.title}
						choices={asked.choices}
						stated={asked.stated?.value}
						onstate={(value) => bench.record.state(asked.topic, value)}
					/>
				{:else}
					<Words
						words={asked.title}
						unit={asked.unit}
						stated={asked.stated?.value}
						onstate={(value) => bench.record.state(asked.topic, value)}
					/>
				{/if}
				<p class="soft">{how}</p>
			</div>
		{/if}
	{/each}
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
		While B+ is lifted battery − stays off until the cable end is insulated. An ammeter in line: no cranking,
		no loads.
	</p>
</section>

<style>
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
