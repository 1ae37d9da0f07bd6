<script lang="ts">
	import type { Judgement } from '../../lib/api/client';
	import { percent } from '../../lib/format/si';

	type Props = { judgement: Judgement; most?: number };
	let { judgement, most = 4 }: Props = $props();
	const WORTH_A_BAR = 0.02;
	/** With nobody to weigh it against, only a vehicle likelier good than not is worth saying. */
	const LIKELIER_THAN_NOT = 0.5;
	const shown = $derived(judgement.ranked.slice(0, most));
</script>

{#if shown.length === 0}
	<p class="none">No reading speaks against a part so far.</p>
{/if}
<ul class="suspects" aria-label="How likely each part is at fault">
	{#each shown as suspect (suspect.part)}
		<li>
			<span class="name">{suspect.name}</span>
			<span class="bar" aria-hidden="true"><span style:width="{100 * suspect.probability}%"></span></span>
			<span class="words">{suspect.words} <b>{percent(suspect.probability)}</b></span>
		</li>
	{/each}
	{#if judgement.healthy >= (shown.length > 0 ? WORTH_A_BAR : LIKELIER_THAN_NOT)}
		<li>
			<span class="name">nothing wrong</span>
			<span class="bar calm" aria-hidden="true"><span style:width="{100 * judgement.healthy}%"></span></span>
			<span class="words"><b>{percent(judgement.healthy)}</b></span>
		</li>
	{/if}
</ul>

<style>
	.none {
		margin: 6px 0;
		color: var(--soft);
	}
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 72px max-content;
		gap: 12px;
		align-items: center;
		min-height: 30px;
		border-top: 1px solid var(--line);
	}
	.name {
		font-size: 16px;
		font-weight: 600;
		line-height: 1.2;
		padding: 3px 0;
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
			grid-template-columns: minmax(0, 1fr) 40px max-content;
			gap: 8px;
		}
	}
</style>
