<script lang="ts">
	import type { ProfileStep } from '../api/client';
	import { milliohms, volts } from '../format/si';
	import { STANDING_WORDS } from '../format/words';
	import type { PlacedStep } from './geometry';

	/** What the worst measured step loses, beside its cliff. */
	type Props = { step: ProfileStep; at: PlacedStep; width: number; amps: number };
	let { step, at, width, amps }: Props = $props();
	const onRight = $derived(at.x < width * 0.52);
</script>

<div
	class="callout"
	style:top="{Math.max(2, (at.yFrom + at.yTo) / 2 - 46)}px"
	style:left={onRight ? `${at.x + 22}px` : 'auto'}
	style:right={onRight ? 'auto' : `${width - at.x + 22}px`}
	style:text-align={onRight ? 'left' : 'right'}
>
	<strong>{volts(step.volts)} V here</strong>
	<b>{step.name}</b>
	<span>{milliohms(step.volts / amps)}, a healthy one {milliohms(step.healthyVolts / amps)}</span>
	<b>{STANDING_WORDS[step.standing]}</b>
</div>

<style>
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
