<script lang="ts">
	import { workshopNow } from '../../lib/state/clock';
	import type { CaseState } from '../../lib/state/case.svelte';
	import {
		buildUpPhase,
		clock,
		crankPhase,
		pilePhase,
		restsSeconds,
		surfacePhase
	} from '../../lib/state/timers';
	import { soundStop } from '../../lib/device/signals';
	import { RUNNING } from '../../lib/format/words';
	import SeatKeys from './SeatKeys.svelte';
	import Key from '../../lib/components/Key.svelte';

	/** Counts from a moment on record, so that a reload or another screen shows the same. */
	type Props = {
		bench: CaseState;
		/** What runs stands on top of the card; what may be begun, below. */ shown: 'running' | 'idle';
	};
	let { bench, shown }: Props = $props();
	let now = $state(workshopNow());
	const crank = $derived(bench.stated('CRANK'));
	const surface = $derived(bench.stated('SURFACE_CHARGE'));
	const cranking = $derived(
		crank && bench.view ? crankPhase(crank.value, crank.atMs, now, bench.view.crankTime) : null
	);
	const removing = $derived(surface && surfacePhase(surface.value, surface.atMs, now));
	const pile = $derived(bench.stated('PILE_RUN'));
	const piling = $derived(pile && pilePhase(pile.value, pile.atMs, now));
	const pileOn = $derived(pile?.value === 'START' && piling !== null && piling !== undefined);
	const pilePlanned = $derived(
		bench.entry.condition === 'PILE_ALTERNATOR' || bench.entry.condition === 'PILE_STARTER'
	);
	const built = $derived(bench.stated('BUILD_UP'));
	const building = $derived(built && buildUpPhase(built.value, built.atMs, now, bench.view?.glows ?? false));
	const cranked = $derived(bench.entry.condition === 'CRANKING' || bench.entry.condition === 'START_ATTEMPT');
	const asked = $derived(
		bench.entry.condition === 'ENGINE_OFF_LOAD' ||
			(bench.step?.toSee.some((look) => look.topic === 'SURFACE_CHARGE') ?? false)
	);
	/** The seat's line counts this crank already. */
	const ordered = $derived(bench.line.seat?.joined === true && bench.line.seat.order === 'CRANK');
	const rests = $derived(restsSeconds(bench.view?.crankTime.restsUntilMs, now) > 0);
	const running = $derived(crank?.value === 'START' && cranking !== null);

	/** Whoever screws it on has to take it off: it is asked for before the case closes. */
	function pileStarts(): void {
		if (bench.stated('PILE_ON')?.value !== 'OPEN') bench.record.state('PILE_ON', 'OPEN');
		bench.record.state('PILE_RUN', 'START');
	}

	const overdue = $derived(pileOn && piling?.now === true);

	$effect(() => {
		if (overdue && shown === 'running') soundStop();
	});
	$effect(() => {
		const tick = setInterval(() => (now = workshopNow()), 500);
		return () => clearInterval(tick);
	});
</script>

{#if shown === 'running'}
	{#if cranking && !ordered}
		<div class="timer" class:stop={cranking.now} role="timer" aria-label="Crank timer">
			<b>{cranking.words}</b> <span class="left">{clock(cranking.seconds)}</span>
			{#if running}<Key primary onclick={() => bench.record.state('CRANK', 'STOP')}>Stop</Key>{/if}
		</div>
	{/if}
	{#if piling}
		<div class="timer" class:stop={piling.now} role="timer" aria-label="Pile timer">
			<b>{piling.words}</b> <span class="left">{clock(piling.seconds)}</span>
			{#if pileOn}<Key primary onclick={() => bench.record.state('PILE_RUN', 'STOP')}>It is off</Key>{/if}
		</div>
	{/if}
	{#if building}
		<div class="timer" class:stop={building.now} role="timer" aria-label="Build-up timer">
			<b>{building.words}</b>
			{#if !building.now}<span class="left">{clock(building.seconds)}</span>{/if}
		</div>
	{/if}
	{#if removing}
		<div class="timer" class:stop={removing.now} role="timer" aria-label="Surface charge timer">
			<b>{removing.words}</b>
			{#if !removing.now}<span class="left">{clock(removing.seconds)}</span>{/if}
		</div>
	{/if}
{:else}
	<div class="keys">
		{#if cranked && !running && !rests}
			<Key onclick={() => bench.record.state('CRANK', 'START')}>Time the crank</Key>
		{/if}
		{#if RUNNING.has(bench.entry.condition) && !building}
			<Key onclick={() => bench.record.state('BUILD_UP', 'START')}>Engine started: wait for the voltage</Key>
		{/if}
		{#if pilePlanned && !pileOn}
			<Key onclick={pileStarts}>Pile is on: start the timer</Key>
		{/if}
		<SeatKeys {bench} shown="invite" />
		{#if asked && !removing}
			<Key onclick={() => bench.record.state('SURFACE_CHARGE', 'START')}>Load is on: start the timer</Key>
		{/if}
	</div>
{/if}

<style>
	/* In sight wherever the page was scrolled to. */
	.timer {
		position: sticky;
		top: 0;
		z-index: 1;
		background: var(--card);
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 4px 12px;
		font-size: 17px;
	}
	.keys:empty {
		display: none;
	}
	.left {
		font-size: 24px;
		font-weight: 800;
	}
	.stop {
		z-index: 2;
		padding: 4px 10px;
		border: 3px solid var(--ink);
		border-radius: 10px;
	}
</style>
