<script lang="ts">
	import type { ChargingView } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import { ampsTyped, wrongWith } from '../../lib/state/draft.svelte';
	import { workshopNow } from '../../lib/state/clock';
	import Key from '../../lib/components/Key.svelte';
	import Lead from '../../lib/components/Lead.svelte';

	/** One side under the pile: where the leads go, what was set and what the meter showed, saved where one stands. */
	type Way = ChargingView['piles'][number]['ways'][number];
	type Props = { bench: CaseState; way: Way; setAmps: number; due: boolean };
	let { bench, way, setAmps, due }: Props = $props();
	let text = $state('');
	let amps = $state('');
	let message = $state('');
	const name = (id: string) => bench.view?.points.find((p) => p.id === id)?.name ?? id;

	function save(event: SubmitEvent): void {
		event.preventDefault();
		const set = amps.trim() === '' ? String(Math.round(setAmps)) : amps;
		message = wrongWith(text, set, way.pair.condition);
		if (message) return;
		bench.record.write(
			'readings',
			{
				...way.pair,
				typed: text,
				statistic: 'SETTLED',
				amps: ampsTyped(set, way.pair.condition) ?? undefined,
				source: 'TYPED',
				by: bench.device,
				takenAtMs: workshopNow()
			},
			text
		);
		text = '';
	}
</script>

<form class:due onsubmit={save} aria-label={way.name}>
	<h3>{way.name} <b>{way.shown ?? ''}</b></h3>
	<div class="leads">
		<Lead colour="red" name={name(way.pair.red)} />
		<Lead colour="black" name={name(way.pair.black)} />
	</div>
	<label>Meter shows, V <input class="volts" inputmode="text" autocomplete="off" bind:value={text} /></label>
	<label
		>Set, A
		<input
			inputmode="decimal"
			autocomplete="off"
			placeholder={String(Math.round(setAmps))}
			bind:value={amps}
		/></label
	>
	<Key primary={due} type="submit">{way.shown ? 'Again' : 'Save'}</Key>
	{#if message}<p role="alert"><b>{message}</b></p>{/if}
</form>

<style>
	form {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 84px auto;
		align-items: end;
		gap: 8px 10px;
		padding: 10px 12px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
	}
	form.due {
		border: 3px solid var(--ink);
	}
	h3::first-letter {
		text-transform: uppercase;
	}
	h3,
	.leads,
	[role='alert'] {
		grid-column: 1 / -1;
	}
	h3 {
		display: flex;
		justify-content: space-between;
		font-size: 17px;
		font-weight: 700;
	}
	.leads {
		display: grid;
		gap: 4px;
	}
	label {
		display: grid;
		gap: 2px;
		font-size: 14px;
		font-weight: 650;
	}
	input {
		width: 100%;
		min-height: 52px;
		padding: 0 10px;
		border: 1.5px solid var(--ink);
		border-radius: 10px;
		background: var(--card);
		color: var(--ink);
		font: inherit;
		font-size: 18px;
	}
	.volts {
		font-size: 24px;
		font-weight: 750;
	}
</style>
