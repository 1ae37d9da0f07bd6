<script lang="ts">
	import { taken } from '../../lib/api/ask';
	import { api, type VehiclePage } from '../../lib/api/client';
	import Field from '../../lib/components/Field.svelte';
	import Key from '../../lib/components/Key.svelte';
	import { getApp } from '../../lib/state/app.svelte';
	import { workshopNow } from '../../lib/state/clock';
	import { newId } from '../../lib/state/ids';

	/** Plate, year and the like, to be noted or corrected. */
	type Detail = VehiclePage['details'][number];
	type Props = { vehicleId: string; details: Detail[]; onsaved: () => void };
	let { vehicleId, details, onsaved }: Props = $props();
	const LOST = 'Dantro cannot be reached. Your entry stays here; save it again when it is back.';
	const app = getApp();
	// svelte-ignore state_referenced_locally
	let typed = $state(Object.fromEntries(details.map((d) => [d.field, d.value])));
	let wrong = $state<Record<string, string>>({});
	let asked = '';
	const changed = $derived(details.filter((d) => (typed[d.field] ?? '').trim() !== d.value));

	async function save(event: Event): Promise<void> {
		event.preventDefault();
		wrong = {};
		for (const detail of changed) {
			const value = (typed[detail.field] ?? '').trim();
			const why = await note(detail, value);
			if (why) wrong = { ...wrong, [detail.field]: why };
		}
		onsaved();
	}

	/** Why it could not be noted; nothing if it was. */
	async function note(detail: Detail, value: string): Promise<string> {
		const path = { vehicleId, detailId: newId() };
		// A plate that another vehicle has is asked about once; saved again, it is meant.
		const evenSo = detail.field === 'PLATE' && asked === value;
		if (detail.field === 'PLATE') asked = value;
		const body = { field: detail.field, value, evenSo, by: app.device, saidAtMs: workshopNow() };
		return taken(api.PUT('/api/vehicles/{vehicleId}/details/{detailId}', { params: { path }, body }), LOST);
	}
</script>

<form class="card" onsubmit={save} novalidate>
	{#each details as detail (detail.field)}
		<div>
			<Field
				label={detail.title}
				name={detail.field.toLowerCase()}
				bind:value={() => typed[detail.field] ?? '', (value) => (typed[detail.field] = value)}
				wrong={wrong[detail.field]}
				maxlength={detail.longest}
			/>
			{#if detail.hint}<p class="hint">{detail.hint}</p>{/if}
		</div>
	{/each}
	{#if changed.length > 0}<Key primary type="submit">Save</Key>{/if}
</form>

<style>
	.hint {
		color: var(--soft);
		font-size: 15px;
	}
	form {
		display: grid;
		gap: 10px;
		padding: 12px 16px;
	}
</style>
