<script lang="ts">
	import { ask } from '../../lib/api/ask';
	import { api } from '../../lib/api/client';
	import Key from '../../lib/components/Key.svelte';
	import { getApp } from '../../lib/state/app.svelte';
	import { workshopNow } from '../../lib/state/clock';
	import { newId } from '../../lib/state/ids';

	/** Opens a check of one more vehicle. */
	type Props = { onadded: (caseId: string) => void };
	let { onadded }: Props = $props();
	const app = getApp();
	const LOST =
		'Dantro cannot be reached. No vehicle can be added until it is back; what you typed stays here.';
	let circuits = $state.raw<{ id: string; title: string }[]>([]);
	let vehicle = $state('');
	let circuit = $state('');
	let message = $state('');

	$effect(() => {
		void ask(api.GET('/api/circuits'), LOST).then(({ data, wrong }) => {
			circuits = data ?? [];
			message = wrong ?? '';
			circuit = circuits.find((c) => c.id === 'petrol-car')?.id ?? circuits[0]?.id ?? '';
		});
	});

	async function add(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		const id = newId();
		const opening = api.PUT('/api/cases/{caseId}', {
			params: { path: { caseId: id } },
			body: {
				vehicle,
				complaint: 'preventive check',
				circuit,
				concern: 'CHARGING',
				celsius: 20,
				by: app.device,
				openedAtMs: workshopNow()
			}
		});
		const { wrong } = await ask(opening, LOST);
		message = wrong ?? '';
		if (wrong) return;
		vehicle = '';
		onadded(id);
	}
</script>

<form class="card add" onsubmit={add}>
	<label>Vehicle <input class="field" bind:value={vehicle} maxlength="60" autocomplete="off" /></label>
	<label
		>Circuit
		<select class="field" bind:value={circuit}>
			{#each circuits as c (c.id)}<option value={c.id}>{c.title}</option>{/each}
		</select></label
	>
	{#if message}<p role="alert"><b>{message}</b></p>{/if}
	<Key type="submit" disabled={vehicle.trim() === ''}>Put it on the sheet</Key>
</form>

<style>
	.add {
		display: grid;
		grid-template-columns: 1fr 1fr auto;
		align-items: end;
		gap: 12px;
		padding: 14px 16px;
	}
	label {
		display: grid;
		gap: 4px;
		font-weight: 650;
	}
	@media (max-width: 767px) {
		.add {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
