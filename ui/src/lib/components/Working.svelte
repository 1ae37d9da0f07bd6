<script lang="ts">
	import Key from './Key.svelte';

	/** Something that takes longer than a moment: what it is, that it goes on, and a way out. */
	type Props = { what: string; oncancel: () => void };
	let { what, oncancel }: Props = $props();
	let late = $state(false);

	$effect(() => {
		const timer = setTimeout(() => (late = true), 300);
		return () => clearTimeout(timer);
	});
</script>

<div class="working" role="status">
	{#if late}
		<span>{what}</span>
		<progress aria-label={what}></progress>
		<Key onclick={oncancel}>Cancel</Key>
	{/if}
</div>

<style>
	.working {
		display: flex;
		flex-wrap: wrap;
		gap: 0.75rem;
		align-items: center;
	}
	progress {
		flex: 1 1 8rem;
		min-width: 6rem;
		height: 0.6rem;
		accent-color: var(--ink);
	}
</style>
