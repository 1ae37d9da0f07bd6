<script lang="ts">
	import type { CaseView } from '../api/client';
	import { getApp } from '../state/app.svelte';
	import { hrefOf, VIEWS, type View } from '../../views';
	import VehicleName from './VehicleName.svelte';

	type Props = { here: View; caseId?: string | undefined; view: CaseView | null };
	let { here, caseId, view }: Props = $props();
	const app = getApp();
	const SETTINGS = '/settings';
	const workshop = $derived(
		VIEWS.filter((v) => v.place === 'workshop' && v.path !== SETTINGS && (!caseId || v.path === '/'))
	);
	const settings = VIEWS.filter((v) => v.path === SETTINGS);
	const ofCase = $derived(VIEWS.filter((v) => v.place === 'case' && (!view || !v.fits || v.fits(view))));
</script>

{#snippet link(to: View)}
	<a href={hrefOf(to, caseId)} aria-current={to === here ? 'page' : undefined}>{to.name}</a>
{/snippet}

<header class:of-case={caseId}>
	<a class="brand" href="#/">Dantro</a>
	<nav class="workshop" aria-label="Workshop">
		{#each workshop as to (to.path)}{@render link(to)}{/each}
	</nav>
	{#if caseId}
		<nav class="case" aria-label="This case">
			{#each ofCase as to (to.path)}{@render link(to)}{/each}
		</nav>
		<p class="vehicle">
			{#if view}<VehicleName name={view.vehicle} /> <span title={view.complaint}>{view.complaint}</span>{/if}
		</p>
	{/if}
	<nav class="settings" aria-label="Settings">
		{#each settings as to (to.path)}{@render link(to)}{/each}
	</nav>
	<button class="help" onclick={() => (app.help = true)} aria-label="Keys of this view">?</button>
	<button class="theme" onclick={() => app.toggleTheme()}>
		{app.theme === 'day' ? 'Dark bay' : 'Daylight'}
	</button>
</header>

<style>
	header {
		display: flex;
		align-items: stretch;
		gap: 0 16px;
		min-height: 52px;
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
	.workshop {
		flex: 1;
	}
	.of-case .workshop {
		flex: none;
	}
	.vehicle {
		flex: 1;
		justify-content: flex-end;
		gap: 10px;
		min-width: 0;
	}
	.vehicle span {
		flex: 0 99 auto;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		color: var(--soft);
	}
	.help,
	.theme {
		min-width: 48px;
		justify-content: center;
		color: var(--soft);
		white-space: nowrap;
		cursor: pointer;
	}
	.help {
		font-weight: 750;
	}
	nav a {
		flex: none;
		display: flex;
		align-items: center;
		justify-content: center;
		height: 100%;
		min-width: 48px;
		padding: 0 9px;
		font-size: 16px;
		white-space: nowrap;
		color: var(--soft);
		border: solid transparent;
		border-width: 4px 0;
	}
	nav a[aria-current] {
		color: var(--ink);
		font-weight: 700;
		border-bottom-color: var(--ink);
	}
	/* Two rows: the vehicle above, the views of its case below. */
	@media (max-width: 1179px) {
		.of-case {
			flex-wrap: wrap;
			gap: 0 4px;
			padding: 0 8px;
		}
		.of-case > * {
			min-height: 48px;
		}
		.of-case .brand {
			display: none;
		}
		.of-case .vehicle {
			justify-content: flex-start;
			padding: 0 4px;
		}
		.of-case .case {
			order: 1;
			flex: 0 0 100%;
			justify-content: space-between;
			overflow-x: auto;
			min-height: 50px;
			border-top: 1px solid var(--line);
		}
	}
	@media (max-width: 767px) {
		header {
			gap: 0 4px;
			padding: 0 8px;
		}
		.brand,
		.help,
		.of-case .vehicle span {
			display: none;
		}
		nav a,
		.theme {
			padding: 0 4px;
			font-size: 14px;
		}
	}
	/* A phone on its side has no height to give away. */
	@media (max-height: 500px) and (min-width: 640px) {
		.of-case {
			flex-wrap: nowrap;
			padding: 0 8px;
		}
		.of-case .case {
			order: 0;
			flex: none;
			border-top: 0;
		}
		.help,
		.of-case .brand,
		.of-case .vehicle span {
			display: none;
		}
		nav a,
		.theme {
			padding: 0 5px;
			font-size: 14px;
		}
	}
	@media print {
		nav,
		button {
			display: none !important;
		}
	}
</style>
