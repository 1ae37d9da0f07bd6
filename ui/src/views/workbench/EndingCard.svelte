<script lang="ts">
	import type { Step } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import Key from '../../lib/components/Key.svelte';
	import ToSee from './ToSee.svelte';
	import UndoKey from './UndoKey.svelte';

	/** What the job may be ended as: what was shown, what was not, what the customer is told. One tap ends it. */
	type Props = { bench: CaseState; step: Step };
	let { bench, step }: Props = $props();
	const ending = $derived(step.ending);
	const over = $derived(step.kind === 'DONE');
	const proposed = $derived(step.kind === 'CLOSE');
</script>

{#if ending}
	<div class="ending">
		{#if proposed || over}
			<ul aria-label="What was shown">
				{#each ending.shown as line (line)}<li class="shown">{line}</li>{/each}
			</ul>
		{/if}
		{#if !over}
			<div class="keys">
				<Key primary onclick={() => ending.value && bench.record.state('ENDED', ending.value)}
					>End the job{proposed ? '' : ': handed on'}</Key
				>
				<UndoKey {bench} />
			</div>
		{/if}
		{#if ending.open.length > 0}
			<ul aria-label="What was not shown">
				{#each ending.open as line (line)}<li class="open">{line}</li>{/each}
			</ul>
		{/if}
		<p class="customer"><span class="who">For the customer</span> “{ending.customer}”</p>
		<p><span class="soft">Safe to drive:</span> {ending.safe}</p>
		{#if proposed && step.toSee.length > 0}
			<p class="who">Worth a look before, if you can</p>
			<ToSee {bench} {step} />
		{/if}
	</div>
{/if}

<style>
	.ending {
		display: grid;
		gap: 10px;
	}
	li {
		position: relative;
		padding: 3px 0 3px 24px;
	}
	li::before {
		position: absolute;
		left: 2px;
		font-weight: 800;
	}
	.shown::before {
		content: '✓';
	}
	.open::before {
		content: '?';
	}
	.open {
		color: var(--soft);
	}
	.customer {
		border-left: 4px solid var(--ink);
		padding-left: 10px;
	}
	.who {
		display: block;
		font-size: 14px;
		font-weight: 650;
		color: var(--soft);
	}
	.soft {
		font-weight: 650;
		color: var(--soft);
	}
</style>
