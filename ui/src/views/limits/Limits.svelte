<script lang="ts">
	import { Newest } from '../../lib/api/ask';
	import { api, type LimitsView } from '../../lib/api/client';
	import { getCase } from '../../lib/state/case.svelte';
	import { getApp } from '../../lib/state/app.svelte';
	import AsSaidThen from '../../lib/components/AsSaidThen.svelte';
	import Figures from './Figures.svelte';
	import Follow from './Follow.svelte';
	import Matrix from './Matrix.svelte';
	import OwnSets from './OwnSets.svelte';
	import Rulings from './Rulings.svelte';

	const app = getApp();
	const bench = getCase();
	const view = $derived(bench.view);
	const LOST = 'Dantro cannot be reached. The limits are shown when it is back.';
	const newest = new Newest();
	let limits = $state.raw<LimitsView | null>(null);
	let message = $state('');
	const followed = $derived(limits?.followed.map((f) => f.school).filter((s) => s) ?? []);
	const parting = $derived(limits?.table.rows.filter((r) => r.parting).length ?? 0);

	$effect(() => {
		if (view) void load();
	});

	async function load(): Promise<void> {
		const asked = api.GET('/api/cases/{caseId}/limits', { params: { path: { caseId: bench.id } } });
		const answer = await newest.ask(asked, LOST);
		if (!answer) return;
		limits = answer.data ?? limits;
		message = answer.wrong ?? '';
	}
</script>

<div class="limits">
	<header class="top">
		<h1>Limits</h1>
	</header>
	{#if view}<AsSaidThen basis={view.basis} />{/if}
	{#if message}<p role="alert">{message}</p>{/if}
	{#if limits}
		<p class="lead">
			The verdict goes by the conductor's own limit at the current that flowed. The schools stand beside it{parting >
			0
				? `; they part on ${parting} of ${limits.table.rows.length} readings.`
				: '.'}
		</p>
		{#each limits.table.rows as row (row.what + row.readings.join())}
			<section class="card" aria-label={row.what}>
				<h2>{row.what} <b>{row.shown}</b></h2>
				<Rulings {row} {followed} />
				{#if row.parting}<p class="parting">{row.parting}</p>{:else if row.carried}<p>{row.carried}</p>{/if}
			</section>
		{:else}
			<section class="card">
				<h2>No reading with a limit yet</h2>
				<p>
					Read the base voltage, a whole side while cranking or under load: then every school has its say.
					<a href="#/case/{bench.id}">To the workbench</a>
				</p>
			</section>
		{/each}
		{#if limits.matrix}<Matrix matrix={limits.matrix} />{/if}
		<Figures {bench} verdicts={limits.figures} />
		<Follow
			{limits}
			by={app.device}
			onfollow={(followedNow) => (limits = limits && { ...limits, followed: followedNow })}
		/>
		<OwnSets {limits} by={app.device} onsaved={() => void load()} />
	{:else if !message}
		<p role="status">Opening the limits.</p>
	{/if}
</div>

<style>
	.limits {
		display: grid;
		gap: 12px;
		padding: 14px 24px 24px;
		max-width: 1180px;
		margin: 0 auto;
	}
	.top {
		display: flex;
		align-items: baseline;
		gap: 14px;
		flex-wrap: wrap;
	}
	h2 {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 4px 16px;
		font-size: 18px;
		font-weight: 700;
	}
	section {
		display: grid;
		gap: 8px;
		padding: 12px 16px;
	}
	a {
		font-weight: 650;
		text-decoration: underline;
	}
	.parting {
		padding: 6px 10px;
		border-left: 5px solid var(--ink);
		background: var(--sunk);
	}
	@media (max-width: 767px) {
		.limits {
			padding: 8px 8px 16px;
		}
	}
</style>
