<script lang="ts">
	import type { ProfileSide, ProfileStep } from '../api/client';
	import { volts } from '../format/si';
	import { STANDING_SIGN, STANDING_WORDS } from '../format/words';
	import type { Band, Frame } from './geometry';

	/** The words of a band: the names of its points, and what is lost between them. */
	type Props = {
		side: ProfileSide;
		band: Band;
		frame: Frame;
		/** Between two points, in pixels. */ spacing: number;
	};
	let { side, band, frame, spacing }: Props = $props();
	const supply = $derived(side.side === 'SUPPLY');
	const height = $derived(frame.height);
	/** The first and the last name may not stand out over the card. */
	const nameWidth = (x: number) => Math.min(spacing - 4, 2 * (Math.min(x, frame.width - x) + 8));

	/** Nothing where an estimate would not fit. */
	function shownVolts(step: ProfileStep): string {
		if (step.measured) return volts(step.volts);
		return spacing < 50 ? '' : `≈${volts(step.volts)}`;
	}
</script>

{#each side.points as point, i (point.id)}
	{@const at = band.points[i]}
	{#if at}
		<span
			class="label"
			style:left="{at.x}px"
			style:top={supply ? '2px' : `${height - 84}px`}
			style:width="{nameWidth(at.x)}px">{point.label}</span
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
					<span aria-hidden="true">{step.standing === 'NOT_PROVEN' ? '' : STANDING_SIGN[step.standing]}</span>
				{:else if step.standing !== 'NOT_PROVEN' || spacing >= 84}
					<span aria-hidden="true">{STANDING_SIGN[step.standing]}</span>
					{STANDING_WORDS[step.standing]}
				{/if}
			</span>
		</span>
	{/if}
{/each}

<style>
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
</style>
