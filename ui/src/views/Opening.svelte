<script lang="ts">
	/** Stands in for a view that is on its way, or that cannot be shown: then it says why. */
	type Props = { name?: string; message?: string };
	let { name = 'Opening', message = '' }: Props = $props();
</script>

<div class="opening" aria-busy={message === ''}>
	<h1>{name}</h1>
	{#if message}
		<p role="alert">{message} <a href="#/">Go to the Bay.</a></p>
	{:else}
		<p class="sr-only" role="status">Opening.</p>
		<div class="shapes" aria-hidden="true">
			<span></span><span class="wide"></span><span></span><span class="wide"></span>
		</div>
	{/if}
</div>

<style>
	.opening {
		display: grid;
		gap: 14px;
		padding: 16px 24px;
		font-size: 18px;
	}
	a {
		text-decoration: underline;
	}
	.shapes {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(100%, 300px), 1fr));
		gap: 14px;
	}
	.shapes span {
		height: 120px;
		border-radius: 14px;
		background: var(--sunk);
	}
	.shapes .wide {
		height: 220px;
	}
	@media (max-width: 767px) {
		.opening {
			padding: 10px;
		}
	}
</style>
