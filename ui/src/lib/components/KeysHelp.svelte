<script lang="ts">
	import Dialog from './Dialog.svelte';

	type Props = { open: boolean; keys: [string, string][] };
	let { open = $bindable(), keys }: Props = $props();
</script>

<Dialog title="Keys of this view" bind:open size="xs">
	<dl>
		{#each keys as [key, what] (key)}
			<dt>{key}</dt>
			<dd>{what}</dd>
		{/each}
	</dl>
</Dialog>

<style>
	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 6px 18px;
	}
	dt {
		font-weight: 750;
	}
</style>
