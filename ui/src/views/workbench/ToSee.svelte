<script lang="ts">
	import type { Step } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import Choice from '../look/Choice.svelte';
	import Words from '../look/Words.svelte';

	/** What has to be seen, tried or put back before the next step; each tap is on record. */
	type Props = {
		bench: CaseState;
		step?: Step;
		/** Beside a reading: what has to be said before it counts; surface charge has its timer. */ measuring?: boolean;
	};
	let { bench, step, measuring = false }: Props = $props();
	const items = $derived(
		measuring && bench.entry.ownChoice
			? []
			: ((step ?? bench.step)?.toSee ?? []).filter((look) => !measuring || look.topic !== 'SURFACE_CHARGE')
	);
</script>

<div class="to-see">
	{#each items as look (look.topic)}
		{#if look.choices.length > 0}
			<Choice
				words={look.words}
				choices={look.choices}
				stated={look.stated}
				onstate={(value) => bench.record.state(look.topic, value)}
			/>
		{:else}
			<Words
				words={look.words}
				unit={look.unit}
				stated={look.stated}
				onstate={(value) => bench.record.state(look.topic, value)}
			/>
		{/if}
	{/each}
</div>

<style>
	.to-see {
		display: grid;
	}
</style>
