<script lang="ts">
	import Dialog from '../../lib/components/Dialog.svelte';
	import { Newest } from '../../lib/api/ask';
	import { api, type CableSize, type CircuitPart } from '../../lib/api/client';
	import { areaWords } from '../../lib/format/cable';
	import { volts } from '../../lib/format/si';
	import { numberIn } from '../../lib/state/circuit.svelte';

	type Props = {
		open: boolean;
		part: CircuitPart;
		/** The part's share of its side's strictest limit. */
		allowedVolts: number;
		celsius: number;
		ontake: (squareMetres: number) => void;
	};
	let { open = $bindable(), part, allowedVolts, celsius, ontake }: Props = $props();
	const most = $derived(Math.max(Math.abs(part.cranking.amps), Math.abs(part.charging.amps)));
	/** Only a changed proposal may replace what is being typed. */
	const proposedMetres = $derived(String(part.lengthMetres ?? 1));
	const proposedCurrent = $derived(String(Math.round(most)));
	const proposedAllowed = $derived(allowedVolts.toFixed(3));
	let metres = $derived(proposedMetres);
	let current = $derived(proposedCurrent);
	let allowed = $derived(proposedAllowed);
	const newest = new Newest();
	let sized = $state.raw<CableSize | null>(null);
	let message = $state('');

	$effect(() => {
		const run = { metres: numberIn(metres), amps: numberIn(current), allowedVolts: numberIn(allowed) };
		if (open) void size(run);
	});

	async function size(
		run: Record<'metres' | 'amps' | 'allowedVolts', number | undefined | null>
	): Promise<void> {
		const { metres, amps, allowedVolts } = run;
		const asked =
			metres && amps && allowedVolts
				? api.GET('/api/cable-size', { params: { query: { metres, amps, allowedVolts, celsius } } })
				: Promise.resolve({
						error: { detail: 'Give length, current and allowed drop as numbers above zero.' }
					});
		const answer = await newest.ask<CableSize>(asked, 'Dantro cannot be reached. Try again when it is back.');
		if (!answer) return;
		message = answer.wrong ?? '';
		sized = answer.data ?? null;
	}

	function take(squareMetres: number): void {
		ontake(squareMetres);
		open = false;
	}
</script>

<Dialog title="Size the {part.name}" bind:open size="sm">
	<div class="fields">
		<label>Length, m <input inputmode="decimal" bind:value={metres} /></label>
		<label>Current, A <input inputmode="decimal" bind:value={current} /></label>
		<label>Allowed drop, V <input inputmode="decimal" bind:value={allowed} /></label>
	</div>
	<p class="why">
		The allowed drop is this cable's share of the strictest limit of its side, after the joints have had
		theirs.
	</p>
	{#if message}<p role="alert">{message}</p>{/if}
	{#if sized}
		<p>At least <b>{areaWords(sized.leastSquareMetres, 'mm2')}</b>. Next standard sizes:</p>
		<div class="sizes">
			{#each sized.sizes as size, i (size.squareMetres)}
				<button class="key" class:primary={i === 0} onclick={() => take(size.squareMetres)}>
					<b>{areaWords(size.squareMetres, 'mm2')}</b> <span>{size.gauge}</span>
					<span>{volts(size.dropVolts)} V lost</span>
				</button>
			{:else}
				<p>No single standard cable is large enough. Shorten the run or lay two.</p>
			{/each}
		</div>
	{/if}
</Dialog>

<style>
	.fields {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		gap: 10px;
	}
	label {
		font-weight: 650;
	}
	input {
		display: block;
		width: 100%;
		min-height: 48px;
		padding: 0 10px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--card);
		color: var(--ink);
		font-size: 17px;
	}
	.why {
		font-size: 14px;
		color: var(--soft);
	}
	.sizes {
		display: grid;
		gap: 8px;
	}
	.sizes button {
		display: flex;
		gap: 14px;
		justify-content: space-between;
	}
</style>
