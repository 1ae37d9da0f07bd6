<script lang="ts">
	import Router, { router } from 'svelte-spa-router';
	import { AppState, setApp } from './lib/state/app.svelte';
	import Header from './lib/components/Header.svelte';
	import Bay from './views/bay/Bay.svelte';
	import Workbench from './views/workbench/Workbench.svelte';
	import Proof from './views/proof/Proof.svelte';
	import Circuit from './views/circuit/Circuit.svelte';
	import Limits from './views/limits/Limits.svelte';
	import Look from './views/look/Look.svelte';
	import Nowhere from './views/Nowhere.svelte';

	const app = setApp(new AppState(window.localStorage));
	const loaded = app.load();
	const routes = {
		'/': Bay,
		'/case/:id': Workbench,
		'/case/:id/proof': Proof,
		'/case/:id/circuit': Circuit,
		'/case/:id/look': Look,
		'/case/:id/limits': Limits,
		'*': Nowhere
	};

	$effect(() => {
		document.documentElement.dataset.theme = app.theme;
	});
</script>

<Header location={router.location} />
<main>
	{#await loaded then}
		{#key router.location}
			<Router {routes} />
		{/key}
	{/await}
</main>
