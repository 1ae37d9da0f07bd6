<script lang="ts">
	import type { Topic } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import Choice from './Choice.svelte';
	import Words from './Words.svelte';

	/** One topic to state, by a tap where it has choices, else in words or as a number with its unit. */
	type Props = { bench: CaseState; topic: Topic };
	let { bench, topic }: Props = $props();
	const asked = $derived(bench.view?.statements.find((s) => s.topic === topic));
</script>

{#if asked && asked.choices.length > 0}
	<Choice
		words={asked.title}
		choices={asked.choices}
		stated={asked.stated?.value}
		onstate={(value) => bench.record.state(topic, value)}
	/>
{:else if asked}
	<Words
		words={asked.title}
		unit={asked.unit}
		stated={asked.stated?.value}
		onstate={(value) => bench.record.state(topic, value)}
	/>
{/if}
