<script lang="ts">
	import { MediaQuery } from 'svelte/reactivity';
	import type { Condition, MeterRange, NewReading } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import CurrentChip from './CurrentChip.svelte';
	import { volts } from '../../lib/format/si';
	import {
		CONDITION_SHORT,
		CONDITION_WORDS,
		moves,
		RANGE_WORDS,
		STATISTIC_WORDS
	} from '../../lib/format/words';

	type Props = { bench: CaseState };
	let { bench }: Props = $props();
	const narrow = new MediaQuery('max-width: 767px');
</script>

<div class="bars">
	<div class="bar" class:turns={moves(bench.entry.condition)}>
		<label class="chip dark">
			<span>Condition</span>
			<select
				id="condition"
				value={bench.entry.condition}
				onchange={(e) => bench.entry.setCondition(e.currentTarget.value as Condition)}
			>
				{#each Object.entries(narrow.current ? CONDITION_SHORT : CONDITION_WORDS) as [value, words] (value)}
					<option {value}>{words}</option>
				{/each}
			</select>
		</label>
		<CurrentChip {bench} />
		{#if moves(bench.entry.condition)}
			<label class="chip">
				<span>Value</span>
				<select
					id="statistic"
					value={bench.entry.statistic}
					onchange={(e) => bench.entry.set({ statistic: e.currentTarget.value as NewReading['statistic'] })}
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
				value={bench.entry.draft.meter ?? ''}
				onchange={(e) =>
					bench.entry.set({ meter: (e.currentTarget.value || undefined) as MeterRange | undefined })}
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

<style>
	.bars {
		container-type: inline-size;
	}
	.bar {
		display: grid;
		grid-template-columns: minmax(212px, 1.9fr) minmax(144px, 1fr) minmax(74px, 0.5fr) minmax(92px, 0.6fr);
		gap: 8px;
	}
	.bar.turns {
		grid-template-columns: minmax(212px, 1.9fr) minmax(144px, 1fr) minmax(95px, 0.6fr) minmax(74px, 0.5fr);
	}
	/* Which value is typed matters more while the starter turns; the volts stand in the profile. */
	.turns .read {
		display: none;
	}
	select,
	b {
		font-size: 15px;
		font-weight: 700;
		line-height: 1.25;
	}
	select {
		width: 100%;
		min-height: 0;
		padding: 0;
		border: 0;
		border-radius: 0;
		background: transparent;
		color: inherit;
		cursor: pointer;
		margin-left: -4px;
	}
	option {
		color: var(--ink);
		background: var(--card);
	}
	/* Where nothing may be cut off there are two rows. */
	@container (max-width: 545px) {
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
