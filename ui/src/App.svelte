<script lang="ts">
	import { router } from 'svelte-spa-router';
	import { AppState, setApp } from './lib/state/app.svelte';
	import CasePage from './CasePage.svelte';
	import Shell from './Shell.svelte';
	import { caseIn, viewAt } from './views';

	const app = setApp(new AppState(window.localStorage));
	const loaded = app.load();
	const caseId = $derived(caseIn(router.location));

	$effect(() => {
		document.documentElement.dataset.theme = app.theme;
	});
</script>

{#snippet alone(path: string, params: Record<string, string>)}
	<main>
		{#await viewAt(path + '-').load() then { default: Only }}<Only {params} />{/await}
	</main>
{/snippet}

{#await loaded then}
	{#if app.me?.role === 'NONE'}
		{@render alone('/pair/', {})}
	{:else if app.me?.role === 'SEAT' && app.me.caseId}
		{@render alone('/seat/', { id: app.me.caseId })}
	{:else if caseId}
		{#key caseId}<CasePage id={caseId} />{/key}
	{:else}
		<Shell />
	{/if}
{/await}
