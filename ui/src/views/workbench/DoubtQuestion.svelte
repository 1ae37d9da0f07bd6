<script lang="ts">
	import type { CaseState } from '../../lib/state/case.svelte';
	import type { Doubt } from '../../lib/api/client';
	import Key from '../../lib/components/Key.svelte';

	type Props = { bench: CaseState; doubt: Doubt };
	let { bench, doubt }: Props = $props();
</script>

<div class="doubt" role="status">
	<p><b>Does not fit.</b> {doubt.sentence}</p>
	<div class="keys">
		<Key onclick={() => bench.entry.readAgain(doubt.reading)}>Read it again</Key>
		<Key onclick={() => bench.record.strike(doubt.reading, 'Did not fit the other readings')}
			>Strike it out</Key
		>
	</div>
</div>

<style>
	.doubt {
		display: grid;
		gap: 6px;
		padding: 6px 10px;
		border-left: 5px solid var(--ink);
		background: var(--sunk);
		font-size: 15px;
	}
</style>
