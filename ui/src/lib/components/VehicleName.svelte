<script lang="ts">
	/** A vehicle's name on one line; a long one is shortened in its middle, since plates stand at the end. */
	type Props = { name: string };
	let { name }: Props = $props();
	const TAIL = 9;
	const long = $derived(name.length > 20);
</script>

<b title={name} class:long>
	{#if long}<span class="start">{name.slice(0, -TAIL)}</span><span class="end">{name.slice(-TAIL)}</span
		>{:else}{name}{/if}
</b>

<style>
	b {
		min-width: 0;
		white-space: pre;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.long {
		display: flex;
	}
	.start {
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.end {
		flex: none;
	}
</style>
