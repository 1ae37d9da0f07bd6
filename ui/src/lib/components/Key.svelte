<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import type { ButtonProps } from 'flowbite-svelte/types';

	/** A button of at least 48 px under our own theme. */
	type Props = ButtonProps & { /** The one thing to do. */ primary?: boolean };
	let { primary = false, children, class: extra, ...rest }: Props = $props();
</script>

<Button {...rest} class={['key', { primary }, extra]}>{@render children?.()}</Button>
