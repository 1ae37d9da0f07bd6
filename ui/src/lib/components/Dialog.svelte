<script lang="ts">
	import Modal from 'flowbite-svelte/Modal.svelte';
	import type { Snippet } from 'svelte';
	import { backCloses } from '../device/back.svelte';

	/** A dialog under our own theme; Back and Escape close it, and the focus goes back to where it was. */
	type Props = { title: string; open: boolean; size?: 'xs' | 'sm' | 'md' | 'lg'; children: Snippet };
	let { title, open = $bindable(), size = 'sm', children }: Props = $props();
	let opener: HTMLElement | null = null;

	$effect(() => {
		if (open) {
			opener ??= document.activeElement as HTMLElement | null;
		} else if (opener) {
			opener.focus();
			opener = null;
		}
	});
	backCloses(
		() => open,
		() => (open = false)
	);
</script>

<Modal {title} bind:open {size} class="dialog">{@render children()}</Modal>
