<script lang="ts">
	import type { VehiclePage } from '../../lib/api/client';
	import { day } from '../../lib/format/when';
	import Chart from './Chart.svelte';

	/** A voltage at the posts, visit by visit. */
	type Props = { figure: VehiclePage['figures'][number] };
	let { figure }: Props = $props();
	const words = (value: number) => value.toFixed(figure.unit.startsWith('V') ? 2 : 1);
	const dots = $derived(figure.points.map((p) => ({ ...p, low: p.value, high: p.value })));
</script>

<figure class="card">
	<figcaption><b>{figure.title}</b>, {figure.unit}</figcaption>
	{#if dots.length > 1}<Chart {dots} {words} />{/if}
	<p class="soft">
		{figure.points.map((p) => `${day(p.atMs)}: ${words(p.value)} ${figure.unit}`).join(' · ')}
	</p>
</figure>

<style>
	figure {
		padding: 12px 16px;
	}
	.soft {
		color: var(--soft);
		font-size: 15px;
	}
</style>
