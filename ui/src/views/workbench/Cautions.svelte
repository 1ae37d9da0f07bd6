<script lang="ts">
	type Props = { cautions: string[] };
	let { cautions }: Props = $props();
</script>

{#if cautions.length > 0}
	<ul class="cautions" aria-label="Cautions for this step">
		{#each cautions as caution (caution)}<li>{caution}</li>{/each}
	</ul>
{/if}

<style>
	.cautions {
		padding-top: 6px;
		border-top: 1px solid var(--line);
		font-size: 13px;
		font-weight: 600;
		line-height: 1.25;
	}
	li {
		display: inline;
		margin-right: 0.4em;
	}
</style>
