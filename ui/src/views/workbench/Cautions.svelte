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
		display: grid;
		gap: 2px;
		padding-top: 6px;
		border-top: 1px solid var(--line);
		font-size: 13.5px;
		font-weight: 600;
		line-height: 1.25;
	}
</style>
