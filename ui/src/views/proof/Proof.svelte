<script lang="ts">
	import type { Part } from '../../lib/api/client';
	import { getCase } from '../../lib/state/case.svelte';
	import AsSaidThen from '../../lib/components/AsSaidThen.svelte';
	import Key from '../../lib/components/Key.svelte';
	import Course from './Course.svelte';
	import FoundByOthers from './FoundByOthers.svelte';
	import JudgedBy from './JudgedBy.svelte';
	import Pictures from './Pictures.svelte';
	import PartRow from './PartRow.svelte';
	import WhatIf from '../workbench/WhatIf.svelte';
	import RepairHistory from './RepairHistory.svelte';

	const bench = getCase();
	const view = $derived(bench.view);
	const alarmed = $derived(
		view?.parts
			.filter((p) => p.standing === 'FAULTY' || p.standing === 'SUSPECT')
			.toSorted((a, b) => (b.probability ?? 0) - (a.probability ?? 0)) ?? []
	);
	type Group = { name: string; tone: string; has: (part: Part) => boolean };
	const STARTING: Group[] = [
		{ name: 'Battery', tone: '', has: (p) => p.device === 'BATTERY' },
		{ name: 'Supply side', tone: 'supply', has: (p) => p.side === 'SUPPLY' },
		{ name: 'Starter', tone: '', has: (p) => p.device === 'STARTER' },
		{ name: 'Return side', tone: 'return', has: (p) => p.side === 'RETURN' },
		{ name: 'Charging, grounds and control', tone: '', has: () => true }
	];
	const CHARGING: Group[] = [
		{ name: 'Alternator', tone: '', has: (p) => p.device === 'ALTERNATOR' },
		{ name: 'Charging, supply side', tone: 'supply', has: (p) => p.chargingSide === 'SUPPLY' },
		{ name: 'Charging, return side', tone: 'return', has: (p) => p.chargingSide === 'RETURN' },
		{ name: 'Battery', tone: '', has: (p) => p.device === 'BATTERY' },
		{ name: 'Starting, grounds and control', tone: '', has: () => true }
	];
	const groups = $derived(view ? grouped(view.parts, view.concern === 'CHARGING' ? CHARGING : STARTING) : []);

	/** Every part once: what is alarming first, then in the first group that has it. */
	function grouped(parts: Part[], groups: Group[]): { name: string; tone: string; parts: Part[] }[] {
		const calm = parts.filter((p) => !alarmed.includes(p));
		return [
			{ name: 'Faulty or suspect', tone: '', parts: alarmed },
			...groups.map((group) => ({
				name: group.name,
				tone: group.tone,
				parts: calm.filter((p) => groups.find((g) => g.has(p)) === group)
			}))
		];
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
				{#each groups.filter((g) => g.parts.length > 0) as group (group.name)}
					<section class="card" aria-label={group.name}>
						<h2 class={group.tone}>{group.name}</h2>
						<ul>
							{#each group.parts as part (part.id)}
								<li><PartRow {part} readings={view.readings} /></li>
							{/each}
						</ul>
					</section>
				{/each}
			</div>
			<div class="history">
				<RepairHistory
					{view}
					onwithdraw={(id) => bench.record.strike(id, 'Withdrawn')}
					onrestore={(id) => bench.record.restore(id)}
				/>
				<FoundByOthers statements={view.statements} />
				<Course course={view.course} />
				<JudgedBy basis={view.basis} />
				<Pictures {view} />
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
	h2 {
		font-size: 16px;
		font-weight: 750;
		padding: 4px 0;
	}
	.supply {
		color: var(--supply);
	}
	.return {
		color: var(--return);
	}
	.contradiction {
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
