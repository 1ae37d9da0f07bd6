<script lang="ts">
	import { day } from '../../lib/format/when';
	import { drawn, HEIGHT, type Dot } from './series';

	/** Values of visits over the years, with the healthy band behind and repairs between. Its table stands beside it. */
	type Props = {
		dots: Dot[];
		band?: { low: number; high: number };
		repairs?: { atMs: number; words: string }[];
		words: (value: number) => string;
	};
	let { dots, band, repairs = [], words }: Props = $props();
	const USUAL_WIDTH = 560;
	let width = $state(USUAL_WIDTH);
	const at = $derived(drawn(dots, width, band));
	const top = $derived(at.y.of(at.y.high));
	const place = $derived((value: number) => (at.beyond(value) ? top : at.y.of(value)));
	/** A line joins what no repair lies between. */
	const lines = $derived(
		dots.slice(1).flatMap((dot, n) => {
			const before = dots[n];
			if (!before || repairs.some((r) => r.atMs >= before.atMs && r.atMs <= dot.atMs)) return [];
			return [{ before, dot }];
		})
	);
</script>

<div bind:clientWidth={width}>
	<svg viewBox="0 0 {width} {HEIGHT}" aria-hidden="true">
		{#if band}
			<rect
				x={at.left}
				width={at.right - at.left}
				y={at.y.of(Math.min(band.high, at.y.high))}
				height={at.y.of(Math.max(band.low, at.y.low)) - at.y.of(Math.min(band.high, at.y.high))}
				class="band"
			/>
		{/if}
		{#each at.y.ticks as tick (tick)}
			<line x1={at.left} x2={at.right} y1={at.y.of(tick)} y2={at.y.of(tick)} class="grid" />
			<text x={at.left - 8} y={at.y.of(tick) + 5} class="end">{words(tick)}</text>
		{/each}
		{#each at.years as year (year.at)}
			<text x={year.at} y={HEIGHT - 6} class="middle">{year.words}</text>
		{/each}
		{#each repairs as repair (repair.atMs)}
			<line x1={at.x(repair.atMs)} x2={at.x(repair.atMs)} y1={top} y2={at.bottom} class="repair" />
		{/each}
		{#each lines as { before, dot } (dot.atMs)}
			<line
				x1={at.x(before.atMs)}
				y1={place(before.value)}
				x2={at.x(dot.atMs)}
				y2={place(dot.value)}
				class="line"
			/>
		{/each}
		{#each dots as dot (dot.caseId + dot.atMs)}
			<g>
				<title>{day(dot.atMs)}: {words(dot.value)}</title>
				{#if at.beyond(dot.value)}
					<path d="M {at.x(dot.atMs) - 7} {top + 12} l 7 -12 l 7 12 z" class="dot" />
					<text x={at.x(dot.atMs) - 12} y={top + 14} class="end far">{words(dot.value)}</text>
				{:else}
					<line
						x1={at.x(dot.atMs)}
						x2={at.x(dot.atMs)}
						y1={at.y.of(dot.low)}
						y2={at.y.of(dot.high)}
						class="interval"
					/>
					<circle cx={at.x(dot.atMs)} cy={at.y.of(dot.value)} r="5" class="dot" />
				{/if}
			</g>
		{/each}
	</svg>
</div>

<style>
	svg {
		display: block;
		width: 100%;
	}
	text {
		font-size: 14px;
		fill: var(--soft);
	}
	.end {
		text-anchor: end;
	}
	.middle {
		text-anchor: middle;
	}
	.far {
		font-weight: 700;
		fill: var(--ink);
	}
	.band {
		fill: var(--healthy);
		opacity: 0.55;
	}
	.grid {
		stroke: var(--line);
	}
	.repair {
		stroke: var(--ink);
		stroke-width: 2;
		stroke-dasharray: 3 5;
	}
	.line {
		stroke: var(--return-fill);
		stroke-width: 2;
	}
	.interval {
		stroke: var(--ink);
		stroke-width: 2;
	}
	.dot {
		fill: var(--return-fill);
		stroke: var(--card);
		stroke-width: 1.5;
	}
</style>
