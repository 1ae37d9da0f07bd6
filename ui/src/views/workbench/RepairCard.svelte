<script lang="ts">
	import Textarea from 'flowbite-svelte/Textarea.svelte';
	import type { RepairAction, Step } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import { volts } from '../../lib/format/si';
	import { REPAIR_CHOICES } from '../../lib/format/words';
	import Key from '../../lib/components/Key.svelte';
	import UndoKey from './UndoKey.svelte';
	import Cautions from './Cautions.svelte';
	import WhatIf from './WhatIf.svelte';

	type Props = { bench: CaseState; step: Step };
	let { bench, step }: Props = $props();
	const kind = $derived(bench.view?.parts.find((p) => p.id === step.part)?.kind);
	/** A joint is cleaned; a cable, a fuse, a relay, a device is replaced, unless something else is said. */
	let action = $derived<RepairAction>(kind === 'joint' ? 'CLEANED' : 'REPLACED');
	const fused = $derived(kind === 'fuse' || kind === 'switch');
	let note = $state('');
	const forecast = $derived(step.forecast);
	const whatIf = $derived(bench.view?.judgement.whatIf);
	const foreseen = $derived(
		whatIf && whatIf.part === step.part && whatIf.lines.length > 0 ? whatIf : undefined
	);
</script>

<div class="repair">
	<p class="kicker">Next · repair</p>
	<h1><span class="stripes" aria-hidden="true"></span>{step.title}</h1>
	<p>{step.why}</p>
	{#if foreseen}
		<WhatIf whatIf={foreseen} most={3} />
	{:else if forecast}
		<p class="forecast">
			Estimate: repaired, the motor gets {volts(forecast.motorVolts)} V instead of {volts(
				forecast.motorVoltsNow
			)} V and turns about
			{Math.round(forecast.rpm)} instead of {Math.round(forecast.rpmNow)} rpm; across the part {volts(
				forecast.dropVolts
			)} V.
		</p>
	{/if}
	<fieldset>
		<legend>What was done</legend>
		{#each REPAIR_CHOICES as [value, words] (value)}
			<label class="key" class:primary={action === value}>
				<input type="radio" class="sr-only" name="action" {value} bind:group={action} />
				{words}
			</label>
		{/each}
	</fieldset>
	<label>
		<span class="sr-only">Note</span>
		<Textarea
			class="field note"
			rows={1}
			placeholder={fused
				? 'Its number and rating, such as F14, 80 A; what you found'
				: 'What you found, material, size (optional)'}
			bind:value={note}
			maxlength={500}
		/>
	</label>
	<div class="keys">
		<Key primary onclick={() => step.part && bench.record.repair(step.part, action, note)}
			>Record the repair</Key
		>
		<UndoKey {bench} />
	</div>
	<Cautions cautions={step.cautions} />
</div>

<style>
	.repair {
		display: grid;
		gap: 9px;
		font-size: 15px;
	}
	h1 {
		display: flex;
		align-items: center;
		gap: 12px;
		font-size: 23px;
		font-weight: 800;
		line-height: 1.15;
	}
	.stripes {
		flex: none;
		width: 26px;
		height: 26px;
		border-radius: 6px;
	}
	.forecast {
		font-style: italic;
	}
	fieldset {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	fieldset .key {
		padding: 0 0.6rem;
		font-size: 15px;
	}
	legend {
		font-weight: 650;
		margin-bottom: 4px;
	}
	fieldset .key:focus-within {
		outline: 3px solid var(--ink);
		outline-offset: 2px;
	}
	.repair :global(.note) {
		padding-top: 10px;
		width: 100%;
		color: var(--ink);
	}
	.repair :global(.note::placeholder) {
		color: var(--soft);
	}
</style>
