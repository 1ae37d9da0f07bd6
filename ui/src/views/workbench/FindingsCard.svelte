<script lang="ts">
	import type { CaseView } from '../../lib/api/client';
	import AsSaidThen from '../../lib/components/AsSaidThen.svelte';
	import { STANDING_SIGN } from '../../lib/format/words';

	import type { CaseState } from '../../lib/state/case.svelte';
	import DoubtQuestion from './DoubtQuestion.svelte';
	import HereBefore from './HereBefore.svelte';
	import Suspects from './Suspects.svelte';

	type Props = { view: CaseView; bench: CaseState };
	let { view, bench }: Props = $props();
	const judged = $derived(!view.judgement.preparing && view.judgement.ranked.length > 0);
	/** Some part is suspect or faulty by what was measured beside the volts, which no bar shows. */
	const alarmed = $derived(view.parts.some((p) => p.standing === 'FAULTY' || p.standing === 'SUSPECT'));
	/** A suspect that is ranked above needs no second line. */
	const ranked = $derived(new Set(view.judgement.ranked.map((r) => r.part)));
	const components = $derived(
		view.parts
			.filter((p) => p.kind === 'component' && p.standing !== 'NOT_PROVEN')
			.filter((p) => p.standing !== 'SUSPECT' || !ranked.has(p.id))
			.slice(0, 2)
	);
	const RANK = { FAULTY: 0, SUSPECT: 1, NOT_PROVEN: 2, CLEARED: 3 };
	const SHOWN_SUSPECTS = 2;
	/** Where the symptom points is said until the readings say more. */
	const FIRST_READINGS = 2;
	const suspects = $derived(view.parts.filter((p) => p.standing === 'SUSPECT' && p.kind !== 'component'));
	const more = $derived(Math.max(0, suspects.length - SHOWN_SUSPECTS));
	const notable = $derived(
		view.parts
			.filter(
				(p) =>
					p.standing === 'FAULTY' || p.kind === 'component' || suspects.slice(0, SHOWN_SUSPECTS).includes(p)
			)
			.toSorted((a, b) => RANK[a.standing] - RANK[b.standing])
	);
	const skipped = $derived(
		view.course.calls.filter((c) => c.state === 'SKIPPED').map((c) => c.words.toLowerCase())
	);
	const cleared = $derived(view.parts.filter((p) => p.standing === 'CLEARED').length);
	const counting = $derived(view.readings.filter((r) => r.state === 'COUNTS').length);
</script>

<section class="card says" aria-label="What the readings say" data-judged={!view.judgement.preparing}>
	<p class="kicker">What the readings say</p>
	<h2>{view.headline}</h2>
	<AsSaidThen basis={view.basis} />
	<HereBefore caseId={view.id} onreplaced={() => bench.record.state('ODOMETER_REPLACED', 'YES')} />
	{#if view.judgement.preparing}
		<p class="count" role="status">Saved. What all readings say together is being worked out.</p>
	{/if}
	{#each view.judgement.doubts.slice(0, 1) as doubt (doubt.reading)}
		<DoubtQuestion {bench} {doubt} />
	{/each}
	{#each judged ? [] : view.contradictions as contradiction (contradiction)}
		<p class="contradiction"><b>Does not add up.</b> {contradiction}</p>
	{/each}
	{#if judged || (!view.judgement.preparing && counting > 0 && !alarmed)}
		<Suspects judgement={view.judgement} />
	{/if}
	<ul>
		{#each judged ? components : notable as part (part.id)}
			<li>
				<span class="name">{part.name}</span>
				<span class="standing"
					><span aria-hidden="true">{STANDING_SIGN[part.standing]}</span> {part.standingWords}</span
				>
			</li>
		{/each}
		{#if more > 0 && !judged}<li class="count">and {more} more suspects</li>{/if}
	</ul>
	{#if counting < FIRST_READINGS}
		{#each view.course.branches as branch (branch)}<p class="branch">{branch}</p>{/each}
	{/if}
	{#if skipped.length > 0 && counting > 0}
		<p class="count">Passed over so far: {skipped.join(', ')}.</p>
	{/if}
	<div class="foot">
		<p class="count">
			{counting}
			{counting === 1 ? 'reading counts' : 'readings count'}, {cleared} of {view.parts.length} parts cleared.
		</p>
		<a class="evidence" href="#/case/{view.id}/proof">All the evidence</a>
	</div>
</section>

<style>
	.branch {
		padding: 6px 0;
		font-size: 15px;
	}
	.says {
		padding: 14px 20px 4px;
		display: grid;
		gap: 6px;
	}
	h2 {
		font-size: 18px;
		font-weight: 750;
		line-height: 1.25;
	}
	li {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 12px;
		min-height: 32px;
		border-top: 1px solid var(--line);
	}
	.name {
		font-weight: 650;
	}
	.name::first-letter {
		text-transform: uppercase;
	}
	.standing {
		white-space: nowrap;
	}
	.contradiction {
		padding: 6px 10px;
		border-left: 5px solid var(--ink);
		background: var(--sunk);
		font-size: 14.5px;
	}
	.count {
		font-size: 14px;
		color: var(--soft);
	}
	.foot {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 12px;
		border-top: 1px solid var(--line);
	}
	.evidence {
		display: flex;
		align-items: center;
		min-height: 48px;
		font-weight: 650;
		text-decoration: underline;
		white-space: nowrap;
	}
</style>
