<script lang="ts">
	import { ask } from '../../lib/api/ask';
	import { api, type ProofDetail } from '../../lib/api/client';
	import { getCase } from '../../lib/state/case.svelte';
	import AsSaidThen from '../../lib/components/AsSaidThen.svelte';
	import Key from '../../lib/components/Key.svelte';
	import Course from './Course.svelte';
	import Erase from './Erase.svelte';
	import FoundByOthers from './FoundByOthers.svelte';
	import JudgedBy from './JudgedBy.svelte';
	import Pictures from './Pictures.svelte';
	import PartGroups from './PartGroups.svelte';
	import WhatIf from '../workbench/WhatIf.svelte';
	import RepairHistory from './RepairHistory.svelte';

	const bench = getCase();
	const view = $derived(bench.view);
	const asOf = $derived(view && `${view.id} ${view.entries} ${view.judgement.preparing}`);
	let told = $state.raw<{ caseId: string; proof: ProofDetail } | null>(null);
	/** Never another case’s. */
	const detail = $derived(told?.caseId === view?.id ? told?.proof : null);
	let unknown = $state('');

	$effect(() => {
		if (view && asOf) void learn(view.id, asOf);
	});

	/** What only this page shows is worked out for who looks. */
	async function learn(caseId: string, asked: string): Promise<void> {
		const { data, wrong } = await ask(
			api.GET('/api/cases/{caseId}/proof', { params: { path: { caseId } } }),
			'Dantro cannot be reached.'
		);
		if (asked !== asOf) return;
		told = data ? { caseId, proof: data } : null;
		unknown = wrong ?? '';
	}
</script>

{#if view}
	<div class="proof">
		<div class="head">
			<div>
				<h1>{view.headline}</h1>
			</div>
			<Key primary href="#/case/{view.id}"
				>{view.next.kind === 'DONE' ? 'Workbench' : `Next: ${view.next.title}`}</Key
			>
		</div>
		<AsSaidThen basis={view.basis} />
		{#each view.judgement.doubts as doubt (doubt.reading)}
			<p class="contradiction"><b>Does not fit.</b> {doubt.sentence}</p>
		{/each}
		{#if detail?.learned}
			<p class="learned"><b>What this shop found before counts.</b> {detail.learned}</p>
		{/if}
		{#if view.judgement.whatIf}
			<section class="card" aria-label="What a repair would change">
				<WhatIf whatIf={view.judgement.whatIf} />
			</section>
		{/if}
		{#each view.contradictions as contradiction (contradiction)}
			<p class="contradiction"><b>Does not add up.</b> {contradiction}</p>
		{/each}
		<div class="columns">
			<div>
				<PartGroups {view} details={detail?.parts ?? []} {unknown} />
			</div>
			<div class="history">
				<RepairHistory
					{view}
					onwithdraw={(id) => bench.record.strike(id, 'Withdrawn')}
					onrestore={(id) => bench.record.restore(id)}
					onnext={(what) => bench.record.state('NEXT_VISIT', what)}
					onhanded={(to) => bench.record.state('HANDED_TO', to)}
				/>
				<FoundByOthers statements={view.statements} />
				<Course course={view.course} />
				<JudgedBy basis={view.basis} />
				<Pictures {view} />
				<Erase {bench} />
			</div>
		</div>
	</div>
{/if}

<style>
	.history {
		display: grid;
		gap: 12px;
		align-content: start;
	}
	.proof {
		padding: 12px 24px 32px;
		max-width: 1280px;
		margin: 0 auto;
		display: grid;
		gap: 12px;
	}
	.head {
		display: flex;
		gap: 12px 24px;
		justify-content: space-between;
		align-items: center;
	}
	.head :global(.key) {
		flex: none;
	}
	h1 {
		font-size: 24px;
		text-wrap: balance;
		font-weight: 800;
		line-height: 1.2;
	}
	.columns {
		display: grid;
		grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
		gap: 14px;
		align-items: start;
	}
	.columns > div {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 12px;
	}
	section {
		padding: 8px 18px;
	}
	.contradiction,
	.learned {
		padding: 8px 12px;
		border-left: 5px solid var(--ink);
		background: var(--sunk);
	}
	@media (max-width: 767px) {
		.head {
			flex-wrap: wrap;
		}
		.proof {
			padding: 10px;
			grid-template-columns: minmax(0, 1fr);
		}
		.columns {
			grid-template-columns: minmax(0, 1fr);
		}
		section {
			padding: 6px 12px;
		}
	}
</style>
