<script lang="ts">
	import type { CaseCard } from '../../lib/api/client';
	import Thumbnail from '../../lib/profile/Thumbnail.svelte';

	type Props = { card: CaseCard };
	let { card }: Props = $props();
	const LEADS: Partial<Record<CaseCard['nextKind'], string>> = { DONE: '', CLOSE: 'Can end:' };
	const proven = $derived(card.nextKind === 'REPAIR');
</script>

<a class="card tile" href="#/case/{card.id}">
	<span class="head">
		<span class="vehicle"
			>{card.vehicle}{#if card.onVehicle?.plate}<span class="plate">{card.onVehicle.plate}</span>{/if}</span
		>
		<span class="stage" class:proven>{card.stageWords}</span>
	</span>
	<span class="complaint"
		>{card.complaint}{card.simulated ? ' · simulated' : ''}{card.inHandsOf
			? ` · in the hands of ${card.inHandsOf}`
			: ''}</span
	>
	{#if card.onVehicle?.due}<span class="due"><b>Due:</b> {card.onVehicle.due}</span>{/if}
	{#if card.profile}<Thumbnail profile={card.profile} />{/if}
	<span class="next"><span class="soft">{LEADS[card.nextKind] ?? 'Next'}</span> {card.nextTitle}</span>
	<span class="says">{card.headline}{card.behind ? ' Being judged.' : ''}</span>
	{#if card.asSaidThen}<span class="says"
			><b>As it was said when it closed.</b> This program would not say the same.</span
		>{/if}
</a>

<style>
	.tile {
		display: grid;
		gap: 6px;
		height: 100%;
		align-content: start;
		padding: 14px 18px;
	}
	.tile:hover {
		border-color: var(--ink);
	}
	.head {
		display: flex;
		justify-content: space-between;
		gap: 10px;
		align-items: baseline;
	}
	.vehicle {
		font-size: 20px;
		font-weight: 800;
	}
	.plate {
		display: inline-block;
		margin-left: 8px;
		padding: 0 8px;
		border: 1.5px solid var(--ink);
		border-radius: 5px;
		font-size: 14px;
		white-space: nowrap;
		vertical-align: 2px;
	}
	.due {
		padding-left: 8px;
		border-left: 5px solid var(--ink);
	}
	.stage {
		flex: none;
		padding: 2px 10px;
		border: 1.5px solid var(--line);
		border-radius: 8px;
		font-size: 14px;
		font-weight: 650;
	}
	.stage.proven {
		border: 2px solid var(--ink);
	}
	.complaint,
	.says,
	.soft {
		color: var(--soft);
		font-size: 15px;
	}
	.next {
		font-size: 17px;
		font-weight: 700;
	}
	.soft {
		font-weight: 450;
	}
</style>
