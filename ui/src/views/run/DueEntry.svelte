<script lang="ts">
	import { ask } from '../../lib/api/ask';
	import { workshopNow } from '../../lib/state/clock';
	import { api, problemText, type CaseView, type NewReading, type RunRow } from '../../lib/api/client';
	import { getApp } from '../../lib/state/app.svelte';
	import { newId } from '../../lib/state/ids';
	import { parseTyped } from '../../lib/format/typed';
	import Key from '../../lib/components/Key.svelte';
	import Lead from '../../lib/components/Lead.svelte';

	/** The one reading that is due on one vehicle: where the leads go, and its field. */
	type Props = { row: RunRow; focus: boolean; onsaved: (row: RunRow, view: CaseView | undefined) => void };
	let { row, focus, onsaved }: Props = $props();
	let field = $state<HTMLInputElement>();
	$effect(() => {
		if (focus) field?.focus();
	});
	const app = getApp();
	const due = $derived(row.due);
	const loaded = $derived(due?.condition === 'RAISED_LOADED');
	const ripple = $derived(due !== undefined && !due.red);
	const LOST = 'Not saved: Dantro cannot be reached. What you typed stays here; press Save again.';
	let text = $state('');
	let amps = $state('');
	let message = $state('');
	let simulated = $state(false);
	let range = $state<NewReading['range']>();
	/** Made once, so that a save sent twice is one reading. */
	const id = newId();

	async function measure(): Promise<void> {
		if (!due?.red || !due.black || !due.condition) return;
		const shown = api.GET('/api/cases/{caseId}/simulated-meter', {
			params: {
				path: { caseId: row.caseId },
				query: { red: due.red, black: due.black, condition: due.condition }
			}
		});
		const { data, wrong } = await ask(shown, LOST);
		if (!data) {
			message = wrong;
			return;
		}
		text = data.typed;
		simulated = true;
		range = data.range;
		if (data.amps !== undefined && loaded) amps = String(data.amps);
	}

	/** A number with its unit, no reading between two points of the loop. */
	async function saveRipple(): Promise<void> {
		try {
			const { data, error } = await api.PUT('/api/cases/{caseId}/statements/{statementId}', {
				params: { path: { caseId: row.caseId, statementId: id } },
				body: { topic: 'RIPPLE_LOADED', value: text, note: '', by: app.device, saidAtMs: workshopNow() }
			});
			if (data) onsaved(row, data);
			else message = problemText(error);
		} catch {
			message = LOST;
		}
	}

	async function save(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		if (ripple) return await saveRipple();
		if (!due?.red || !due.black || !due.condition) return;
		const current = amps.trim() === '' ? undefined : Number(amps.replace(',', '.'));
		if (!parseTyped(text)) {
			message = 'Type what the meter shows, such as 14.2 or 180 mV.';
			return;
		}
		if (current !== undefined && !Number.isFinite(current)) {
			message = `The current (${amps}) is not a number of amperes, such as 74.`;
			return;
		}
		try {
			const { data, error } = await api.PUT('/api/cases/{caseId}/readings/{readingId}', {
				params: { path: { caseId: row.caseId, readingId: id } },
				body: {
					red: due.red,
					black: due.black,
					condition: due.condition,
					typed: text,
					statistic: 'SETTLED',
					amps: current,
					range: simulated ? range : undefined,
					source: simulated ? 'SIMULATED' : 'TYPED',
					by: app.device,
					takenAtMs: workshopNow()
				}
			});
			if (data) onsaved(row, data);
			else message = problemText(error);
		} catch {
			message = LOST;
		}
	}
</script>

{#if due}
	<form class="card" onsubmit={save}>
		<div>
			<p class="kicker">
				{row.vehicle} · {due.conditionWords ?? '1500–2000 rpm, all loads on, meter on AC'}
			</p>
			<h2>{due.title}</h2>
			<div class="leads">
				<Lead colour="red" name={due.redName ?? 'alternator B+ stud'} />
				<Lead colour="black" name={due.blackName ?? 'alternator case'} />
			</div>
		</div>
		<div class="hands">
			<label
				>{ripple ? 'Volts AC' : 'Volts'}
				<input
					bind:this={field}
					class="field"
					inputmode="decimal"
					autocomplete="off"
					value={text}
					oninput={(e) => {
						text = e.currentTarget.value;
						simulated = false;
					}}
				/></label
			>
			{#if loaded}
				<label
					>Amps, clamp <input class="field" inputmode="decimal" autocomplete="off" bind:value={amps} /></label
				>
			{/if}
			<div class="keys">
				<Key primary type="submit" disabled={text.trim() === ''}>Save</Key>
				{#if row.simulated && !ripple}<Key onclick={measure}>Simulated meter</Key>{/if}
			</div>
			{#if message}<p role="alert"><b>{message}</b></p>{/if}
		</div>
	</form>
{/if}

<style>
	form {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 8px 24px;
		padding: 14px 18px;
	}
	h2 {
		font-size: 22px;
		font-weight: 800;
	}
	.leads {
		display: grid;
		gap: 6px;
		margin-top: 8px;
	}
	.hands {
		display: flex;
		flex-wrap: wrap;
		align-items: end;
		gap: 10px;
	}
	.hands p {
		flex-basis: 100%;
	}
	label {
		display: grid;
		gap: 4px;
		flex: 1 1 140px;
		font-weight: 650;
	}
	input {
		font-size: 26px;
		font-weight: 800;
		min-height: 60px;
	}
	@media (max-width: 767px) {
		form {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
