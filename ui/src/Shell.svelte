<script lang="ts">
	import Router, { push, router } from 'svelte-spa-router';
	import { wrap } from 'svelte-spa-router/wrap';
	import type { CaseView } from './lib/api/client';
	import Header from './lib/components/Header.svelte';
	import Later from './lib/components/Later.svelte';
	import NewBuild from './lib/components/NewBuild.svelte';
	import { getApp } from './lib/state/app.svelte';
	import Opening from './views/Opening.svelte';
	import { caseIn, hrefOf, keyed, viewAt, VIEWS } from './views';

	/** What stands around every view: skip link, navigation, title, the letters that open views, help. */
	type Props = {
		/** The case that is open, once it is known. */ view?: CaseView | null;
		/** Why there is none yet. */ message?: string;
	};
	let { view = null, message = '' }: Props = $props();
	const app = getApp();
	const QUIET_MILLIS = 6000;
	const keysHelp = () => import('./lib/components/KeysHelp.svelte');
	const routes = Object.fromEntries(
		VIEWS.map((v) => [v.path, wrap({ asyncComponent: v.load, loadingComponent: Opening })])
	);
	const here = $derived(viewAt(router.location));
	const caseId = $derived(caseIn(router.location));
	const letters = $derived(keyed(caseId).map((v): [string, string] => [v.key?.toUpperCase() ?? '', v.name]));
	const keys = $derived([...app.keys, ...letters]);
	let main = $state<HTMLElement>();

	// Once the page has been quiet for a while, the other views are fetched: they then open without a connection.
	$effect(() => {
		const later = setTimeout(() => {
			VIEWS.forEach((v) => void v.load());
			void keysHelp();
			void import('./views/bay/NewCaseDialog.svelte');
		}, QUIET_MILLIS);
		return () => clearTimeout(later);
	});

	function onkeydown(event: KeyboardEvent): void {
		const target = event.target as HTMLElement;
		if (here.ownKeys || event.ctrlKey || event.metaKey || event.altKey) return;
		if (target.closest('input, select, textarea, dialog')) return;
		if (event.key === '?') app.help = true;
		const to = keyed(caseId).find((v) => v.key === event.key.toLowerCase());
		if (to && to !== here) void push(hrefOf(to, caseId).slice(1));
	}

	function skip(event: MouseEvent): void {
		event.preventDefault();
		main?.focus();
	}
</script>

<svelte:window {onkeydown} />
<svelte:head>
	<title>{here.name}{view ? ` – ${view.vehicle}` : ''} – Dantro</title>
</svelte:head>

{#if !here.bare}
	<a class="skip" href="#{router.location}" onclick={skip}>Skip the navigation</a>
	<Header {here} {caseId} {view} />
{/if}
{#if app.damage}<p class="damage" role="alert">{app.damage}</p>{/if}
<NewBuild database={app.database} />
<main tabindex="-1" bind:this={main}>
	{#if caseId && !view}
		<Opening name={here.name} {message} />
	{:else}
		{#key caseId ?? router.location}
			<Router {routes} />
		{/key}
	{/if}
</main>
<Later load={keysHelp} bind:open={app.help} props={{ keys }} />

<style>
	main:focus {
		outline: none;
	}
	.skip {
		position: absolute;
		left: 8px;
		top: -60px;
		z-index: 5;
		min-height: 48px;
		padding: 12px 18px;
		background: var(--ink);
		color: var(--card);
		border-radius: 10px;
		font-weight: 700;
	}
	.skip:focus {
		top: 4px;
	}
	.damage {
		padding: 10px 24px;
		background: var(--alarm);
		color: var(--alarm-ink);
		font-weight: 700;
	}
	@media print {
		.skip {
			display: none;
		}
	}
</style>
