<script lang="ts">
	import type { Probe } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';

	type Props = { bench: CaseState; probes: Probe[] };
	let { bench, probes }: Props = $props();
</script>

<details class="standby">
	<summary>Next best instead</summary>
	{#each probes as probe (probe.red.id + probe.black.id + probe.condition)}
		<button onclick={() => bench.entry.choose(probe)}>
			<b>{probe.title}</b><span>{probe.conditionWords}</span>
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
