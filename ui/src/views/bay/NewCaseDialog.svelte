<script lang="ts">
	import Dialog from '../../lib/components/Dialog.svelte';
	import Field from '../../lib/components/Field.svelte';
	import Key from '../../lib/components/Key.svelte';
	import { getApp } from '../../lib/state/app.svelte';
	import Choice from '../look/Choice.svelte';
	import BeforeHere from './BeforeHere.svelte';
	import FromFile from './FromFile.svelte';
	import { NewCaseForm } from './newcase.svelte';

	type Props = { open: boolean };
	let { open = $bindable() }: Props = $props();
	const form = new NewCaseForm(getApp(), window.localStorage);
	const { typed, wrong, before, known } = $derived(form);
	let fields = $state<HTMLFormElement>();

	$effect(() => {
		if (open) void form.loadChoices();
	});
	$effect(() => {
		if (open) void form.findVehicles(typed.vehicle.trim());
		if (open) void form.findPlate(typed.plate.trim());
	});
	$effect(() => {
		if (open) form.keep();
	});

	async function start(event: Event): Promise<void> {
		event.preventDefault();
		await form.start();
		const first = Object.keys(form.wrong)[0];
		fields?.querySelector<HTMLInputElement>(`input[name="${first}"]`)?.focus();
	}
</script>

<Dialog title="New case" bind:open size="md">
	<form onsubmit={start} bind:this={fields} novalidate>
		<div class="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] gap-2.5">
			<div>
				<Field
					label="Vehicle"
					name="vehicle"
					bind:value={typed.vehicle}
					wrong={wrong.vehicle}
					maxlength={80}
					placeholder="Name"
					list="vehicles"
					autofocus
				/>
				<datalist id="vehicles">
					{#each form.names as name (name)}<option value={name}></option>{/each}
				</datalist>
			</div>
			<div><Field label="Plate or fleet no." name="plate" bind:value={typed.plate} maxlength={20} /></div>
		</div>
		{#if known}<BeforeHere vehicle={known} bind:another={typed.another} />{/if}
		<div>
			<Field
				label="What it does"
				name="complaint"
				bind:value={typed.complaint}
				wrong={wrong.complaint}
				maxlength={200}
			/>
		</div>
		<div class="keys">
			{#each form.intake.complaints as said (said.words)}
				<button
					type="button"
					class="key"
					class:primary={typed.complaint === said.words}
					onclick={() => form.complain(said)}>{said.words}</button
				>
			{/each}
		</div>
		<div class="grid grid-cols-[100px_minmax(0,1fr)_minmax(0,2fr)] gap-2.5">
			<div>
				<Field
					label="Air, °C"
					name="celsius"
					bind:value={typed.celsius}
					wrong={wrong.celsius}
					inputmode="decimal"
				/>
			</div>
			<label>
				<span>It is about</span>
				<select class="field" name="concern" bind:value={typed.concern}>
					<option value="STARTING">starting</option>
					<option value="CHARGING">charging</option>
				</select>
			</label>
			<label>
				<span>Circuit</span>
				<select
					class="field"
					name="circuit"
					value={form.circuit}
					onchange={(e) => (typed.chosen = e.currentTarget.value)}
				>
					{#if before}<option value={before.lastCase}>As in this vehicle's last case</option>{/if}
					{#each form.circuits as c (c.id)}
						<option value={c.id}>{c.title}</option>
					{/each}
				</select>
			</label>
		</div>
		<div class="quick">
			{#each form.intake.asked as q (q.topic)}
				<Choice
					words={q.title}
					choices={q.choices}
					stated={typed.said[q.topic]}
					onstate={(value) => (typed.said[q.topic] = value)}
				/>
			{/each}
		</div>
		{#if form.message}<p role="alert" class="message">{form.message}</p>{/if}
		<div class="start"><Key primary type="submit">Start the case</Key></div>
		<FromFile onrefused={(why) => (form.message = why)} />
	</form>
</Dialog>

<style>
	label span {
		font-weight: 650;
	}
	form {
		display: grid;
		gap: 12px;
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
	.start {
		position: sticky;
		bottom: -16px;
		display: grid;
		padding: 8px 0;
		background: var(--card);
	}
</style>
