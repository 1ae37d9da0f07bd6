<script lang="ts">
	import type { Component } from 'svelte';
	import Lost from '../../views/Lost.svelte';

	/** A dialog that is fetched when it is opened first, and stays from then on. */
	type Props = { load: () => Promise<{ default: unknown }>; open: boolean; props?: Record<string, unknown> };
	type Opened = Component<Record<string, unknown> & { open: boolean }, object, 'open'>;
	let { load, open = $bindable(), props = {} }: Props = $props();
	let wanted = $state(false);

	$effect(() => {
		if (open) wanted = true;
	});
</script>

{#if wanted}
	{#await load() then { default: fetched }}
		{@const Wanted = fetched as Opened}
		<Wanted {...props} bind:open />
	{:catch}
		{#if open}<Lost />{/if}
	{/await}
{/if}
