<script lang="ts">
	import { workshopNow } from '../../lib/state/clock';
	import Input from 'flowbite-svelte/Input.svelte';
	import Modal from 'flowbite-svelte/Modal.svelte';
	import { push } from 'svelte-spa-router';
	import { api, problemText, type KnownVehicle, type NewCase, type Topic } from '../../lib/api/client';
	import Key from '../../lib/components/Key.svelte';
	import { getApp } from '../../lib/state/app.svelte';
	import { caseOf } from '../../lib/state/case.svelte';
	import { newId } from '../../lib/state/ids';
	import Choice from '../look/Choice.svelte';
	import BeforeHere from './BeforeHere.svelte';

	type Props = { open: boolean };
	let { open = $bindable() }: Props = $props();
	const app = getApp();
	type Concern = NewCase['concern'];
	const COMPLAINTS: [string, Concern, string][] = [
		['cranks slowly', 'STARTING', 'SLOW'],
		['nothing happens at the key', 'STARTING', 'NOTHING'],
		['single click, no crank', 'STARTING', 'CLICK'],
		['cranks, then dies', 'STARTING', 'DIES'],
		['only now and then', 'STARTING', 'INTERMITTENT'],
		['battery flat in the morning', 'CHARGING', 'FLAT_MORNING'],
		['charge lamp on', 'CHARGING', 'LAMP_ON'],
		['charge lamp dim', 'CHARGING', 'LAMP_DIM'],
		['charges too little', 'CHARGING', 'UNDERCHARGES'],
		['bulbs blow, battery smells', 'CHARGING', 'OVERCHARGES'],
		['lights flicker', 'CHARGING', 'UNSTEADY'],
		['dies while driving', 'CHARGING', 'DIES_DRIVING'],
		['nothing: a check', 'CHARGING', 'CHECK']
	];
	let id = newId();
	let vehicle = $state('');
	let complaint = $state('');
	let celsius = $state('20');
	let concern = $state<Concern>('STARTING');
	let circuits = $state.raw<{ id: string; title: string }[]>([]);
	let found = $state.raw<KnownVehicle[]>([]);
	let another = $state(false);
	/** The vehicle of this name that was here last: its circuit and its figures are taken over. */
	const known = $derived(
		found.find((v) => v.name.toLowerCase() === vehicle.trim().toLowerCase() && vehicle.trim() !== '')
	);
	const before = $derived(another ? undefined : known);
	const vehicles = $derived([...new Set(found.map((v) => v.name))]);
	let chosen = $state<string>();
	/** A circuit's id, or that of the case whose circuit is taken over. */
	const circuit = $derived(
		chosen && (chosen === before?.lastCase || circuits.some((c) => c.id === chosen))
			? chosen
			: (before?.lastCase ?? 'petrol-car')
	);
	let message = $state('');
	let said = $state<Partial<Record<Topic, string>>>({});
	const QUICK: { topic: Topic; words: string; choices: { value: string; words: string }[] }[] = [
		{
			topic: 'ENGINE',
			words: 'Engine',
			choices: [
				{ value: 'COLD', words: 'cold' },
				{ value: 'WARM', words: 'warm' }
			]
		},
		{
			topic: 'CHARGER',
			words: 'On a charger today',
			choices: [
				{ value: 'NO', words: 'no' },
				{ value: 'YES', words: 'yes' }
			]
		},
		{
			topic: 'CLAMP',
			words: 'DC clamp at hand',
			choices: [
				{ value: 'YES', words: 'yes' },
				{ value: 'NO', words: 'no' }
			]
		}
	];

	$effect(() => {
		if (open && circuits.length === 0) void loadCircuits();
	});

	$effect(() => {
		if (open) void findVehicles(vehicle.trim());
	});

	/** Those of which a piece of the name is typed; an answer that comes late is not shown. */
	async function findVehicles(name: string): Promise<void> {
		try {
			const { data } = await api.GET('/api/vehicles', { params: { query: { name } } });
			if (data && name === vehicle.trim()) found = data;
		} catch {
			message = 'Dantro cannot be reached. Your entries stay here; try again when it is back.';
		}
	}

	async function loadCircuits(): Promise<void> {
		try {
			const { data, error } = await api.GET('/api/circuits');
			if (data) circuits = data;
			else message = problemText(error);
		} catch {
			message = 'Dantro cannot be reached. Your entries stay here; try again when it is back.';
		}
	}

	/** Opens a case from a case file; what is wrong with the file is said with its place in it. */
	async function fromFile(files: FileList | null): Promise<void> {
		const file = files?.[0];
		if (!file) return;
		const caseId = newId();
		try {
			const answer = await fetch(`/api/cases/${caseId}/file?by=${encodeURIComponent(app.device)}`, {
				method: 'PUT',
				headers: { 'Content-Type': 'application/json' },
				body: await file.text()
			});
			if (answer.ok) {
				open = false;
				await push(`/case/${caseId}`);
			} else {
				message = `${file.name}: ${problemText(await answer.json())}`;
			}
		} catch {
			message = 'Dantro cannot be reached. Try again when it is back.';
		}
	}

	async function start(event: Event): Promise<void> {
		event.preventDefault();
		const temperature = Number(celsius.replace(',', '.').replace('−', '-'));
		if (!vehicle.trim() || !complaint.trim() || !Number.isFinite(temperature)) {
			message = 'Give the vehicle a name, say what it does, and the temperature in °C.';
			return;
		}
		try {
			const { data, error } = await api.PUT('/api/cases/{caseId}', {
				params: { path: { caseId: id } },
				body: {
					vehicle,
					complaint,
					circuit: before?.lastCase === circuit ? 'petrol-car' : circuit,
					circuitOf: before?.lastCase === circuit ? before.lastCase : undefined,
					onVehicle: before?.id,
					concern,
					celsius: temperature,
					by: app.device,
					openedAtMs: workshopNow()
				}
			});
			if (data) {
				const opened = caseOf(data.id, app);
				for (const [topic, value] of Object.entries(said)) if (value) opened.state(topic as Topic, value);
				open = false;
				id = newId();
				said = {};
				chosen = undefined;
				another = false;
				await push(`/case/${data.id}`);
			} else {
				message = problemText(error);
			}
		} catch {
			message = 'Dantro cannot be reached. Your entries stay here; try again when it is back.';
		}
	}
</script>

<Modal title="New case" bind:open size="md" class="dialog">
	<form onsubmit={start}>
		<label>
			<span>Vehicle</span>
			<Input
				class="field"
				name="vehicle"
				bind:value={vehicle}
				maxlength={80}
				placeholder="Name or plate"
				autocomplete="off"
				list="vehicles"
				autofocus
			/>
			<datalist id="vehicles">
				{#each vehicles as name (name)}<option value={name}></option>{/each}
			</datalist>
		</label>
		{#if known}<BeforeHere vehicle={known} bind:another />{/if}
		<label>
			<span>What it does</span>
			<Input class="field" name="complaint" bind:value={complaint} maxlength={200} autocomplete="off" />
		</label>
		<div class="taps">
			{#each COMPLAINTS as [words, about, symptom] (words)}
				<button
					type="button"
					class="key"
					class:primary={complaint === words}
					onclick={() => {
						complaint = words;
						concern = about;
						said.SYMPTOM = about === 'STARTING' ? symptom : undefined;
						said.CHARGING_SYMPTOM = about === 'CHARGING' ? symptom : undefined;
					}}>{words}</button
				>
			{/each}
		</div>
		<div class="three">
			<label>
				<span>Air, °C</span>
				<Input class="field" name="celsius" bind:value={celsius} inputmode="decimal" autocomplete="off" />
			</label>
			<label>
				<span>It is about</span>
				<select class="field" name="concern" bind:value={concern}>
					<option value="STARTING">starting</option>
					<option value="CHARGING">charging</option>
				</select>
			</label>
			<label>
				<span>Circuit</span>
				<select
					class="field"
					name="circuit"
					value={circuit}
					onchange={(e) => (chosen = e.currentTarget.value)}
				>
					{#if before}<option value={before.lastCase}>As in this vehicle's last case</option>{/if}
					{#each circuits as c (c.id)}
						<option value={c.id}>{c.title}</option>
					{/each}
				</select>
			</label>
		</div>
		<div class="quick">
			{#each QUICK as q (q.topic)}
				<Choice
					words={q.words}
					choices={q.choices}
					stated={said[q.topic]}
					onstate={(value) => (said[q.topic] = value)}
				/>
			{/each}
		</div>
		{#if message}<p role="alert" class="message">{message}</p>{/if}
		<Key primary type="submit">Start the case</Key>
		<label class="key file"
			>or open a case file<input
				type="file"
				accept=".json,application/json"
				onchange={(e) => fromFile(e.currentTarget.files)}
			/></label
		>
	</form>
</Modal>

<style>
	form {
		display: grid;
		gap: 12px;
	}
	label span {
		font-weight: 650;
	}
	.taps {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	.quick {
		display: grid;
		grid-template-columns: repeat(3, auto);
		gap: 0 14px;
		font-size: 15px;
	}
	@media (max-width: 767px) {
		.quick {
			grid-template-columns: minmax(0, 1fr);
		}
	}
	.file {
		display: grid;
		place-items: center;
	}
	.file input {
		position: absolute;
		width: 1px;
		height: 1px;
		opacity: 0;
	}
	.file:focus-within {
		outline: 3px solid var(--ink);
		outline-offset: 2px;
	}
	.three {
		display: grid;
		grid-template-columns: 90px minmax(0, 1fr) minmax(0, 2fr);
		gap: 10px;
	}
	select {
		display: block;
		width: 100%;
		min-height: 48px;
		padding: 0 10px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--card);
		color: var(--ink);
		font-size: 16px;
	}
	.message {
		font-weight: 650;
	}
</style>
