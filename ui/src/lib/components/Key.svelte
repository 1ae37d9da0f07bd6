<script lang="ts">
	import type { HTMLAnchorAttributes, HTMLButtonAttributes } from 'svelte/elements';

	/** A button, or a link that looks like one, of at least 48 px. */
	type Props = { /** The one thing to do. */ primary?: boolean } & (
		({ href: string } & HTMLAnchorAttributes) | ({ href?: undefined } & HTMLButtonAttributes)
	);
	let { primary = false, children, class: extra, ...rest }: Props = $props();
	const classes = $derived(['key', { primary }, extra]);
</script>

{#if rest.href !== undefined}
	<a {...rest} class={classes}>{@render children?.()}</a>
{:else}
	<button type="button" {...rest} class={classes}>{@render children?.()}</button>
{/if}
