<script lang="ts">
	import type { AloneLeg } from '../../lib/api/client';

	/** The readings of the run: which are in, and where one stands. */
	type Props = { legs: AloneLeg[]; leg: number; ongo: (leg: number) => void };
	let { legs, leg, ongo }: Props = $props();
</script>

<nav class="legs" aria-label="Readings of this run">
	{#each legs as l, n (l.condition)}
		<button aria-current={n === leg ? 'step' : undefined} onclick={() => ongo(n)}>
			{l.taken ? '✓' : n + 1}<span>{l.title}</span>
		</button>
	{/each}
</nav>

<style>
	.legs {
		display: grid;
		grid-template-columns: repeat(5, minmax(0, 1fr));
		gap: 4px;
	}
	.legs button {
		display: grid;
		min-height: 52px;
		align-content: center;
		justify-items: center;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--card);
		font-weight: 750;
		cursor: pointer;
	}
	.legs span {
		font-size: 13px;
		font-weight: 550;
	}
	.legs [aria-current] {
		background: var(--ink);
		color: var(--card);
	}
</style>
