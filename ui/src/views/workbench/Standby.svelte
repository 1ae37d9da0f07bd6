<script lang="ts">
	import type { Probe } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';

	/** What to do where a lead of the step cannot be placed: say so, or read the next best. */
	type Props = { bench: CaseState; probe: Probe; probes: Probe[] };
	let { bench, probe, probes }: Props = $props();
	const beyond = $derived(bench.view?.outOfReach ?? []);
	const wanted = $derived([probe.red, probe.black].filter((p) => !beyond.includes(p.id)));
	const names = $derived(bench.view?.points.filter((p) => beyond.includes(p.id)) ?? []);

	function state(points: string[]): void {
		bench.record.state('OUT_OF_REACH', points.join(',') || '-');
	}
</script>

<details class="standby">
	<summary>Can’t get there, or another reading first</summary>
	{#each wanted as point (point.id)}
		<button onclick={() => state([...beyond, point.id])}>
			<b>No probe gets to {point.name}</b><span>plan around it</span>
		</button>
	{/each}
	{#each names as point (point.id)}
		<button onclick={() => state(beyond.filter((id) => id !== point.id))}>
			<b>{point.name} can be reached after all</b><span>left out now</span>
		</button>
	{/each}
	{#each probes as next (next.red.id + next.black.id + next.condition)}
		<button onclick={() => bench.entry.choose(next)}>
			<b>{next.title}</b><span>{next.conditionWords}</span>
		</button>
	{/each}
</details>

<style>
	summary {
		display: grid;
		align-content: center;
		min-height: 48px;
		font-size: 15px;
		font-weight: 650;
		cursor: pointer;
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	button {
		display: flex;
		justify-content: space-between;
		gap: 12px;
		align-items: center;
		width: 100%;
		min-height: 48px;
		padding: 4px 10px;
		border-top: 1px solid var(--line);
		text-align: left;
		cursor: pointer;
		font-size: 15px;
	}
	span {
		color: var(--soft);
		white-space: nowrap;
	}
</style>
