<script lang="ts">
	import type { Judgement } from '../../lib/api/client';
	import { percent } from '../../lib/format/si';

	type Props = { judgement: Judgement; most?: number };
	let { judgement, most = 4 }: Props = $props();
	const shown = $derived(judgement.ranked.slice(0, most));
</script>

<ul class="suspects" aria-label="How likely each part is at fault">
	{#each shown as suspect (suspect.part)}
		<li>
			<span class="name">{suspect.name}</span>
			<span class="bar" aria-hidden="true"><span style:width="{100 * suspect.probability}%"></span></span>
			<span class="words">{suspect.words} <b>{percent(suspect.probability)}</b></span>
		</li>
	{/each}
	{#if judgement.healthy >= 0.02}
		<li>
			<span class="name">nothing wrong</span>
			<span class="bar calm" aria-hidden="true"><span style:width="{100 * judgement.healthy}%"></span></span>
			<span class="words"><b>{percent(judgement.healthy)}</b></span>
		</li>
	{/if}
</ul>

<style>
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 72px 178px;
		gap: 12px;
		align-items: center;
		min-height: 30px;
		border-top: 1px solid var(--line);
	}
	.name {
		font-size: 16px;
		font-weight: 600;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.name::first-letter {
		text-transform: uppercase;
	}
	.bar {
		height: 10px;
		border: 1.5px solid var(--ink);
		border-radius: 5px;
		overflow: hidden;
	}
	.bar span {
		display: block;
		height: 100%;
		min-width: 2px;
		background: var(--ink);
	}
	.calm span {
		background: var(--soft);
	}
	.words {
		font-size: 15px;
		text-align: right;
		font-variant-numeric: tabular-nums;
		white-space: nowrap;
	}
	@media (max-width: 767px) {
		li {
			grid-template-columns: minmax(0, 1fr) 40px 164px;
			gap: 8px;
		}
	}
</style>
