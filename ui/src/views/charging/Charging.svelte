<script lang="ts">
	import { push } from 'svelte-spa-router';
	import { Newest } from '../../lib/api/ask';
	import { api, type ChargingView, type Condition } from '../../lib/api/client';
	import { getCase } from '../../lib/state/case.svelte';
	import AsSaidThen from '../../lib/components/AsSaidThen.svelte';
	import Key from '../../lib/components/Key.svelte';
	import { shortcut } from '../../lib/state/shortcuts';
	import SlipQuestion from '../workbench/SlipQuestion.svelte';
	import FeedCheck from './FeedCheck.svelte';
	import GroundTree from './GroundTree.svelte';
	import Loaded from './Loaded.svelte';
	import Output from './Output.svelte';
	import Drain from './Drain.svelte';
	import Pile from './Pile.svelte';
	import PostWalk from './PostWalk.svelte';
	import Regulation from './Regulation.svelte';

	const bench = getCase();
	const view = $derived(bench.view);
	const PARTS = [
		['feed', 'Feed check'],
		['loaded', 'Loaded drops'],
		['ground', 'Grounds and walks'],
		['pile', 'Carbon pile'],
		['output', 'Current and ripple'],
		['regulation', 'Regulation'],
		['drain', 'Overnight drain']
	] as const;
	const LOST = 'Dantro cannot be reached. The charging side is shown when it is back.';
	const newest = new Newest();
	let charging = $state.raw<ChargingView | null>(null);
	let part = $state<(typeof PARTS)[number][0]>('feed');
	let message = $state('');

	$effect(() => {
		if (view) void load();
	});

	async function load(): Promise<void> {
		const asked = api.GET('/api/cases/{caseId}/charging', { params: { path: { caseId: bench.id } } });
		const answer = await newest.ask(asked, LOST);
		if (!answer) return;
		charging = answer.data ?? charging;
		message = answer.wrong ?? '';
	}

	/** A question is answered by its letter where it stands, once the cursor is out of the fields. */
	function onkeydown(event: KeyboardEvent): void {
		const asked = bench.asked;
		if (!asked || (event.target as HTMLElement).closest('input, select, textarea')) return;
		const press = shortcut(event, '', true);
		const choice = press?.do === 'answer' ? asked.slip?.choices[press.index] : undefined;
		if (!choice) return;
		event.preventDefault();
		bench.record.answer(asked.id, choice.answer);
	}

	/** Takes a pair of points to the workbench, where it is read. */
	function read(pair: { red: string; black: string; condition: Condition }): void {
		void bench.entry.aim(pair);
		void push(`/case/${bench.id}`);
	}
</script>

<svelte:window {onkeydown} />

<div class="charging">
	<header class="top">
		<div>
			<h1>Charging side</h1>
			{#if charging}<p>{charging.sensing}</p>{/if}
		</div>
		<Key primary href="#/case/{bench.id}">To the workbench</Key>
	</header>
	{#if message || bench.message}<p role="alert" class="message">{message || bench.message}</p>{/if}
	{#if bench.asked}
		<section class="card" aria-label="Question"><SlipQuestion {bench} reading={bench.asked} /></section>
	{/if}
	{#if charging && view}
		<AsSaidThen basis={view.basis} />
		{#if charging.charges}
			<div class="parts" role="group" aria-label="Parts of the charging side">
				{#each PARTS as [value, words] (value)}
					<button type="button" aria-pressed={part === value} onclick={() => (part = value)}>{words}</button>
				{/each}
			</div>
			{#if part === 'feed'}<FeedCheck {bench} {charging} onread={read} />
			{:else if part === 'loaded'}<Loaded {bench} {charging} onread={read} />
			{:else if part === 'ground'}
				<GroundTree {charging} onread={read} />
				{#each charging.walks as walk (walk.postName)}<PostWalk {walk} />{/each}
			{:else if part === 'pile'}<Pile {bench} {charging} />
			{:else if part === 'output'}<Output {bench} {charging} />
			{:else if part === 'regulation'}<Regulation {bench} {charging} />
			{:else}<Drain {bench} {charging} />{/if}
		{:else}
			<section class="card">
				<h2>No alternator in this circuit</h2>
				<p>Add one in the <a href="#/case/{bench.id}/circuit">circuit</a> to work on the charging side.</p>
			</section>
		{/if}
	{:else if !message}
		<p role="status">Opening the charging side.</p>
	{/if}
</div>

<style>
	/* What the parts of this view have in common. */
	.charging :global(section.card) {
		display: grid;
		gap: 8px;
		padding: 14px 16px;
	}
	.charging :global(h2) {
		font-size: 18px;
		font-weight: 750;
	}
	.charging :global(h2 small) {
		padding-left: 8px;
		font-size: 15px;
		font-weight: 600;
		color: var(--soft);
	}
	.charging :global(p.figure) {
		display: grid;
		grid-template-columns: 90px minmax(0, 1fr);
		gap: 10px;
		font-size: 15px;
	}
	.charging :global(.soft) {
		font-size: 14px;
		color: var(--soft);
	}
	.charging :global(p a) {
		font-weight: 650;
		text-decoration: underline;
	}
	.charging {
		display: grid;
		gap: 12px;
		padding: 14px 24px 24px;
		max-width: 1180px;
		margin: 0 auto;
	}
	.top {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: center;
		gap: 8px 14px;
	}
	.parts {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	.parts button {
		min-height: 48px;
		padding: 0 16px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--card);
		font-size: 16px;
		font-weight: 650;
		cursor: pointer;
	}
	.parts button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--card);
		border-color: var(--ink);
	}
	@media (max-width: 767px) {
		.charging {
			padding: 8px 8px 16px;
		}
	}
</style>
