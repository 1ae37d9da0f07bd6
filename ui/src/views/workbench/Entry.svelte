<script lang="ts">
	import type { CaseState } from '../../lib/state/case.svelte';
	import { milliohms, voltsAt } from '../../lib/format/si';
	import { bumpsOf, parseTyped } from '../../lib/format/typed';

	type Props = { bench: CaseState };
	let { bench }: Props = $props();
	const milli = $derived(/m/i.test(bench.entry.draft.text));
	const digits = $derived(bench.entry.draft.text.replace(/\s*m?v?$/i, '').replace('-', '−'));
	const bumps = $derived(bumpsOf(bench.entry.draft.text));
	const several = $derived(bumps.map(parseTyped));
	const typed = $derived(several.length === 1 ? (several[0] ?? null) : null);
	const amps = $derived(Number(bench.entry.draft.amps.replace(',', '.')));
	const oneSide = $derived.by(() => {
		const { view } = bench;
		const { probe } = bench.entry;
		return [view?.profile.supply, view?.profile.returns].some(
			(s) => s?.points.some((p) => p.id === probe?.red.id) && s.points.some((p) => p.id === probe?.black.id)
		);
	});
	const meaning = $derived(
		typed && oneSide && bench.entry.condition === 'CRANKING' && amps > 0 && typed.volts > 0
			? `${milliohms(typed.volts / amps)} at ${amps} A`
			: ''
	);
</script>

<div class="entry" role="group" aria-label="Reading">
	<output class:several={several.length > 1}>{digits || '–'}</output>
	<span class="unit">{milli ? 'mV' : 'V'}</span>
	<span class="side">
		{#if several.length > 1 && several.every((bump) => bump !== null)}
			<span>saves {several.length} bumps</span>
		{:else if bench.entry.draft.text && !typed}
			<b>not a voltage yet</b>
		{:else if typed}
			<span
				>saves {voltsAt(typed.volts, typed.resolutionVolts)} V{bench.entry.draft.simulated
					? ', simulated'
					: ''}</span
			>
			<b>{meaning}</b>
		{:else}
			<span class="hint">type what the meter shows</span>
		{/if}
	</span>
</div>

<style>
	.entry {
		display: flex;
		align-items: center;
		gap: 12px;
		min-height: 64px;
		padding: 2px 16px;
		border: 2.5px solid var(--strong-line);
		border-radius: 12px;
		background: var(--card);
	}
	output {
		font-size: 42px;
		font-weight: 850;
		line-height: 1.2;
		white-space: nowrap;
	}
	.several {
		font-size: 28px;
		word-spacing: 0.25em;
		white-space: normal;
	}
	.unit {
		font-size: 26px;
		color: var(--soft);
	}
	.side {
		margin-left: auto;
		display: grid;
		text-align: right;
		font-size: 15px;
	}
	.hint {
		color: var(--soft);
	}
	@media (max-width: 767px) {
		.entry {
			min-height: 56px;
			padding: 0 12px;
		}
		output {
			font-size: 34px;
		}
		.unit {
			font-size: 20px;
		}
	}
	@media (max-height: 500px) {
		.entry {
			min-height: 46px;
		}
		output {
			font-size: 28px;
		}
	}
</style>
