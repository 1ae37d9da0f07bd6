<script lang="ts">
	import type { ProfileSide, ProfileStep } from '../api/client';
	import { ticksTo } from '../plot/scale';
	import type { Band, Frame } from './geometry';

	/** The drawing of a band: ticks, the healthy line, what is estimated, cliffs, the line itself. */
	type Props = { side: ProfileSide; band: Band; frame: Frame; fullScale: number };
	let { side, band, frame, fullScale }: Props = $props();
	const TICKS = 4;
	const ticks = $derived(
		ticksTo(fullScale, TICKS).flatMap((volts) => {
			const y = band.yOf(volts);
			return y === undefined ? [] : [{ volts, y }];
		})
	);
	const supply = $derived(side.side === 'SUPPLY');
	const width = $derived(frame.width);
	const colour = $derived(supply ? 'var(--supply-fill)' : 'var(--return-fill)');
	const patternId = $derived(`stripes-${side.side}`);

	function alarmed(step: ProfileStep): boolean {
		return step.standing === 'FAULTY' || step.standing === 'SUSPECT';
	}
</script>

<svg {width} height={frame.height} aria-hidden="true">
	<defs>
		<pattern
			id={patternId}
			width="14"
			height="14"
			patternUnits="userSpaceOnUse"
			patternTransform="rotate(45)"
		>
			<rect width="14" height="14" fill="var(--alarm)" />
			<rect width="6" height="14" fill="var(--alarm-ink)" />
		</pattern>
	</defs>
	{#each ticks as tick (tick.volts)}
		<line x1={frame.left - 8} x2={width - frame.right + 8} y1={tick.y} y2={tick.y} stroke="var(--line)" />
		<text
			x={supply ? frame.left - 12 : width - frame.right + 12}
			y={tick.y + 4}
			text-anchor={supply ? 'end' : 'start'}
			class="tick">{Number(tick.volts.toFixed(4))}</text
		>
	{/each}
	<path d={band.healthyLine} fill="none" stroke="var(--healthy)" stroke-width="8" stroke-linejoin="round" />
	{#each side.steps as step, i (step.part)}
		{@const at = band.steps[i]}
		{#if at}
			{#if !step.measured}
				<rect
					x={at.x - 5}
					width="10"
					y={Math.min(at.bandFrom, at.bandTo)}
					height={Math.max(1, Math.abs(at.bandTo - at.bandFrom))}
					fill={colour}
					opacity="0.25"
				/>
			{/if}
			{#if alarmed(step)}
				<rect
					x={at.x - 13}
					width="26"
					y={Math.min(at.yFrom, at.yTo) - 2}
					height={Math.abs(at.yTo - at.yFrom) + 4}
					fill={step.standing === 'FAULTY' ? `url(#${patternId})` : 'none'}
					stroke={step.standing === 'FAULTY' ? 'none' : `url(#${patternId})`}
					stroke-width="5"
				/>
			{/if}
		{/if}
	{/each}
	<path
		d={band.line}
		fill="none"
		stroke={colour}
		stroke-width="4"
		stroke-dasharray={side.steps.every((s) => s.measured) || side.wholeVolts !== undefined
			? undefined
			: '7 5'}
	/>
	{#if supply && band.points.length > 0}
		{@const last = band.points[band.points.length - 1]}
		{#if last}<line x1={last.x} x2={width} y1={last.y} y2={last.y} stroke={colour} stroke-width="4" />{/if}
	{:else}
		{@const first = band.points[0]}
		{#if first}<line x1="0" x2={first.x} y1={first.y} y2={first.y} stroke={colour} stroke-width="4" />{/if}
	{/if}
</svg>

<style>
	svg {
		position: absolute;
		inset: 0;
		overflow: hidden;
	}
	.tick {
		font-size: 12px;
		fill: var(--soft);
	}
</style>
