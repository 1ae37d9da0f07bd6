<script lang="ts">
	import type { CircuitPart } from '../../lib/api/client';
	import type { CircuitState } from '../../lib/state/circuit.svelte';

	/** What else can be done to a part. */
	type Props = { part: CircuitPart; circuit: CircuitState; onsize: () => void };
	let { part, circuit, onsize }: Props = $props();
	const conductor = $derived(part.lengthMetres !== undefined);

	function pick(event: Event, act: () => void): void {
		(event.currentTarget as HTMLElement).closest('details')?.removeAttribute('open');
		act();
	}
</script>

<details>
	<summary aria-label="More for the {part.name}">⋯</summary>
	<div class="menu">
		{#if conductor}<button onclick={(e) => pick(e, onsize)}>Size this cable</button>{/if}
		<button onclick={(e) => pick(e, () => circuit.addJoint(part.id, `joint after the ${part.name}`))}
			>Add a joint after it</button
		>
		{#if part.to.leaveOut}
			<button onclick={(e) => pick(e, () => circuit.leaveOut(part.to.id))}>Leave out: {part.to.name}</button>
		{/if}
	</div>
</details>

<style>
	details {
		position: relative;
	}
	summary {
		display: grid;
		place-items: center;
		width: 48px;
		height: 48px;
		list-style: none;
		font-size: 20px;
		font-weight: 800;
		cursor: pointer;
	}
	.menu {
		position: absolute;
		right: 0;
		z-index: 1;
		display: grid;
		background: var(--card);
		border: 2px solid var(--ink);
		border-radius: 10px;
	}
	.menu button {
		min-height: 48px;
		padding: 0 14px;
		text-align: left;
		cursor: pointer;
		white-space: nowrap;
	}
</style>
