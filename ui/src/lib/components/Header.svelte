<script lang="ts">
	import { getApp } from '../state/app.svelte';

	type Props = { location: string };
	let { location }: Props = $props();
	const app = getApp();
	const caseId = $derived(/^\/case\/([^/]+)/.exec(location)?.[1]);
	const links = $derived([
		{ href: '#/', name: 'Bay', here: location === '/' },
		...(caseId
			? [
					{ href: `#/case/${caseId}/look`, name: 'Look', here: location.endsWith('/look') },
					{ href: `#/case/${caseId}`, name: 'Workbench', here: location === `/case/${caseId}` },
					{ href: `#/case/${caseId}/proof`, name: 'Proof', here: location.endsWith('/proof') },
					{ href: `#/case/${caseId}/limits`, name: 'Limits', here: location.endsWith('/limits') },
					{ href: `#/case/${caseId}/circuit`, name: 'Circuit', here: location.endsWith('/circuit') }
				]
			: [])
	]);
</script>

<header>
	<a class="brand" href="#/">Dantro</a>
	<nav aria-label="Views">
		{#each links as link (link.name)}
			<a href={link.href} aria-current={link.here ? 'page' : undefined}>{link.name}</a>
		{/each}
	</nav>
	<a
		class="theme settings"
		class:away={caseId}
		href="#/settings"
		aria-current={location === '/settings' ? 'page' : undefined}>Settings</a
	>
	<button class="theme" onclick={() => app.toggleTheme()}>
		{app.theme === 'day' ? 'Dark bay' : 'Daylight'}
	</button>
</header>

<style>
	header {
		display: flex;
		align-items: stretch;
		gap: 20px;
		height: 52px;
		padding: 0 24px;
		background: var(--card);
		border-bottom: 1px solid var(--line);
	}
	header > * {
		display: flex;
		align-items: center;
	}
	.brand {
		font-size: 22px;
		font-weight: 850;
	}
	nav {
		gap: 4px;
		flex: 1;
	}
	nav a {
		display: flex;
		align-items: center;
		height: 100%;
		min-width: 48px;
		padding: 0 10px;
		font-size: 16px;
		color: var(--soft);
		border-bottom: 4px solid transparent;
	}
	nav a[aria-current] {
		color: var(--ink);
		font-weight: 700;
		border-color: var(--ink);
	}
	.theme {
		min-width: 48px;
		padding: 0 8px;
		color: var(--soft);
		cursor: pointer;
	}
	/* Beside a case's title there is no room for it. */
	.settings.away {
		display: none;
	}
	@media (max-width: 767px) {
		header {
			gap: 4px;
			padding: 0 8px;
			height: 50px;
		}
		.brand {
			display: none;
		}
		nav a {
			padding: 0 4px;
			min-width: 40px;
			font-size: 15px;
		}
		nav {
			gap: 0;
			min-width: 0;
			justify-content: space-between;
		}
		.theme {
			font-size: 14px;
		}
	}
</style>
