<script lang="ts">
	import type { Profile } from '../api/client';
	import { amps, volts } from '../format/si';

	type Props = { profile: Profile; /** Lies across instead of standing upright. */ flat?: boolean };
	let { profile, flat = false }: Props = $props();
	const split = $derived(profile.split);
	const about = $derived(split?.measured ? '' : '≈ ');
	const whom = $derived(profile.loop === 'STARTING' ? 'the motor' : 'the battery');
</script>

<aside class:flat aria-label="What is left for {whom}">
	{#if profile.consumerVolts === undefined}
		<strong class="unknown">?</strong>
		<span>left for {whom}: both sides not read yet</span>
	{:else}
		<strong>{volts(profile.consumerVolts)} V</strong>
		<span>left for {whom}{profile.consumerMeasured ? '' : ', worked out'}</span>
	{/if}
	<span class="soft">healthy<br /><b>{profile.healthyConsumerVolts.toFixed(1)} V</b></span>
	{#if split}
		<span class="soft"
			>battery <b>{about}{amps(split.batteryAmps)}</b><br />loads <b>{about}{amps(split.loadAmps)}</b></span
		>
		{#if split.sumVolts !== undefined}
			<span class="soft"
				>both sides<br /><b class="one">{volts(split.sumVolts)} V</b><br />school {volts(split.mostSumVolts)} V<br
				/><b>{split.sumVolts > split.mostSumVolts ? 'over' : 'within'}</b></span
			>
		{/if}
	{/if}
</aside>

<style>
	aside {
		display: flex;
		flex-direction: column;
		justify-content: center;
		gap: 10px;
		padding: 12px 4px;
		border: 2px solid var(--strong-line);
		border-radius: 14px;
		background: var(--card);
		text-align: center;
		font-size: 13px;
	}
	strong {
		font-size: 22px;
		font-weight: 850;
		white-space: nowrap;
	}
	.one {
		white-space: nowrap;
	}
	.soft b {
		color: var(--ink);
	}
	.flat {
		flex-direction: row;
		align-items: center;
		gap: 14px;
		padding: 6px 12px;
	}
</style>
