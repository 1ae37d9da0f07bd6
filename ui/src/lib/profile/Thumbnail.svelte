<script lang="ts">
	import type { Profile } from '../api/client';
	import { fullScaleVolts, layOut } from './geometry';

	type Props = { profile: Profile; width?: number; height?: number };
	let { profile, width = 260, height = 84 }: Props = $props();
	const scale = $derived(fullScaleVolts([profile.supply, profile.returns]));
	const frame = $derived({ width: width / 2 - 8, height, left: 4, right: 4, top: 6, bottom: 6 });
	const supply = $derived(layOut(profile.supply, frame, scale));
	const returns = $derived(layOut(profile.returns, frame, scale));
	const alarms = $derived([
		...profile.supply.steps.map((s, i) => ({ s, at: supply.steps[i], dx: 0 })),
		...profile.returns.steps.map((s, i) => ({ s, at: returns.steps[i], dx: width / 2 + 8 }))
	]);
</script>

<svg viewBox="0 0 {width} {height}" role="img" aria-label="Loop profile">
	<path d={supply.healthyLine} class="healthy" />
	<path d={returns.healthyLine} class="healthy" transform="translate({width / 2 + 8} 0)" />
	{#each alarms as { s, at, dx } (s.part)}
		{#if at && s.standing === 'FAULTY'}
			<rect
				x={at.x + dx - 6}
				width="12"
				y={Math.min(at.yFrom, at.yTo)}
				height={Math.abs(at.yTo - at.yFrom) + 1}
				fill="var(--alarm)"
			/>
		{/if}
	{/each}
	<path d={supply.line} class:guess={profile.supply.wholeVolts === undefined} stroke="var(--supply-fill)" />
	<path
		d={returns.line}
		class:guess={profile.returns.wholeVolts === undefined}
		stroke="var(--return-fill)"
		transform="translate({width / 2 + 8} 0)"
	/>
	<rect x={width / 2 - 6} y="2" width="12" height={height - 4} rx="3" class="consumer" />
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
	}
	path {
		fill: none;
		stroke-width: 3;
	}
	.guess {
		stroke-dasharray: 4 4;
		stroke-width: 2;
	}
	.healthy {
		stroke: var(--healthy);
		stroke-width: 6;
	}
	.consumer {
		fill: var(--card);
		stroke: var(--strong-line);
		stroke-width: 1.5;
	}
</style>
