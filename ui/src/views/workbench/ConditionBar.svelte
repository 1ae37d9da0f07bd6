<script lang="ts">
	import { MediaQuery } from 'svelte/reactivity';
	import type { Condition, MeterRange, NewReading } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import AmmeterDialog from './AmmeterDialog.svelte';
	import { volts } from '../../lib/format/si';
	import {
		CONDITION_SHORT,
		CONDITION_WORDS,
		moves,
		RANGE_WORDS,
		STATISTIC_WORDS,
		STILL
	} from '../../lib/format/words';

	type Props = { bench: CaseState };
	let { bench }: Props = $props();
	const narrow = new MediaQuery('max-width: 767px');
	const flows = $derived(!STILL.has(bench.condition));
	const noClamp = $derived(bench.view?.statements.find((s) => s.topic === 'CLAMP')?.stated?.value === 'NO');
	const used = $derived(bench.draft.ammeter);
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
		const shown = Number(bench.amps.replace(',', '.'));
		if (!millivolts || !bench.amps.trim() || !Number.isFinite(shown)) return null;
		return used?.how === 'CABLE_AS_SHUNT'
			? shown / (cable?.milliohms ?? NaN)
			: (shown - (used?.zero ?? 0)) / (used?.millivoltsPerAmp ?? NaN);
	});
	let choosing = $state(false);
	const missing = $derived(flows && !noClamp && bench.amps.trim() === '');
</script>

<div class="bars">
	<div class="bar" class:turns={moves(bench.condition)}>
		<label class="chip dark">
			<span>Condition</span>
			<select
				id="condition"
				value={bench.condition}
				onchange={(e) => bench.setCondition(e.currentTarget.value as Condition)}
			>
				{#each Object.entries(narrow.current ? CONDITION_SHORT : CONDITION_WORDS) as [value, words] (value)}
					<option {value}>{words}</option>
				{/each}
			</select>
		</label>
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
						value={flows ? bench.amps : ''}
						oninput={(e) => bench.setAmps(e.currentTarget.value)}
						onkeydown={(e) => (e.key === 'Enter' || e.key === 'Escape') && e.currentTarget.blur()}
					/>
					{#if bench.amps && flows}<b>{millivolts ? 'mV' : 'A'}</b>{/if}
				</span>
			</label>
			{#if flows}
				<button type="button" aria-label="How the current is measured" onclick={() => (choosing = true)}
					>⋯</button
				>
			{/if}
		</div>
		{#if moves(bench.condition)}
			<label class="chip">
				<span>Value</span>
				<select
					id="statistic"
					value={bench.statistic}
					onchange={(e) => bench.setStatistic(e.currentTarget.value as NewReading['statistic'])}
				>
					{#each Object.entries(STATISTIC_WORDS) as [value, words] (value)}
						<option {value}>{words}</option>
					{/each}
				</select>
			</label>
		{/if}
		<label class="chip range">
			<span>Range</span>
			<select
				id="range"
				value={bench.draft.meter ?? ''}
				onchange={(e) => bench.setMeter((e.currentTarget.value || undefined) as MeterRange | undefined)}
			>
				<option value="">auto</option>
				{#each Object.entries(RANGE_WORDS) as [value, words] (value)}
					<option {value}>{words}</option>
				{/each}
			</select>
		</label>
		<div class="chip read">
			<span>{bench.profile?.loop === 'CHARGING' ? 'B+ to case' : 'At the posts'}</span>
			<b>{bench.profile?.sourceVolts === undefined ? 'not read' : `${volts(bench.profile.sourceVolts)} V`}</b>
		</div>
	</div>
</div>

<AmmeterDialog {bench} bind:open={choosing} />

<style>
	.chip.current {
		grid-template-columns: minmax(0, 1fr) auto;
		padding-right: 0;
	}
	.current label {
		display: grid;
		min-width: 0;
		overflow: hidden;
	}
	.current .what {
		color: var(--soft);
		line-height: 1.2;
		white-space: nowrap;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.current button {
		width: 44px;
		height: 48px;
		margin: -5px 0;
		font-size: 20px;
		font-weight: 800;
		cursor: pointer;
	}
	.bars {
		container-type: inline-size;
	}
	.bar {
		display: grid;
		grid-template-columns: 1.95fr 1.45fr 0.72fr 0.88fr;
		gap: 8px;
	}
	.bar.turns {
		grid-template-columns: 1.9fr 1.45fr 1fr 0.75fr;
	}
	/* Which value is typed matters more while the starter turns; the volts stand in the profile. */
	.turns .read {
		display: none;
	}
	.chip {
		display: grid;
		gap: 0;
		min-height: 48px;
		padding: 4px 10px;
		min-width: 0;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--card);
		font-size: 13px;
		align-content: center;
	}
	.chip > span:first-child {
		color: var(--soft);
		line-height: 1.2;
	}
	.chip.dark {
		background: var(--ink);
		color: var(--card);
		border-color: var(--ink);
	}
	.chip.dark > span:first-child {
		color: inherit;
	}
	.chip.missing {
		border: 2px dashed var(--ink);
	}
	select,
	input,
	b {
		font-size: 15.5px;
		font-weight: 700;
		line-height: 1.25;
	}
	select {
		width: 100%;
		background: transparent;
		cursor: pointer;
		margin-left: -4px;
	}
	option {
		color: var(--ink);
		background: var(--card);
	}
	.amps {
		display: flex;
		gap: 4px;
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
	/* Where nothing may be cut off there are two rows. */
	@container (max-width: 519px) {
		.bar,
		.bar.turns {
			grid-template-columns: 1.25fr 1fr;
		}
	}
	@media (max-width: 767px) {
		.bar,
		.bar.turns {
			grid-template-columns: 1.25fr 1.2fr 0.9fr;
		}
		.read,
		.turns .range {
			display: none;
		}
	}
	@container (max-width: 330px) {
		.bar,
		.bar.turns {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
