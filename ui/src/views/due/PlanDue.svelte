<script lang="ts">
	import { taken } from '../../lib/api/ask';
	import { api } from '../../lib/api/client';
	import Field from '../../lib/components/Field.svelte';
	import Key from '../../lib/components/Key.svelte';
	import { getApp } from '../../lib/state/app.svelte';
	import { workshopNow } from '../../lib/state/clock';
	import { newId } from '../../lib/state/ids';
	import { kmIn, monthsOn, wrongIn, type Plan, type Wrong } from './plan';

	/** Puts something on the list of what is due: on a vehicle, or for the shop itself. */
	type Props = { vehicleId?: string; words?: string; onplanned: () => void };
	let { vehicleId, words = '', onplanned }: Props = $props();
	const LOST = 'Dantro cannot be reached. Your entry stays here; save it again when it is back.';
	const SOON = [
		[1, 'In a month'],
		[3, 'In 3 months'],
		[6, 'In 6 months'],
		[12, 'In a year']
	] as const;
	const app = getApp();
	const fresh = (): Plan => ({ kind: vehicleId ? 'RECHECK' : 'RUN_SHEET', words, day: '', odometer: '' });
	let plan = $state(fresh());
	let wrong = $state.raw<Wrong>({});
	let message = $state('');
	let id = newId();

	async function save(event: Event): Promise<void> {
		event.preventDefault();
		wrong = wrongIn(plan);
		if (Object.keys(wrong).length > 0) return;
		const body = {
			kind: plan.kind,
			words: plan.words.trim(),
			day: plan.day,
			by: app.device,
			saidAtMs: workshopNow(),
			...(vehicleId ? { vehicle: vehicleId } : {}),
			...(plan.odometer.trim() ? { odometer: kmIn(plan.odometer) as number } : {})
		};
		message = await taken(api.PUT('/api/due/{dueId}', { params: { path: { dueId: id } }, body }), LOST);
		if (message) return;
		id = newId();
		plan = { ...fresh(), words: '' };
		onplanned();
	}
</script>

<form class="card" onsubmit={save} novalidate>
	{#if !vehicleId}
		<label>
			<span>Kind</span>
			<select bind:value={plan.kind} name="kind">
				<option value="RUN_SHEET">Run sheet of a fleet</option>
				<option value="RECHECK">Recheck</option>
			</select>
		</label>
	{/if}
	<div class="wide">
		<Field
			label="What is to be done"
			name="due-words"
			bind:value={plan.words}
			wrong={wrong.words}
			maxlength={200}
		/>
	</div>
	<div>
		<label>
			<span>On the day</span>
			<input
				class="field"
				type="date"
				name="due-day"
				bind:value={plan.day}
				aria-invalid={wrong.day ? 'true' : undefined}
			/>
		</label>
		{#if wrong.day}<p class="wrong">{wrong.day}</p>{/if}
	</div>
	{#if vehicleId}
		<div>
			<Field
				label="Or at, km"
				name="due-odometer"
				bind:value={plan.odometer}
				wrong={wrong.odometer}
				maxlength={14}
				inputmode="numeric"
			/>
		</div>
	{/if}
	<div class="wide keys">
		{#each SOON as [months, title] (months)}
			<Key onclick={() => (plan.day = monthsOn(new Date(workshopNow()), months))}>{title}</Key>
		{/each}
	</div>
	{#if message}<p class="wide" role="alert">{message}</p>{/if}
	<div class="wide"><Key primary type="submit">Put it on the list</Key></div>
</form>

<style>
	form {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		gap: 10px 14px;
		padding: 14px 16px;
		align-items: start;
	}
	.wide {
		grid-column: 1 / -1;
	}
	label span {
		font-weight: 650;
	}
	input[type='date'] {
		width: 100%;
		min-height: 48px;
		padding: 0 10px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--paper);
		color: var(--ink);
	}
	.wrong {
		margin-top: 4px;
		padding-left: 8px;
		border-left: 5px solid var(--ink);
		font-size: 15px;
		font-weight: 650;
	}
	.keys {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	@media (max-width: 520px) {
		form {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
