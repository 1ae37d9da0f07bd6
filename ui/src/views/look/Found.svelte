<script lang="ts">
	import type { CaseView, RepairAction } from '../../lib/api/client';
	import { REPAIR_CHOICES } from '../../lib/format/words';
	import Key from '../../lib/components/Key.svelte';

	/** What was found while looking and put right: a repair, which calls for its retest. */
	type Props = {
		view: CaseView;
		what: string;
		onrepair: (part: string, action: RepairAction, note: string) => void;
	};
	let { view, what, onrepair }: Props = $props();
	let part = $state('');
	let action = $state<RepairAction>('CLEANED');
	let open = $state(false);
</script>

{#if open}
	<div class="found">
		<label>
			<span>Which part</span>
			<select bind:value={part}>
				<option value="">Choose the part</option>
				{#each view.parts as p (p.id)}<option value={p.id}>{p.name}</option>{/each}
			</select>
		</label>
		<label>
			<span>What was done</span>
			<select bind:value={action}>
				{#each REPAIR_CHOICES as [value, words] (value)}
					<option {value}>{words}</option>
				{/each}
			</select>
		</label>
		<div class="keys">
			<Key
				primary
				disabled={!part}
				onclick={() => {
					onrepair(part, action, `Found while looking: ${what}`);
					open = false;
				}}>Record the repair</Key
			>
			<Key onclick={() => (open = false)}>Not yet</Key>
		</div>
	</div>
{:else}
	<p class="right"><Key onclick={() => (open = true)}>It was put right: record it</Key></p>
{/if}

<style>
	.right {
		padding-bottom: 8px;
	}
	.found {
		display: grid;
		gap: 8px;
		padding: 10px;
		border-left: 5px solid var(--ink);
		background: var(--sunk);
	}
	span {
		font-weight: 650;
	}
</style>
