<script lang="ts">
	import { ask, taken } from '../../lib/api/ask';
	import { api, type KnownVehicle, type VehiclePage } from '../../lib/api/client';
	import Field from '../../lib/components/Field.svelte';
	import Key from '../../lib/components/Key.svelte';
	import { getApp } from '../../lib/state/app.svelte';
	import { workshopNow } from '../../lib/state/clock';
	import { newId } from '../../lib/state/ids';

	/** A vehicle that was entered twice: shown as one from now on, and taken apart again if that was wrong. */
	type Props = { page: VehiclePage; onchanged: () => void };
	let { page, onchanged }: Props = $props();
	const LOST = 'Dantro cannot be reached. Try again when it is back.';
	const app = getApp();
	let name = $state('');
	let found = $state.raw<KnownVehicle[]>([]);
	let message = $state('');
	const others = $derived(found.filter((v) => v.id !== page.id && !page.alike.some((a) => a.id === v.id)));

	$effect(() => {
		const piece = name.trim();
		if (piece.length < 2) {
			found = [];
			return;
		}
		void ask(api.GET('/api/vehicles', { params: { query: { name: piece } } }), LOST).then(({ data }) => {
			if (data && piece === name.trim()) found = data;
		});
	});

	/** @param into the vehicle itself to take it out again */
	async function join(vehicleId: string, into: string): Promise<void> {
		const path = { vehicleId, joinId: newId() };
		const body = { into, by: app.device, saidAtMs: workshopNow() };
		message = await taken(
			api.PUT('/api/vehicles/{vehicleId}/joins/{joinId}', { params: { path }, body }),
			LOST
		);
		if (message) return;
		name = '';
		onchanged();
	}
</script>

{#snippet one(id: string, words: string, plate: string)}
	<li>
		<a class="underline" href="#/vehicle/{id}">{words}</a>
		{#if plate}<span>{plate}</span>{/if}
		<Key onclick={() => void join(id, page.id)}>It is this one: join</Key>
	</li>
{/snippet}

<div class="card same">
	{#if message}<p role="alert">{message}</p>{/if}
	{#if page.joined.length > 0}
		<ul aria-label="Joined to this vehicle">
			{#each page.joined as joined (joined.id)}
				<li>
					<span>Joined: <b>{joined.name}</b></span>
					<Key onclick={() => void join(joined.id, joined.id)}>Take it out again</Key>
				</li>
			{/each}
		</ul>
	{/if}
	{#if page.alike.length > 0}
		<p><b>The same plate stands on another vehicle.</b></p>
		<ul>
			{#each page.alike as other (other.id)}{@render one(other.id, other.name, other.plate)}{/each}
		</ul>
	{/if}
	<Field label="Entered twice? The other's name or plate" name="same" bind:value={name} maxlength={80} />
	<ul>
		{#each others as other (other.id)}{@render one(other.id, other.name, other.plate)}{/each}
	</ul>
	{#if name.trim().length > 1 && others.length === 0}<p class="soft">
			No other vehicle has that name or plate.
		</p>{/if}
</div>

<style>
	.same {
		display: grid;
		gap: 8px;
		padding: 12px 16px;
	}
	li {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 14px;
		align-items: center;
		justify-content: space-between;
		padding: 6px 0;
		border-top: 1px solid var(--line);
	}
	li a {
		display: inline-flex;
		align-items: center;
		min-height: 48px;
	}
	.soft {
		color: var(--soft);
	}
</style>
