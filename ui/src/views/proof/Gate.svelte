<script lang="ts">
	import type { Gate } from '../../lib/api/client';

	/** What a device's verdict rests on: what reaches it, what it delivers, what is not proven yet, what would decide. */
	type Props = { gate: Gate };
	let { gate }: Props = $props();
	const SIGN = { SHOWN: '✓', LACKING: '!', OPEN: '·', AGAINST: '×' } as const;
	const arrives = $derived(gate.items.filter((i) => !i.delivers));
	const delivers = $derived(gate.items.filter((i) => i.delivers));
</script>

{#snippet list(title: string, items: Gate['items'])}
	{#if items.length > 0}
		<div class="group">
			<h4>{title}</h4>
			<ul>
				{#each items as item (item.words)}
					<li data-state={item.state}>
						<span class="sign" aria-hidden="true">{SIGN[item.state]}</span>
						<span class="words"
							>{item.words}{#if item.shown}<span class="shown">{item.shown}</span>{/if}</span
						>
						<b>{item.stateWords}</b>
					</li>
				{/each}
			</ul>
		</div>
	{/if}
{/snippet}

<section class="gate" aria-label="What the verdict rests on">
	{@render list('What it needs', arrives)}
	{@render list('What it should deliver', delivers)}
	<p class="decides">
		{#if gate.decides}
			<b>This would decide:</b> {gate.decides}.
		{:else}
			Nothing is missing: what it needs arrives, what it should deliver does not come.
		{/if}
	</p>
</section>

<style>
	.gate {
		display: grid;
		gap: 8px;
		padding: 8px 12px 10px;
		border: 1px solid var(--line);
		border-radius: 10px;
	}
	h4 {
		font-size: 14px;
		font-weight: 650;
		color: var(--soft);
	}
	li {
		display: grid;
		grid-template-columns: 20px 1fr auto;
		gap: 8px;
		align-items: baseline;
		padding: 4px 0;
		border-top: 1px solid var(--line);
	}
	.sign {
		font-weight: 850;
	}
	.words::first-letter {
		text-transform: uppercase;
	}
	.shown {
		display: block;
		color: var(--soft);
	}
	@media (max-width: 767px) {
		li {
			grid-template-columns: 20px 1fr;
		}
		li b {
			grid-column: 2;
		}
	}
</style>
