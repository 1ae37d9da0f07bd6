<script lang="ts">
	import type { ReadingRow } from '../../lib/api/client';
	import { volts } from '../../lib/format/si';

	/** A reading that a verdict rests on, with what each school says of it. */
	type Props = { reading: ReadingRow };
	let { reading: r }: Props = $props();
</script>

<p class="evidence">
	<b>{r.shown}</b>
	{r.redName} → {r.blackName}, {r.conditionWords}{r.source === 'SIMULATED' ? ', simulated' : ''}
	{#if r.drop}
		<span class="schools">
			Schools:
			{#each r.drop.schools as school (school.name)}
				<span
					>{school.name}
					{school.limitVolts === undefined ? '' : `${volts(school.limitVolts)} V `}<b
						>{school.verdict.toLowerCase()}</b
					></span
				>
			{/each}
		</span>
	{/if}
</p>

<style>
	.evidence {
		padding: 6px 10px;
		background: var(--sunk);
		border-radius: 8px;
	}
	.schools {
		display: flex;
		flex-wrap: wrap;
		gap: 2px 14px;
		font-size: 14px;
		color: var(--soft);
	}
</style>
