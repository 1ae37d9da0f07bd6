<script lang="ts">
	import type { CaseState } from '../../lib/state/case.svelte';

	/** Where the leads stand, or would stand. */
	type Props = { bench: CaseState; red: string; black: string; words?: string; open: boolean };
	let { bench, red, black, words = 'Any other point', open = $bindable() }: Props = $props();
	const leads = $derived([
		{ lead: 'red', words: 'Red on', at: red },
		{ lead: 'black', words: 'Black on', at: black }
	] as const);
	const points = $derived([...(bench.view?.points ?? [])].sort((a, b) => a.name.localeCompare(b.name, 'en')));
</script>

<details bind:open>
	<summary>{words}</summary>
	<div>
		{#each leads as { lead, words, at } (lead)}
			<label>
				<span>{words}</span>
				<select value={at} onchange={(e) => bench.entry.put(lead, e.currentTarget.value)}>
					{#each points as point (point.id)}
						<option value={point.id}>{point.name}</option>
					{/each}
				</select>
			</label>
		{/each}
	</div>
</details>

<style>
	details[open] {
		flex-basis: 100%;
	}
	summary {
		padding: 0 6px;
		display: flex;
		align-items: center;
		min-height: 48px;
		font-size: 14px;
		text-decoration: underline;
		cursor: pointer;
	}
	div {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
		gap: 8px;
		padding-bottom: 6px;
	}
	label span {
		font-size: 14px;
		font-weight: 600;
	}
</style>
