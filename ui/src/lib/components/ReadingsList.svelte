<script lang="ts">
	import { workshopNow } from '../state/clock';
	import type { Cranks, ReadingRow } from '../api/client';
	import { amps } from '../format/si';
	import { moment } from '../format/when';
	import Key from './Key.svelte';

	type Props = {
		readings: ReadingRow[];
		/** What several cranks say together. */ cranks: Cranks[];
		oncorrect: (reading: ReadingRow) => void;
		onmove: (reading: ReadingRow) => void;
		onstrike: (reading: ReadingRow) => void;
		onrestore: (reading: ReadingRow) => void;
	};
	let { readings, cranks, oncorrect, onmove, onstrike, onrestore }: Props = $props();
	const newestFirst = $derived(readings.toReversed());
	const now = workshopNow();
</script>

<section class="card" aria-label="Readings so far">
	<h2>Readings so far</h2>
	{#if readings.length === 0}
		<p class="empty">None yet. The first one is the battery's base voltage.</p>
	{/if}
	{#each cranks as together (together.redName + together.blackName)}
		<p class="cranks"><b>{together.redName} → {together.blackName}</b>: {together.says}</p>
	{/each}
	<ul>
		{#each newestFirst as r (r.id)}
			<li class:struck={r.state === 'STRUCK'} class:off={r.state !== 'COUNTS'} data-state={r.state}>
				<span class="volts">{r.shown}</span>
				<span class="where">
					<b>{r.redName} → {r.blackName}</b>
					<span>
						{r.conditionWords}{r.statistic === 'SETTLED' ? '' : `, ${r.statisticWords}`}{r.amps === undefined
							? ''
							: `, ${amps(r.amps)}${r.ampsKnownBy === 'clamp' ? '' : `, ${r.ampsKnownBy}`}`} · {moment(
							r.takenAtMs,
							now
						)}
						{r.source === 'SIMULATED' ? ' · simulated' : ''}
						{r.slip?.answer === 'MEANT' ? ` · typed ${r.typed}` : ''}
						{#if r.carried && r.state === 'COUNTS'}<b class="carried">{r.carried}</b>{/if}
					</span>
				</span>
				<span class="answer">
					{#if r.state === 'COUNTS'}
						{r.drop ? `${r.drop.answerWords}${r.drop.marginal ? ', marginal' : ''}` : ''}
					{:else}
						{r.stateWords}{r.strikeReason ? `: ${r.strikeReason}` : ''}
					{/if}
				</span>
				<span class="keys">
					{#if r.state === 'STRUCK'}
						<Key onclick={() => onrestore(r)} aria-label="Restore {r.shown}">Restore</Key>
					{:else}
						{#if r.state !== 'ASKED'}
							<Key onclick={() => oncorrect(r)} aria-label="Correct {r.shown}">Correct</Key>
							<Key onclick={() => onmove(r)} aria-label="Move {r.shown} to another case">Move</Key>
						{/if}
						<Key onclick={() => onstrike(r)} aria-label="Strike out {r.shown}">Strike</Key>
					{/if}
				</span>
			</li>
		{/each}
	</ul>
</section>

<style>
	section {
		padding: 12px 18px;
	}
	h2 {
		font-size: 17px;
		font-weight: 750;
	}
	.cranks {
		padding: 6px 0;
		font-size: 15px;
	}
	.cranks b::first-letter {
		text-transform: uppercase;
	}
	.carried {
		display: block;
		font-weight: 600;
		font-variant-numeric: tabular-nums;
	}
	.empty {
		padding: 10px 0;
		color: var(--soft);
	}
	li {
		display: grid;
		grid-template-columns: 6.5em minmax(0, 1fr) minmax(0, 16em) auto;
		gap: 4px 14px;
		align-items: center;
		padding: 6px 0;
		border-top: 1px solid var(--line);
	}
	.volts {
		font-size: 20px;
		font-weight: 800;
	}
	.where b::first-letter {
		text-transform: uppercase;
	}
	.where span {
		display: block;
		font-size: 14px;
		color: var(--soft);
	}
	.answer {
		font-weight: 650;
	}
	.off .volts,
	.off b {
		color: var(--soft);
		font-weight: 500;
	}
	.struck .volts,
	.struck b {
		text-decoration: line-through;
		text-decoration-thickness: 2px;
	}
	@media (max-width: 767px) {
		section {
			padding: 10px 12px;
		}
		li {
			grid-template-columns: minmax(0, 1fr) auto;
		}
		.where {
			grid-row: 2;
			grid-column: 1 / -1;
		}
		.answer {
			grid-row: 3;
			grid-column: 1 / -1;
		}
		.keys {
			grid-row: 4;
			grid-column: 1 / -1;
		}
	}
</style>
