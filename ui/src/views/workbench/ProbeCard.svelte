<script lang="ts">
	import { MediaQuery } from 'svelte/reactivity';
	import type { Probe } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import Key from '../../lib/components/Key.svelte';
	import Keypad from '../../lib/components/Keypad.svelte';
	import Lead from '../../lib/components/Lead.svelte';
	import Cautions from './Cautions.svelte';
	import Entry from './Entry.svelte';
	import UndoKey from './UndoKey.svelte';
	import PlaceAnywhere from './PlaceAnywhere.svelte';
	import Standby from './Standby.svelte';
	import ToSee from './ToSee.svelte';
	import WithoutClamp from './WithoutClamp.svelte';
	import { volts } from '../../lib/format/si';
	import { timeOfDay } from '../../lib/format/when';

	type Props = {
		bench: CaseState;
		probe: Probe;
		/** Overrides the probe's own title, as for charging. */ title?: string;
		why?: string;
		/** The list of all points is open. */ choosing: boolean;
	};
	let { bench, probe, title, why, choosing = $bindable() }: Props = $props();
	const standby = $derived(bench.entry.ownChoice ? [] : (bench.view?.judgement.standby ?? []));
	const fixing = $derived(bench.entry.draft.correcting);
	const touch = new MediaQuery('(pointer: coarse) or (max-width: 767px)');
</script>

<div class="probe" class:touch={touch.current}>
	<div class="words">
		<p class="kicker">
			{fixing ? 'Correcting' : bench.entry.ownChoice ? 'Your own choice' : 'Next'} · {probe.instruction}
		</p>
		{#if fixing}
			<p class="plan">
				In place of <b>{fixing.shown}</b> of {timeOfDay(fixing.takenAtMs)}, which stays on record as struck
				out.
			</p>
		{:else if bench.entry.ownChoice && bench.view}
			<p class="plan">The plan waits: <b>{bench.view.next.title}</b></p>
		{/if}
		{#if bench.entry.halfPlaced}<p class="message" role="status">
				Red is on the {bench.entry.halfPlaced}. Now tap where black goes.
			</p>{/if}
		<h1>{title ?? probe.title}</h1>
		<div class="leads">
			<Lead colour="red" name={probe.red.name} placing={probe.red.placing} />
			<Lead colour="black" name={probe.black.name} placing={probe.black.placing} />
		</div>
		{#if probe.expected}
			<p class="expected">
				A healthy vehicle reads <b>{volts(probe.expected.volts)} V</b>
				<span>({volts(probe.expected.lowVolts)} … {volts(probe.expected.highVolts)} V)</span>
			</p>
		{/if}
		<p class="outcomes">
			{#each probe.outcomes as outcome (outcome.when)}
				<span><b>{outcome.when}</b>: {outcome.means}.</span>
			{/each}
		</p>
		<p class="why">{why ?? probe.why}</p>
		<ToSee {bench} measuring />
		<WithoutClamp {bench} />
	</div>
	<div class="hands">
		<Entry {bench} />
		{#if bench.message}<p class="message" role="alert">{bench.message}</p>{/if}
		{#if bench.unsaved.length > 0}
			<p class="message" role="status">
				{bench.outbox.stuck ? `${bench.outbox.stuck} Kept here, sent when Dantro is back` : 'Saving'}:
				{bench.unsaved.map((l) => l.label).join(', ')}
			</p>
		{/if}
		<div class="keys">
			{#if !touch.current}
				<Key
					primary
					onclick={() => bench.entry.save()}
					disabled={!bench.entry.draft.text || bench.entry.halfPlaced !== null}>Save</Key
				>
			{/if}
			{#if bench.view?.simulated}
				<Key onclick={() => bench.meter.measure()} primary={touch.current && !bench.entry.draft.text}
					>Simulated meter</Key
				>
			{/if}
			<Key onclick={() => bench.entry.swap()}>Swap</Key>
			{#if bench.entry.ownChoice || bench.entry.halfPlaced}
				<Key onclick={() => bench.entry.followPlan()}>Back to the plan</Key>
			{:else}
				<UndoKey {bench} />
			{/if}
			{#if !touch.current}<PlaceAnywhere
					{bench}
					red={probe.red.id}
					black={probe.black.id}
					bind:open={choosing}
				/>{/if}
		</div>
		{#if !bench.entry.ownChoice && !touch.current}<Standby {bench} {probe} probes={standby} />{/if}
		{#if touch.current}
			<Keypad
				text={bench.entry.draft.text}
				ontype={(t) => bench.entry.type(t)}
				onsave={() => bench.entry.save()}
				disabled={!bench.entry.draft.text || bench.entry.halfPlaced !== null}
			/>
			{#if !bench.entry.ownChoice}<Standby {bench} {probe} probes={standby} />{/if}
			<PlaceAnywhere {bench} red={probe.red.id} black={probe.black.id} bind:open={choosing} />
		{/if}
	</div>
	<Cautions cautions={bench.entry.ownChoice ? probe.cautions : (bench.step?.cautions ?? [])} />
</div>

<style>
	.probe {
		display: grid;
		gap: 5px;
	}
	.plan {
		font-size: 15px;
		color: var(--soft);
	}
	h1 {
		font-size: 23px;
		font-weight: 800;
		line-height: 1.15;
	}
	.leads {
		display: grid;
		gap: 5px;
		margin: 4px 0;
	}
	.outcomes span {
		display: block;
	}
	.outcomes {
		font-size: 15px;
		line-height: 1.3;
	}
	.expected {
		font-size: 15px;
	}
	.expected span {
		color: var(--soft);
	}
	.why {
		font-size: 14px;
		color: var(--soft);
	}
	.hands {
		display: grid;
		gap: 4px;
		align-content: start;
	}
	.message {
		font-weight: 650;
		font-size: 15px;
		padding: 6px 10px;
		border-left: 5px solid var(--ink);
		background: var(--sunk);
	}
	@media (min-width: 768px), (max-height: 500px) and (min-width: 560px) {
		.probe.touch {
			grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
			column-gap: 16px;
		}
		.probe.touch :global(.cautions) {
			grid-column: 1 / -1;
		}
	}
	@media (max-width: 767px), (max-height: 500px) {
		h1 {
			font-size: 19px;
		}
		.leads {
			gap: 4px;
			margin: 4px 0;
		}
		.outcomes {
			font-size: 14px;
			line-height: 1.25;
		}
		.why {
			display: none;
		}
		.probe,
		.hands {
			gap: 6px;
		}
		.keys :global(.key) {
			flex: 1 1 0;
			padding: 0 8px;
			font-size: 15px;
		}
	}
</style>
