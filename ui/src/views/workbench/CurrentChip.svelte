<script lang="ts">
	import { MediaQuery } from 'svelte/reactivity';
	import { STILL } from '../../lib/format/words';
	import type { CaseState } from '../../lib/state/case.svelte';
	import AmmeterDialog from './AmmeterDialog.svelte';

	/** The current that flows meanwhile, and how it is measured. */
	type Props = { bench: CaseState };
	let { bench }: Props = $props();
	const narrow = new MediaQuery('max-width: 767px');
	const flows = $derived(!STILL.has(bench.entry.condition));
	const noClamp = $derived(bench.view?.statements.find((s) => s.topic === 'CLAMP')?.stated?.value === 'NO');
	const used = $derived(bench.entry.draft.ammeter);
	const millivolts = $derived(used?.how === 'CABLE_AS_SHUNT' || used?.millivoltsPerAmp !== undefined);
	const cable = $derived(bench.view?.cables.find((c) => c.id === used?.in));
	const instrument = $derived(
		(used?.how === 'CABLE_AS_SHUNT'
			? 'Drop'
			: millivolts
				? `Clamp, ${used?.millivoltsPerAmp} mV/A`
				: narrow.current
					? 'Current'
					: 'Current, clamp') + (cable ? `: ${cable.name}` : '')
	);
	/** The amperes that the typed millivolts stand for. */
	const amperes = $derived.by(() => {
		const shown = Number(bench.entry.amps.replace(',', '.'));
		if (!millivolts || !bench.entry.amps.trim() || !Number.isFinite(shown)) return null;
		return used?.how === 'CABLE_AS_SHUNT'
			? shown / (cable?.milliohms ?? NaN)
			: (shown - (used?.zero ?? 0)) / (used?.millivoltsPerAmp ?? NaN);
	});
	let choosing = $state(false);
	const missing = $derived(flows && !noClamp && bench.entry.amps.trim() === '');
</script>

<div class="chip current" class:missing>
	<label>
		<span class="what"
			>{amperes === null
				? instrument
				: `= ${Math.round(amperes)} A, ${cable ? cable.name : `${used?.millivoltsPerAmp} mV/A`}`}</span
		>
		<span class="amps">
			<input
				id="amps"
				inputmode="decimal"
				autocomplete="off"
				placeholder={!flows ? 'none flows' : noClamp && !used ? 'no clamp' : 'not read'}
				disabled={!flows}
				value={flows ? bench.entry.amps : ''}
				oninput={(e) => bench.entry.setAmps(e.currentTarget.value)}
				onkeydown={(e) => (e.key === 'Enter' || e.key === 'Escape') && e.currentTarget.blur()}
			/>
			{#if bench.entry.amps && flows}<b>{millivolts ? 'mV' : 'A'}</b>{/if}
		</span>
	</label>
	{#if flows}
		<button type="button" aria-label="How the current is measured" onclick={() => (choosing = true)}>⋯</button
		>
	{/if}
</div>

<AmmeterDialog {bench} first={noClamp ? 'SHUNT' : 'AMPERES'} bind:open={choosing} />

<style>
	.chip.current {
		grid-template-columns: minmax(0, 1fr) auto;
		padding-right: 0;
	}
	.chip.missing {
		border: 2px dashed var(--ink);
	}
	.current label {
		display: grid;
		min-width: 0;
		overflow: hidden;
	}
	.current .what {
		font-size: 12px;
		color: var(--soft);
		line-height: 1.2;
		white-space: nowrap;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.current button {
		width: 48px;
		height: 48px;
		margin: -5px 0;
		font-size: 20px;
		font-weight: 800;
		cursor: pointer;
	}
	.amps {
		display: flex;
		gap: 4px;
	}
	input,
	b {
		font-size: 15px;
		font-weight: 700;
		line-height: 1.25;
	}
	input {
		field-sizing: content;
		min-width: 2ch;
		max-width: 100%;
		background: transparent;
	}
	input::placeholder {
		color: var(--soft);
		opacity: 1;
		font-weight: 500;
	}
</style>
