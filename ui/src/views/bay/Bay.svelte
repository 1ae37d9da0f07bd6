<script lang="ts">
	import { ask } from '../../lib/api/ask';
	import { api, type CaseCard } from '../../lib/api/client';
	import Key from '../../lib/components/Key.svelte';
	import Later from '../../lib/components/Later.svelte';
	import { keptFor } from '../../lib/device/kept';
	import { getApp } from '../../lib/state/app.svelte';
	import { Outbox } from '../../lib/state/outbox.svelte';
	import CaseTile from './CaseTile.svelte';

	const LOST = 'Dantro cannot be reached. Start it again with ./dantro start.';
	const SOON_MILLIS = 1500;
	let cases = $state.raw<CaseCard[] | null>(null);
	let message = $state('');
	let opening = $state(false);
	const app = getApp();
	const outbox = new Outbox(keptFor(app.database), window.fetch.bind(window), () => undefined);
	const newCase = () => import('./NewCaseDialog.svelte');
	const waiting = $derived(outbox.letters.length);
	const inWork = $derived(cases?.filter((c) => !c.over && !c.setAside) ?? []);
	const aside = $derived(cases?.filter((c) => c.setAside) ?? []);
	const closed = $derived(cases?.filter((c) => c.over && !c.setAside) ?? []);

	$effect(() => {
		let later: ReturnType<typeof setTimeout> | undefined;
		const load = async () => {
			const { data, wrong } = await ask(api.GET('/api/cases'), LOST);
			cases = data ?? null;
			message = wrong ?? '';
			if (data?.some((c) => c.behind)) later = setTimeout(() => void load(), SOON_MILLIS);
		};
		void load();
		return () => clearTimeout(later);
	});

	function onkeydown(event: KeyboardEvent): void {
		const target = event.target as HTMLElement;
		if (
			opening ||
			target.closest('input, select, textarea') ||
			event.ctrlKey ||
			event.metaKey ||
			event.altKey
		)
			return;
		if (event.key === 'n') {
			event.preventDefault();
			opening = true;
		}
	}
</script>

<svelte:window {onkeydown} />

<div class="bay">
	<div class="top">
		<h1>In work</h1>
		<span class="keys">
			<Key primary onclick={() => (opening = true)}>New case <kbd>N</kbd></Key>
		</span>
	</div>
	{#if waiting > 0}
		<p role="status">
			{waiting}
			{waiting === 1 ? 'entry waits' : 'entries wait'} to be sent.
			<a class="underline" href="#/case/{outbox.letters[0]?.caseId}">Open the case to send.</a>
		</p>
	{/if}
	{#if message}<p role="alert">{message}</p>{/if}
	{#if cases === null && !message}
		<p class="sr-only" role="status">Opening.</p>
		<ul aria-hidden="true">
			{#each [1, 2, 3] as place (place)}<li class="coming"></li>{/each}
		</ul>
	{/if}
	{#if cases && inWork.length === 0}
		<p class="empty">
			No vehicle in work. Start a case: the first reading is the battery's base voltage. What was closed
			before yesterday is in the <a class="underline" href="#/log">log</a>.
		</p>
	{/if}
	<ul>
		{#each inWork as card (card.id)}<li><CaseTile {card} /></li>{/each}
	</ul>
	{#if closed.length > 0}
		<h2>Closed since yesterday</h2>
		<ul>
			{#each closed as card (card.id)}<li><CaseTile {card} /></li>{/each}
		</ul>
	{/if}
	{#if aside.length > 0}
		<details>
			<summary>{aside.length} set aside</summary>
			<ul>
				{#each aside as card (card.id)}<li><CaseTile {card} /></li>{/each}
			</ul>
		</details>
	{/if}
</div>
<Later load={newCase} bind:open={opening} />

<style>
	.bay {
		padding: 16px 24px 32px;
		max-width: 1280px;
		margin: 0 auto;
	}
	.top {
		display: flex;
		justify-content: space-between;
		align-items: center;
		margin-bottom: 12px;
	}
	h1,
	h2 {
		font-size: 24px;
		font-weight: 800;
	}
	h2 {
		margin: 22px 0 12px;
		font-size: 20px;
	}
	ul {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(100%, 380px), 1fr));
		gap: 14px;
	}
	.coming {
		height: 150px;
		border-radius: 14px;
		background: var(--sunk);
	}
	summary {
		display: flex;
		align-items: center;
		min-height: 48px;
		margin-top: 14px;
		font-weight: 650;
		cursor: pointer;
	}
	.empty {
		font-size: 18px;
		padding: 24px 0;
	}
	kbd {
		padding: 0 6px;
		border: 1.5px solid currentColor;
		border-radius: 5px;
		font: inherit;
		font-size: 13px;
	}
	@media (max-width: 767px) {
		.bay {
			padding: 10px 10px 24px;
		}
	}
</style>
