<script lang="ts">
	import type { ProfileSide } from '../api/client';
	import { volts } from '../format/si';
	import BandPlot from './BandPlot.svelte';
	import BandValues from './BandValues.svelte';
	import Callout from './Callout.svelte';
	import { layOut, type Frame } from './geometry';

	type Props = {
		side: ProfileSide;
		/** Volts that fill the band, the same on both sides. */
		fullScale: number;
		/** Current the profile is drawn for, in amperes. */
		amps: number;
		height: number;
		red?: string;
		black?: string;
		onplace: (point: string) => void;
	};
	let { side, fullScale, amps, height, red, black, onplace }: Props = $props();

	let width = $state(560);
	const supply = $derived(side.side === 'SUPPLY');
	const frame = $derived<Frame>({
		width,
		height,
		left: 30,
		right: 34,
		top: supply ? 40 : 26,
		bottom: supply ? 48 : 92
	});
	const band = $derived(layOut(side, frame, fullScale));
	const colour = $derived(supply ? 'var(--supply-fill)' : 'var(--return-fill)');
	const worst = $derived(
		side.steps
			.map((step, i) => ({ step, at: band.steps[i] }))
			.filter(({ step }) => step.measured && (step.standing === 'FAULTY' || step.standing === 'SUSPECT'))
			.sort((a, b) => b.step.volts - a.step.volts)[0]
	);
	const spacing = $derived((width - frame.left - frame.right) / Math.max(1, side.points.length - 1));

	function move(event: KeyboardEvent, index: number): void {
		const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
		if (by === 0) return;
		event.preventDefault();
		const buttons = (event.currentTarget as HTMLElement).parentElement?.querySelectorAll('button');
		buttons?.[index + by]?.focus();
	}
</script>

<section
	class="band"
	class:supply
	aria-label={supply ? 'Supply side' : 'Return side'}
	bind:clientWidth={width}
>
	<h2 style:color={supply ? 'var(--supply)' : 'var(--return)'} class:right={!supply}>
		{supply ? 'Supply side' : 'Return side'}{side.wholeVolts === undefined
			? ''
			: `: ${volts(side.wholeVolts)} V lost`}
		<small
			>a healthy one loses {volts(side.healthyLowVolts)}–{volts(side.healthyUpperVolts)} V at {Math.round(
				amps
			)} A</small
		>
		{#if band.beyond}<small class="beyond">off the scale</small>{/if}
	</h2>
	<div class="plot" style:height="{height}px">
		<BandPlot {side} {band} {frame} {fullScale} />
		{#if worst?.at}<Callout step={worst.step} at={worst.at} {width} {amps} />{/if}
		<div role="group" aria-label="Probe points: first tap places red, second black">
			{#each side.points as point, i (point.id)}
				{@const at = band.points[i]}
				{#if at}
					<button
						class="point"
						class:red={point.id === red}
						class:black={point.id === black}
						style:left="{at.x}px"
						style:top="{at.y}px"
						style:width="{Math.min(48, spacing)}px"
						style:--tone={colour}
						aria-label="{point.name}{point.id === red ? ', red lead here' : ''}{point.id === black
							? ', black lead here'
							: ''}"
						title={point.name}
						onkeydown={(e) => move(e, i)}
						onclick={() => onplace(point.id)}
					>
						<span class="dot"></span>
						{#if point.id === red}<span class="flag">red</span>{/if}
						{#if point.id === black}<span class="flag">black</span>{/if}
					</button>
				{/if}
			{/each}
		</div>
		<BandValues {side} {band} {frame} {spacing} />
	</div>
</section>

<style>
	.band {
		min-width: 0;
	}
	h2 {
		margin: 0 0 2px 4px;
		font-size: 17px;
		font-weight: 750;
		display: flex;
		flex-wrap: wrap;
		gap: 2px 12px;
		align-items: baseline;
	}
	small {
		font-size: 13px;
		font-weight: 450;
		color: var(--soft);
	}
	.beyond {
		font-weight: 750;
		color: var(--ink);
	}
	.plot {
		position: relative;
	}
	.point {
		position: absolute;
		height: 48px;
		transform: translate(-50%, -50%);
		display: grid;
		place-items: center;
		cursor: pointer;
		border-radius: 12px;
	}
	.dot {
		width: 16px;
		height: 16px;
		border-radius: 50%;
		background: var(--paper);
		border: 3.5px solid var(--tone);
	}
	.point.red .dot {
		background: var(--red-lead);
		border-color: var(--ink);
	}
	.point.black .dot {
		background: var(--black-lead);
		border-color: var(--ink);
		box-shadow: 0 0 0 1.5px var(--card);
	}
	.flag {
		position: absolute;
		bottom: calc(50% + 11px);
		padding: 0 6px;
		border-radius: 5px;
		font-size: 13px;
		font-weight: 750;
		line-height: 18px;
		color: #fff;
		background: var(--black-lead);
		box-shadow: 0 0 0 1px var(--card);
	}
	.supply .flag {
		bottom: auto;
		top: calc(50% + 11px);
	}
	.point.red .flag {
		background: var(--red-lead);
	}
</style>
