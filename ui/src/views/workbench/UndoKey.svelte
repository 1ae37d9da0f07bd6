<script lang="ts">
	import type { CaseState } from '../../lib/state/case.svelte';
	import Key from '../../lib/components/Key.svelte';

	type Props = { bench: CaseState };
	let { bench }: Props = $props();
</script>

{#if bench.last}
	<Key onclick={() => bench.record.undo()} aria-label="Undo {bench.last.label}">Undo</Key>
{/if}
