<script lang="ts">
	import Input from 'flowbite-svelte/Input.svelte';
	import Modal from 'flowbite-svelte/Modal.svelte';
	import { push } from 'svelte-spa-router';
	import { api, problemText } from '../../lib/api/client';
	import Key from '../../lib/components/Key.svelte';
	import { getApp } from '../../lib/state/app.svelte';
	import { newId } from '../../lib/state/ids';

	type Props = { open: boolean };
	let { open = $bindable() }: Props = $props();
	const app = getApp();
	const COMPLAINTS = [
		'cranks slowly',
		'cranks slowly when cold',
		'cranks slowly when warm',
		'single click, no crank'
	];
	let id = newId();
	let vehicle = $state('');
	let complaint = $state('');
	let celsius = $state('20');
	let message = $state('');

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
					circuit: 'petrol-body-return',
					celsius: temperature,
					by: app.device,
					openedAtMs: Date.now()
				}
			});
			if (data) {
				open = false;
				id = newId();
				await push(`/case/${data.id}`);
			} else {
				message = problemText(error);
			}
		} catch {
			message = 'Dantro cannot be reached. Your entries stay here; try again when it is back.';
		}
	}
</script>

<Modal title="New case" bind:open size="sm" class="dialog">
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
				autofocus
			/>
		</label>
		<label>
			<span>What it does</span>
			<Input class="field" name="complaint" bind:value={complaint} maxlength={200} autocomplete="off" />
		</label>
		<div class="taps">
			{#each COMPLAINTS as words (words)}
				<button
					type="button"
					class="key"
					class:primary={complaint === words}
					onclick={() => (complaint = words)}>{words}</button
				>
			{/each}
		</div>
		<label>
			<span>Engine and air, °C</span>
			<Input class="field" name="celsius" bind:value={celsius} inputmode="decimal" autocomplete="off" />
		</label>
		<p class="circuit">
			Circuit: 12 V petrol, battery under the bonnet, battery − on the body, engine strap as the whole return.
		</p>
		{#if message}<p role="alert" class="message">{message}</p>{/if}
		<Key primary type="submit">Start the case</Key>
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
	.circuit {
		font-size: 14px;
		color: var(--soft);
	}
	.message {
		font-weight: 650;
	}
</style>
