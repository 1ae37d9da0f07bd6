<script lang="ts">
	import type { KnownVehicle, Topic } from '../../lib/api/client';

	/** A vehicle of the typed name was here before: what is known of it, and the way out if it is another. */
	type Props = { vehicle: KnownVehicle; another: boolean };
	let { vehicle, another = $bindable() }: Props = $props();
	/** What a bare number would not say by its unit. */
	const BEFORE: Partial<Record<Topic, string>> = {
		RATED_AMPS: 'plate',
		SET_POINT: 'regulated at',
		IDLE_SHARE: 'at idle',
		MAKER_DRAW: 'draws',
		MAKER_FEED: 'feed pin',
		MAKER_FIELD: 'field pin',
		STRATEGY: 'charging',
		LAST_TIME: 'to be read this time:'
	};
	const figures = $derived(
		vehicle.figures.map((f) => (BEFORE[f.topic] ? `${BEFORE[f.topic]} ${f.words}` : f.words)).join(' · ')
	);
</script>

<div class="before">
	<p>
		<b>{vehicle.name} was here before.</b>
		{#if another}
			This one is another: nothing is taken over.
		{:else if vehicle.figures.length > 0}
			Taken over: {figures}.
		{:else}
			Its circuit is taken over.
		{/if}
	</p>
	<label class="other">
		<input type="checkbox" bind:checked={another} />
		This is another vehicle
	</label>
</div>

<style>
	.before {
		display: grid;
		gap: 2px;
		padding: 8px 12px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
	}
	.other {
		display: flex;
		gap: 10px;
		align-items: center;
		min-height: 48px;
	}
	.other input {
		width: 22px;
		height: 22px;
	}
</style>
