<script lang="ts">
	import { timeOfDay } from '../../lib/format/when';
	import { MediaQuery } from 'svelte/reactivity';
	import { getApp } from '../../lib/state/app.svelte';
	import { getCase } from '../../lib/state/case.svelte';
	import { shortcut } from '../../lib/state/shortcuts';
	import { fullScaleVolts } from '../../lib/profile/geometry';
	import { allowSound, soundSaved, stayAwake } from '../../lib/device/signals';
	import { say, spoken } from '../../lib/device/speech';
	import type { CaseView, ProfileSide } from '../../lib/api/client';
	import Consumer from '../../lib/profile/Consumer.svelte';
	import ProfileBand from '../../lib/profile/ProfileBand.svelte';
	import ProfileTable from '../../lib/profile/ProfileTable.svelte';
	import Thumbnail from '../../lib/profile/Thumbnail.svelte';
	import ConditionBar from './ConditionBar.svelte';
	import FindingsCard from './FindingsCard.svelte';
	import { act, KEYS } from './keys';
	import LoopChoice from './LoopChoice.svelte';
	import NextCard from './NextCard.svelte';
	import Taken from './Taken.svelte';

	const app = getApp();
	const bench = getCase();
	/** A phone, upright or on its side, and a tablet upright: one thing below the other. */
	const column = new MediaQuery('(max-width: 1023px) or (max-height: 500px)');
	const roomy = new MediaQuery('(min-width: 768px) and (min-height: 501px)');
	const low = new MediaQuery('(max-height: 500px)');
	const view = $derived(bench.view);
	const profile = $derived(bench.profile);
	const scale = $derived(profile ? fullScaleVolts([profile.supply, profile.returns]) : 1);
	/** What was last signalled, so that only a change makes a sound. */
	let heard: CaseView | null = null;
	const red = $derived(bench.entry.draft.red ?? bench.entry.probe?.red.id);
	const black = $derived(bench.entry.draft.red ? bench.entry.draft.black : bench.entry.probe?.black.id);

	$effect(() => app.showKeys(KEYS));

	$effect(() => stayAwake());
	$effect(() => {
		if (!view) return;
		const before = heard;
		heard = view;
		if (before && app.tones && view.readings.length > before.readings.length) {
			soundSaved(view.readings.some((r) => r.state === 'ASKED'));
		}
	});
	/** What was last spoken of; a plan that waits behind the step in hand is spoken once it is taken. */
	let told: CaseView | null = null;
	$effect(() => {
		if (!view || bench.moved) return;
		const before = told;
		told = view;
		if (app.speech) say(spoken(before, view));
	});

	function onkeydown(event: KeyboardEvent): void {
		const target = event.target as HTMLElement;
		const dialog = document.querySelector('dialog[open]') !== null;
		if (app.help || dialog || target.closest('input, select, textarea, dialog')) return;
		if (event.key === 'Enter' && target.closest('button, a, summary')) return;
		const press = shortcut(event, bench.entry.draft.text, bench.asked !== null);
		if (!press) return;
		event.preventDefault();
		if (press.do !== 'save') (document.activeElement as HTMLElement | null)?.blur();
		act(press, bench, app);
	}
</script>

<svelte:window {onkeydown} onkeyup={allowSound} onpointerup={allowSound} />

{#if view && profile}
	{#if bench.asOfMs}
		<p class="copy" role="status">
			No connection. The case as it stood at {timeOfDay(bench.asOfMs)}; what you enter is kept.
		</p>
	{/if}
	{#snippet band(side: ProfileSide, height: number)}
		<ProfileBand
			{side}
			fullScale={scale}
			amps={profile.amps}
			{height}
			{red}
			{black}
			onplace={(p) => bench.entry.place(p)}
		/>
	{/snippet}
	{#if column.current}
		<div class="phone">
			{#if roomy.current}<ConditionBar {bench} />{/if}
			{#if low.current || roomy.current}<NextCard {bench} />{/if}
			<details class="card profile" open={roomy.current}>
				<summary aria-label="Loop profile, tap to open"
					><Thumbnail {profile} width={360} height={52} /></summary
				>
				<LoopChoice {bench} {profile} />
				{@render band(profile.supply, 230)}
				<Consumer {profile} flat />
				{@render band(profile.returns, 300)}
			</details>
			{#if !roomy.current}<ConditionBar {bench} />{/if}
			{#if !low.current && !roomy.current}<NextCard {bench} />{/if}
			<LoopChoice {bench} {profile} parts only />
			<FindingsCard {view} {bench} />
		</div>
	{:else}
		<div class="bench">
			<div class="column">
				<ConditionBar {bench} />
				{@render band(profile.supply, 168)}
				<NextCard {bench} />
			</div>
			<Consumer {profile} />
			<div class="column">
				<FindingsCard {view} {bench} />
				<LoopChoice {bench} {profile} parts />
				{@render band(profile.returns, 330)}
			</div>
		</div>
	{/if}
	<div class="below">
		<Taken {bench} />
		<ProfileTable {profile} />
	</div>
{/if}

<style>
	.copy {
		padding: 6px 24px;
		font-weight: 650;
		background: var(--sunk);
		border-left: 5px solid var(--ink);
	}
	.bench {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 104px minmax(0, 1fr);
		gap: 14px;
		padding: 12px 24px 14px;
		max-width: 1640px;
		margin: 0 auto;
	}
	.bench > :global(aside) {
		margin-top: 196px;
		height: 320px;
	}
	.column {
		display: flex;
		flex-direction: column;
		gap: 8px;
		min-width: 0;
	}
	.column:last-child {
		justify-content: space-between;
		align-self: start;
		min-height: max(650px, calc(100dvh - 78px));
	}
	.below {
		display: grid;
		gap: 12px;
		padding: 0 24px 24px;
		max-width: 1640px;
		margin: 0 auto;
	}
	.phone {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 6px;
		padding: 2px 8px 8px;
	}
	.profile {
		padding: 2px 8px;
	}
	.profile summary {
		display: block;
		min-height: 48px;
		cursor: pointer;
	}
	@media (max-width: 767px) {
		.below {
			padding: 0 8px 16px;
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
