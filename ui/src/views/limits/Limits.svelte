<script lang="ts">
	import { push } from 'svelte-spa-router';
	import { api, problemText, type LimitsView } from '../../lib/api/client';
	import { getApp } from '../../lib/state/app.svelte';
	import { caseOf } from '../../lib/state/case.svelte';
	import { followCase } from '../../lib/state/follow.svelte';
	import AsSaidThen from '../../lib/components/AsSaidThen.svelte';
	import KeysHelp from '../../lib/components/KeysHelp.svelte';
	import Figures from './Figures.svelte';
	import Follow from './Follow.svelte';
	import Matrix from './Matrix.svelte';
	import OwnSets from './OwnSets.svelte';
	import Rulings from './Rulings.svelte';

	type Props = { params: { id: string } };
	let { params }: Props = $props();
	const app = getApp();
	// svelte-ignore state_referenced_locally
	const bench = caseOf(params.id, app);
	const view = $derived(bench.view);
	const KEYS: [string, string][] = [['O, W, P, B', 'Look, Workbench, Proof, Bay']];
	let limits = $state.raw<LimitsView | null>(null);
	let message = $state('');
	let help = $state(false);
	const followed = $derived(limits?.followed.map((f) => f.school).filter((s) => s) ?? []);
	const parting = $derived(limits?.table.rows.filter((r) => r.parting).length ?? 0);

	$effect(() => {
		void bench.load();
		void load();
		return followCase(bench.id, () => {
			void bench.load();
			void load();
		});
	});

	async function load(): Promise<void> {
		try {
			const { data, error } = await api.GET('/api/cases/{caseId}/limits', {
				params: { path: { caseId: bench.id } }
			});
			if (data) limits = data;
			else message = problemText(error);
		} catch {
			message = 'Dantro cannot be reached. The limits are shown when it is back.';
		}
	}

	function onkeydown(event: KeyboardEvent): void {
		const target = event.target as HTMLElement;
		if (target.closest('input, select, textarea, dialog') || event.ctrlKey || event.metaKey) return;
		if (event.key === 'o') void push(`/case/${bench.id}/look`);
		else if (event.key === 'w') void push(`/case/${bench.id}`);
		else if (event.key === 'p') void push(`/case/${bench.id}/proof`);
		else if (event.key === 'b') void push('/');
		else if (event.key === '?') help = true;
	}
</script>

<svelte:window {onkeydown} />

<div class="limits">
	<header class="top">
		<h1>Limits</h1>
		{#if view}<p>{view.vehicle}, {view.complaint}</p>{/if}
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
<KeysHelp bind:open={help} keys={KEYS} />

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
	h1 {
		font-size: 24px;
		font-weight: 800;
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
