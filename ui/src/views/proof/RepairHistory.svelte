<script lang="ts">
	import { workshopNow } from '../../lib/state/clock';
	import type { CaseView } from '../../lib/api/client';
	import { volts } from '../../lib/format/si';
	import { moment } from '../../lib/format/when';
	import Key from '../../lib/components/Key.svelte';
	import Recheck from './Recheck.svelte';
	import Words from '../look/Words.svelte';

	type Props = {
		view: CaseView;
		onwithdraw: (id: string) => void;
		onrestore: (id: string) => void;
		onnext: (what: string) => void;
		onhanded: (to: string) => void;
	};
	let { view, onwithdraw, onrestore, onnext, onhanded }: Props = $props();
	const next = $derived(view.statements.find((s) => s.topic === 'NEXT_VISIT'));
	const hands = $derived(view.statements.find((s) => s.topic === 'HANDED_TO'));
	const now = workshopNow();
	const wiring = $derived(new Set(view.parts.filter((p) => p.kind !== 'component').map((p) => p.id)));
</script>

<section class="card" aria-label="Repair and retest">
	<h2>Repair and retest</h2>
	{#if view.repairs.length === 0}
		<p class="soft">
			No repair yet. A part is repaired once it is proven faulty; the retest follows in the same condition.
		</p>
	{/if}
	{#each view.repairs as repair (repair.id)}
		<div class="entry" class:struck={repair.struck}>
			<p><b class="cap">{repair.partName}</b> {repair.actionWords}</p>
			{#if repair.note}<p>{repair.note}</p>{/if}
			<p class="soft">{moment(repair.doneAtMs, now)}, {repair.doneBy}{repair.struck ? ', withdrawn' : ''}</p>
			{#if !repair.struck}
				<!-- Nothing is read across a device: what was foretold of it tells. -->
				{#if wiring.has(repair.part)}<p>
						Before <b>{repair.before ?? 'not read'}</b>, after
						<b>{repair.after ?? 'not read yet'}</b>
					</p>{/if}
				<Key onclick={() => onwithdraw(repair.id)}>Withdraw</Key>
			{:else}
				<Key onclick={() => onrestore(repair.id)}>Restore</Key>
			{/if}
		</div>
	{/each}
	{#if view.judgement.retests.length > 0}
		<ul class="entry foretold" aria-label="Foretold and read">
			{#each view.judgement.retests as check (check.words)}
				<li>
					<span>{check.words}</span>
					<span
						>predicted <b>{volts(check.predictedVolts)} V</b>, {check.measuredVolts === undefined
							? 'not read yet'
							: `measured ${volts(check.measuredVolts)} V`}</span
					>
				</li>
			{/each}
		</ul>
	{/if}
	{#each view.tests as test (test.id)}
		<div class="entry" class:struck={test.struck}>
			<p><b>Complaint's own test: {test.passed ? 'passed' : 'not passed'}</b></p>
			<p class="soft">{moment(test.doneAtMs, now)}, {test.doneBy}{test.struck ? ', withdrawn' : ''}</p>
			{#if test.struck}
				<Key onclick={() => onrestore(test.id)}>Restore</Key>
			{:else}
				<Key onclick={() => onwithdraw(test.id)}>Withdraw</Key>
			{/if}
		</div>
	{/each}
	<p class="stage">{view.stageWords}</p>
	{#if view.setAside}
		<p class="soft">
			This case is set aside{next?.stated ? `; at the next visit: ${next.stated.value}` : ''}.
		</p>
		<Key onclick={() => onrestore(view.id)}>Take it up again</Key>
	{:else}
		{#if next}<Words words={next.title} stated={next.stated?.value} onstate={onnext} />{/if}
		<Recheck caseId={view.id} words={next?.stated?.value ?? ''} />
		{#if hands}<Words words={hands.title} stated={hands.stated?.value} onstate={onhanded} />{/if}
		<Key onclick={() => onwithdraw(view.id)}>Set this case aside</Key>
	{/if}
</section>

<style>
	section {
		padding: 12px 18px;
		display: grid;
		gap: 10px;
	}
	h2 {
		font-size: 16px;
		font-weight: 750;
	}
	.entry {
		display: grid;
		gap: 4px;
		border-top: 1px solid var(--line);
		padding-top: 8px;
		justify-items: start;
	}
	.foretold {
		font-size: 15px;
		justify-items: stretch;
	}
	.foretold li {
		display: grid;
	}
	.foretold li span:first-child {
		color: var(--soft);
	}
	.foretold li span::first-letter {
		text-transform: uppercase;
	}
	.struck p {
		color: var(--soft);
		text-decoration: line-through;
	}
	.cap {
		display: inline-block;
	}
	.soft {
		color: var(--soft);
		font-size: 15px;
	}
	.stage {
		font-size: 18px;
		font-weight: 800;
	}
</style>
