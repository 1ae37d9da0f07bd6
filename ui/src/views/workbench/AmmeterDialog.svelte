<script lang="ts">
	import Dialog from '../../lib/components/Dialog.svelte';
	import type { NewReading } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import Key from '../../lib/components/Key.svelte';

	type Kind = 'AMPERES' | 'METER' | 'SHUNT';
	type Props = {
		bench: CaseState;
		/** Offered first while nothing was chosen. */ first?: Kind;
		open: boolean;
	};
	let { bench, first = 'AMPERES', open = $bindable() }: Props = $props();
	const KINDS = [
		['AMPERES', 'A clamp that shows amperes'],
		['METER', 'A clamp on a meter, in mV'],
		['SHUNT', 'The drop of a known cable']
	] as const;
	const FACTORS = [1, 10, 100];

	let kind = $state<Kind>('AMPERES');
	let factor = $state(10);
	let zero = $state('');
	let place = $state('');
	let message = $state('');
	const cables = $derived(bench.view?.cables ?? []);
	const cable = $derived(cables.find((c) => c.id === place));
	const unit = $derived(kind === 'AMPERES' ? 'A' : 'mV');

	$effect(() => {
		if (!open) return;
		const used = bench.entry.draft.ammeter;
		kind =
			used?.how === 'CABLE_AS_SHUNT' ? 'SHUNT' : used?.millivoltsPerAmp ? 'METER' : used ? 'AMPERES' : first;
		factor = used?.millivoltsPerAmp ?? 10;
		zero = used?.zero === undefined ? '' : String(used.zero);
		place = used?.in ?? '';
		message = '';
	});

	function use(): void {
		const empty = zero.trim() === '' ? 0 : Number(zero.replace(',', '.'));
		if (!Number.isFinite(empty)) {
			message = `What it shows with empty jaws (${zero}) is not a number, such as 0 or 0.4.`;
			return;
		}
		if (kind === 'SHUNT' && !cable) {
			message = 'Choose the cable whose drop you read: only a known one tells the current.';
			return;
		}
		const where = place || undefined;
		const ammeter: NewReading['ammeter'] =
			kind === 'SHUNT'
				? { how: 'CABLE_AS_SHUNT', in: where }
				: { how: 'CLAMP', in: where, zero: empty, millivoltsPerAmp: kind === 'METER' ? factor : undefined };
		const shows = `${empty} ${unit} with empty jaws`;
		bench.entry.setAmmeter(
			ammeter,
			kind === 'SHUNT' ? '' : `${kind === 'METER' ? `${factor} mV/A` : 'shows amperes'}, ${shows}`
		);
		open = false;
	}
</script>

<Dialog title="How the current is measured" bind:open size="sm">
	<div class="kinds" role="group" aria-label="Instrument">
		{#each KINDS as [value, words] (value)}
			<button type="button" aria-pressed={kind === value} onclick={() => (kind = value)}>{words}</button>
		{/each}
	</div>
	{#if kind === 'METER'}
		<label>
			Output factor, printed on the clamp
			<select bind:value={factor}>
				{#each FACTORS as f (f)}<option value={f}>{f} mV per A</option>{/each}
			</select>
		</label>
	{/if}
	{#if kind !== 'SHUNT'}
		<label>
			Jaws closed, nothing in them: it shows ({unit})
			<input inputmode="decimal" autocomplete="off" placeholder="0" bind:value={zero} />
		</label>
	{/if}
	<label>
		{kind === 'SHUNT' ? 'Red on one end of it, black on the other' : 'Around'}
		<select bind:value={place}>
			<option value="">
				{kind === 'SHUNT' ? 'choose the cable' : 'all on battery −; engine running: the charge cable'}
			</option>
			{#each cables as c (c.id)}<option value={c.id}>{c.name}</option>{/each}
		</select>
	</label>
	{#if kind === 'SHUNT' && cable}
		<p>
			{cable.milliohms.toFixed(3)} mΩ by its size: 1 mV is {(1 / cable.milliohms).toFixed(1)} A, ± {Math.round(
				200 * cable.standardShare
			)} %. Never across a joint: only the conductor is known.
		</p>
	{:else if place}
		<p>Only this branch is measured. Type − in front if the arrow points against the usual way.</p>
	{/if}
	{#if message}<p class="message" role="alert">{message}</p>{/if}
	<Key primary onclick={use}>Measure like this</Key>
</Dialog>

<style>
	.kinds {
		display: grid;
		gap: 6px;
	}
	.kinds button,
	input {
		width: 100%;
		min-height: 48px;
		padding: 0 12px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--card);
		color: var(--ink);
		font-size: 16px;
		font-weight: 600;
		text-align: left;
	}
	.kinds button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--card);
		border-color: var(--ink);
	}
	label {
		display: grid;
		gap: 4px;
		font-size: 15px;
	}
	p {
		font-size: 15px;
	}
</style>
