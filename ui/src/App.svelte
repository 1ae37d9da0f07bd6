<script lang="ts">
	import Router, { router } from 'svelte-spa-router';
	import { AppState, setApp } from './lib/state/app.svelte';
	import Header from './lib/components/Header.svelte';
	import Alone from './views/alone/Alone.svelte';
	import Bay from './views/bay/Bay.svelte';
	import Workbench from './views/workbench/Workbench.svelte';
	import Proof from './views/proof/Proof.svelte';
	import Charging from './views/charging/Charging.svelte';
	import Circuit from './views/circuit/Circuit.svelte';
	import Limits from './views/limits/Limits.svelte';
	import Look from './views/look/Look.svelte';
	import Nowhere from './views/Nowhere.svelte';
	import Run from './views/run/Run.svelte';
	import Pair from './views/seat/Pair.svelte';
	import Seat from './views/seat/Seat.svelte';
	import Settings from './views/settings/Settings.svelte';

	const app = setApp(new AppState(window.localStorage));
	const loaded = app.load();
	const routes = {
		'/': Bay,
		'/case/:id': Workbench,
		'/case/:id/proof': Proof,
		'/case/:id/circuit': Circuit,
		'/case/:id/look': Look,
		'/case/:id/alone': Alone,
		'/case/:id/limits': Limits,
		'/case/:id/charging': Charging,
		'/seat/:id': Seat,
		'/pair/:code/:caseId?': Pair,
		'/run': Run,
		'/settings': Settings,
		'*': Nowhere
	};

	$effect(() => {
		document.documentElement.dataset.theme = app.theme;
	});
</script>

{#await loaded then}
	{#if app.me?.role === 'NONE'}
		<main><Pair /></main>
	{:else if app.me?.role === 'SEAT' && app.me.caseId}
		<main><Seat params={{ id: app.me.caseId }} /></main>
	{:else}
		<Header location={router.location} />
		<main>
			{#key router.location}
				<Router {routes} />
			{/key}
		</main>
	{/if}
{/await}
