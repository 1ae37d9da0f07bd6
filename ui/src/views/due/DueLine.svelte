<script lang="ts">
	import type { DueLine } from '../../lib/api/client';
	import Key from '../../lib/components/Key.svelte';
	import { day } from '../../lib/format/when';

	/** One thing that is due. What follows from readings has no key: it leaves when they say something else. */
	type Props = { due: DueLine; onsettle: (how: 'DONE' | 'LET_GO') => void };
	let { due, onsettle }: Props = $props();
</script>

<div class="card line" class:overdue={due.overdue}>
	<div class="when">
		<time datetime={due.day}>{day(Date.parse(`${due.day}T12:00:00`))}</time>
		{#if due.odometer}<span class="soft">{due.odometer}</span>{/if}
	</div>
	<div class="what">
		{#if due.vehicle}
			<a class="vehicle" href="#/vehicle/{due.vehicle.id}">
				{due.vehicle.name}
				{#if due.vehicle.plate}<span class="plate">{due.vehicle.plate}</span>{/if}
			</a>
		{/if}
		<p>{due.words}</p>
		<p class="soft">{due.kindWords}{due.by ? `, ${due.by}` : ', from what was read and noted'}</p>
	</div>
	{#if due.id}
		<div class="keys">
			<Key onclick={() => onsettle('DONE')}>Done</Key>
			<Key onclick={() => onsettle('LET_GO')}>Let go</Key>
		</div>
	{/if}
</div>

<style>
	.line {
		display: grid;
		grid-template-columns: 150px minmax(0, 1fr) auto;
		gap: 4px 16px;
		align-items: center;
		padding: 10px 16px;
	}
	.overdue {
		border-left: 6px solid var(--ink);
	}
	.when {
		display: grid;
		font-size: 18px;
		font-weight: 750;
	}
	.what {
		display: grid;
		gap: 2px;
		overflow-wrap: anywhere;
	}
	.vehicle {
		display: flex;
		align-items: center;
		min-height: 48px;
		font-size: 18px;
		font-weight: 750;
	}
	.plate {
		margin-left: 6px;
		padding: 0 8px;
		border: 1.5px solid var(--ink);
		border-radius: 5px;
		font-size: 15px;
		white-space: nowrap;
	}
	.soft {
		color: var(--soft);
		font-size: 15px;
		font-weight: 450;
	}
	.keys {
		display: flex;
		gap: 8px;
	}
	@media (max-width: 700px) {
		.line {
			grid-template-columns: minmax(0, 1fr);
		}
	}
	@media print {
		.keys {
			display: none;
		}
	}
</style>
