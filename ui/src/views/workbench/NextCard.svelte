<script lang="ts">
	import type { CaseState } from '../../lib/state/case.svelte';
	import Key from '../../lib/components/Key.svelte';
	import Cautions from './Cautions.svelte';
	import EndingCard from './EndingCard.svelte';
	import PlaceAnywhere from './PlaceAnywhere.svelte';
	import ProbeCard from './ProbeCard.svelte';
	import RepairCard from './RepairCard.svelte';
	import SeatKeys from './SeatKeys.svelte';
	import Timer from './Timer.svelte';
	import ToSee from './ToSee.svelte';
	import UndoKey from './UndoKey.svelte';
	import SlipQuestion from './SlipQuestion.svelte';

	type Props = { bench: CaseState };
	let { bench }: Props = $props();
	let choosing = $state(false);
	const step = $derived(bench.step);
	const undone = $derived(
		bench.view?.statements.filter((s) => s.group === 'TWO_ENDED' && s.stated?.value === 'OPEN') ?? []
	);
	/** Nothing is to run or crank before this step is done. */
	const still = $derived(
		step?.kind === 'RESTORE' || step?.toSee.some((look) => look.topic === 'BATTERY_FROZEN')
	);
	const unseen = $derived(
		bench.view?.stage === 'FRESH' && !bench.view.statements.some((s) => s.group === 'LOOK' && s.stated)
	);
	const ownTitle = $derived(step?.kind === 'CHARGE' && !bench.entry.ownChoice ? step.title : undefined);
</script>

<section class="card next" aria-label="What to do next">
	{#if undone.length > 0 && step?.kind !== 'RESTORE'}
		<p class="undone">
			To put back: {undone.map((s) => s.title).join(', ')}. <a href="#/case/{bench.id}/look">Restored?</a>
		</p>
	{/if}
	{#if bench.moved}
		<p class="moved" role="status">
			<span>The plan has moved: <b>{bench.moved.title}</b></span>
			<Key onclick={() => bench.entry.followPlan()}><kbd>N</kbd> Go there</Key>
		</p>
	{/if}
	<SeatKeys {bench} shown="line" />
	<Timer {bench} shown="running" />
	{#if bench.asked}
		<SlipQuestion {bench} reading={bench.asked} />
	{:else if bench.entry.probe}
		<ProbeCard
			{bench}
			probe={bench.entry.probe}
			title={ownTitle}
			why={ownTitle ? step?.why : undefined}
			bind:choosing
		/>
	{:else if step?.kind === 'REPAIR'}
		<RepairCard {bench} {step} />
	{:else if step}
		<p class="kicker">{step.kind === 'CLOSE' ? 'The job can end here' : bench.view?.stageWords}</p>
		<h1>{step.title}</h1>
		{#if !(step.ending && (step.kind === 'CLOSE' || step.kind === 'DONE'))}<p>{step.why}</p>{/if}
		<EndingCard {bench} {step} />
		{#if step.kind === 'PROVE' || step.kind === 'RESTORE'}
			<ToSee {bench} {step} />
		{/if}
		{#if step.kind === 'COMPLAINT_TEST'}
			<div class="keys">
				<Key primary onclick={() => bench.record.complaintTest(true)}
					>{bench.view?.concern === 'CHARGING' ? 'Yes, it charges' : 'Yes, it cranks and starts'}</Key
				>
				<Key onclick={() => bench.record.complaintTest(false)}>No, the complaint stays</Key>
				<UndoKey {bench} />
			</div>
		{:else if step.kind === 'DONE'}
			<div class="keys">
				<Key primary href="#/case/{bench.id}/proof">See the proof</Key>
				<Key href="#/">Back to the Bay</Key>
				<UndoKey {bench} />
			</div>
		{/if}
		{#if bench.message}<p role="alert">{bench.message}</p>{/if}
		<Cautions cautions={step.cautions} />
	{/if}
	{#if bench.view && step?.kind !== 'DONE' && !bench.asked && !bench.entry.probe}
		<PlaceAnywhere {bench} {...bench.view.posts} words="Read something else first" bind:open={choosing} />
	{/if}
	{#if step?.kind !== 'DONE' && !still}<Timer {bench} shown="idle" />{/if}
	{#if unseen}
		<p class="aside"><a href="#/case/{bench.id}/look">Look first: posts, cables, grounds, fuses</a></p>
	{/if}
</section>

<style>
	.next {
		padding: 14px 18px;
		display: grid;
		gap: 10px;
		align-content: start;
	}
	.aside {
		border-top: 1px solid var(--line);
		padding-top: 8px;
		font-size: 15px;
	}
	.undone {
		border-bottom: 1px solid var(--line);
		padding-bottom: 8px;
		font-size: 16px;
		font-weight: 700;
	}
	.moved {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 10px;
		padding: 4px 4px 4px 12px;
		background: var(--sunk);
		border-left: 5px solid var(--ink);
		font-size: 16px;
	}
	.undone a,
	.aside a {
		display: inline-block;
		min-height: 24px;
		font-weight: 650;
		text-decoration: underline;
	}
	h1 {
		font-size: 23px;
		font-weight: 800;
	}
	@media (max-width: 767px) {
		.next {
			padding: 8px 10px;
		}
	}
	@media (max-height: 500px) {
		.next {
			padding: 6px 10px;
		}
	}
</style>
