<script lang="ts">
	import { replace, router } from 'svelte-spa-router';
	import Key from '../../lib/components/Key.svelte';
	import { getApp } from '../../lib/state/app.svelte';
	import LogFilters from './LogFilters.svelte';
	import LogLine from './LogLine.svelte';
	import { Listed } from './log.svelte';
	import { asked, queryOf, wantedIn } from './wanted';

	/** Every case ever: found by any piece of what somebody remembers. */
	const TYPING_MILLIS = 150;
	const SOON_MILLIS = 1500;
	const PAGE = 50;
	const app = getApp();
	const listed = new Listed();
	let wanted = $state(wantedIn(router.querystring));
	let field = $state<HTMLInputElement>();
	const { cases, next, message } = $derived(listed);
	const table = $derived(`/api/log.csv?${new URLSearchParams(asked(wanted)).toString()}`);

	$effect(() => {
		const search = $state.snapshot(wanted);
		const later = setTimeout(() => {
			const query = queryOf(search);
			void replace(query ? `/log?${query}` : '/log');
			void listed.find(search);
		}, TYPING_MILLIS);
		return () => clearTimeout(later);
	});
	$effect(() => {
		if (!cases || !listed.settling || cases.length > PAGE) return;
		const later = setTimeout(() => void listed.find(wanted), SOON_MILLIS);
		return () => clearTimeout(later);
	});
	$effect(() =>
		app.showKeys([
			['/', 'Search'],
			['↓ ↑', 'From case to case'],
			['Enter', 'Open the case']
		])
	);

	function onkeydown(event: KeyboardEvent): void {
		const typing = event.target instanceof HTMLElement && event.target.closest('input, select');
		if (event.key === '/' && !typing) {
			event.preventDefault();
			field?.focus();
		}
		if (event.key === 'ArrowDown' || event.key === 'ArrowUp') step(event, event.key === 'ArrowDown' ? 1 : -1);
	}

	/** From one case to the next; from the search field to the first. */
	function step(event: KeyboardEvent, by: number): void {
		const lines = [...document.querySelectorAll<HTMLElement>('a.line')];
		const at = lines.indexOf(document.activeElement as HTMLElement);
		if (at < 0 && document.activeElement !== field) return;
		event.preventDefault();
		if (at + by < 0) field?.focus();
		else lines[at + by]?.focus();
	}
</script>

<svelte:window {onkeydown} />

<div class="log">
	<div class="top">
		<h1>Log</h1>
		<a class="underline figures" href="#/figures">Shop figures</a>
		<a class="underline" href={table} download="dantro-log.csv">Table of what is listed</a>
	</div>
	<LogFilters bind:wanted bind:field />
	{#if message}<p role="alert">{message}</p>{/if}
	{#if cases === null && !message}<p role="status">Looking.</p>{/if}
	{#if cases?.length === 0}
		<p class="empty" role="status">
			{queryOf(wanted)
				? 'No case matches. Take a word or a filter out.'
				: 'No case yet. Start one in the Bay.'}
		</p>
	{:else if cases}
		<ol>
			{#each cases as one (one.id)}<li><LogLine {one} /></li>{/each}
		</ol>
		{#if next}<p class="more"><Key onclick={() => void listed.more(wanted)}>Older cases</Key></p>{/if}
	{/if}
</div>

<style>
	.log {
		max-width: 1280px;
		margin: 0 auto;
		padding: 16px 24px 32px;
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 12px;
	}
	.top {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
		gap: 12px;
	}
	h1 {
		font-size: 24px;
		font-weight: 800;
	}
	.figures {
		margin-left: auto;
	}
	.top a {
		min-height: 48px;
		display: inline-flex;
		align-items: center;
	}
	ol {
		display: grid;
		gap: 8px;
	}
	.empty {
		padding: 24px 0;
		font-size: 18px;
	}
	.more {
		display: grid;
		justify-content: center;
	}
	@media (max-width: 767px) {
		.log {
			padding: 10px 10px 24px;
		}
	}
	@media print {
		.more,
		.top a {
			display: none;
		}
	}
</style>
