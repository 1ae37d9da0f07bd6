<script lang="ts">
	import type { ProfileSide, ProfileStep } from '../api/client';
	import { milliohms, volts } from '../format/si';
	import { STANDING_SIGN, STANDING_WORDS } from '../format/words';
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
	const patternId = $derived(`stripes-${side.side}`);

	function alarmed(step: ProfileStep): boolean {
		return step.standing === 'FAULTY' || step.standing === 'SUSPECT';
	}

	/** Nothing where an estimate would not fit. */
	function shownVolts(step: ProfileStep): string {
		if (step.measured) return volts(step.volts);
		return spacing < 50 ? '' : `≈${volts(step.volts)}`;
	}

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
	</h2>
	<div class="plot" style:height="{height}px">
		<svg {width} {height} aria-hidden="true">
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
			{#each band.ticks as tick (tick.volts)}
				<line x1={frame.left - 8} x2={width - frame.right + 8} y1={tick.y} y2={tick.y} stroke="var(--line)" />
				<text
					x={supply ? frame.left - 12 : width - frame.right + 12}
					y={tick.y + 4}
					text-anchor={supply ? 'end' : 'start'}
					class="tick">{Number(tick.volts.toFixed(4))}</text
				>
			{/each}
			<path
				d={band.healthyLine}
				fill="none"
				stroke="var(--healthy)"
				stroke-width="8"
				stroke-linejoin="round"
			/>
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
				{#if last}<line
						x1={last.x}
						x2={width}
						y1={last.y}
						y2={last.y}
						stroke={colour}
						stroke-width="4"
					/>{/if}
			{:else}
				{@const first = band.points[0]}
				{#if first}<line
						x1="0"
						x2={first.x}
						y1={first.y}
						y2={first.y}
						stroke={colour}
						stroke-width="4"
					/>{/if}
			{/if}
		</svg>
		{#if worst?.at}
			{@const onRight = worst.at.x < width * 0.52}
			<div
				class="callout"
				style:top="{Math.max(2, (worst.at.yFrom + worst.at.yTo) / 2 - 46)}px"
				style:left={onRight ? `${worst.at.x + 22}px` : 'auto'}
				style:right={onRight ? 'auto' : `${width - worst.at.x + 22}px`}
				style:text-align={onRight ? 'left' : 'right'}
			>
				<strong>{volts(worst.step.volts)} V here</strong>
				<b>{worst.step.name}</b>
				<span
					>{milliohms(worst.step.volts / amps)}, a healthy one {milliohms(
						worst.step.healthyVolts / amps
					)}</span
				>
				<b>{STANDING_WORDS[worst.step.standing]}</b>
			</div>
		{/if}
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
		{#each side.points as point, i (point.id)}
			{@const at = band.points[i]}
			{#if at}
				<span
					class="label"
					style:left="{at.x}px"
					style:top={supply ? '2px' : `${height - 84}px`}
					style:width="{spacing - 4}px">{point.label}</span
				>
			{/if}
		{/each}
		{#each side.steps as step, i (step.part)}
			{@const at = band.steps[i]}
			{#if at}
				<span
					class="value"
					title={step.name}
					style:left="{at.x}px"
					style:top="{height - (supply ? 38 : 46)}px"
					style:width="{spacing - 2}px"
				>
					<b class:estimate={!step.measured}>{shownVolts(step)}</b>
					<span class="standing" class:quiet={step.standing === 'NOT_PROVEN'}>
						{#if spacing < 50}
							<span aria-hidden="true"
								>{step.standing === 'NOT_PROVEN' ? '' : STANDING_SIGN[step.standing]}</span
							>
						{:else if step.standing !== 'NOT_PROVEN' || spacing >= 84}
							<span aria-hidden="true">{STANDING_SIGN[step.standing]}</span>
							{STANDING_WORDS[step.standing]}
						{/if}
					</span>
				</span>
			{/if}
		{/each}
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
	.plot {
		position: relative;
	}
	svg {
		position: absolute;
		inset: 0;
		overflow: visible;
	}
	.tick {
		font-size: 12px;
		fill: var(--soft);
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
	.label,
	.value {
		position: absolute;
		transform: translateX(-50%);
		text-align: center;
		font-size: 12.5px;
		line-height: 1.15;
	}
	.label {
		font-weight: 650;
		height: 30px;
		display: grid;
		align-items: end;
		justify-content: center;
	}
	.value b {
		display: block;
		font-size: 14px;
		font-weight: 750;
	}
	.value b.estimate {
		font-weight: 450;
		font-style: italic;
		color: var(--soft);
	}
	.standing {
		display: block;
		font-weight: 650;
	}
	.standing.quiet {
		color: var(--soft);
		font-weight: 450;
	}
	.callout {
		position: absolute;
		display: grid;
		gap: 1px;
		padding: 4px 8px;
		border-radius: 8px;
		background: color-mix(in srgb, var(--paper) 88%, transparent);
		font-size: 13.5px;
		max-width: 260px;
		pointer-events: none;
	}
	.callout strong {
		font-size: 19px;
		font-weight: 800;
	}
</style>
