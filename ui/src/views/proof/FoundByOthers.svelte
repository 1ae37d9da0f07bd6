<script lang="ts">
	import type { Statement } from '../../lib/api/client';

	/** What others found stays in sight: it clears and condemns nothing here. */
	type Props = { statements: Statement[] };
	let { statements }: Props = $props();
	const OUTSIDE = new Set([
		'OUTSIDE',
		'OUTSIDE_FIRST',
		'OUTSIDE_SECOND',
		'REPLACED',
		'OLD_BENCH',
		'NEW_BENCH'
	]);
	const outside = $derived(statements.filter((s) => OUTSIDE.has(s.topic) && s.stated));
</script>

{#if outside.length > 0}
	<section class="card said" aria-label="Found by others">
		<h2>Found by others, unproven here</h2>
		{#each outside as s (s.topic)}
			<p>
				<b>{s.title}:</b>
				{s.choices.find((c) => c.value === s.stated?.value)?.words ?? s.stated?.value}
			</p>
		{/each}
		<p class="soft">
			On a bench the wiring is not in the circuit. Where it contradicts the readings, both stay open.
		</p>
	</section>
{/if}

<style>
	.said {
		padding: 14px 18px;
		font-size: 15px;
	}
	.said h2 {
		font-size: 16px;
		font-weight: 750;
	}
	.soft {
		font-size: 14px;
		color: var(--soft);
	}
</style>
