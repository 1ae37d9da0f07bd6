<script lang="ts">
	import { moment } from '../../lib/format/when';
	import { ask } from '../../lib/api/ask';
	import { api, type Device } from '../../lib/api/client';
	import { getApp } from '../../lib/state/app.svelte';
	import JoinCode from '../../lib/components/JoinCode.svelte';
	import Key from '../../lib/components/Key.svelte';

	/** The devices that may come in: who is, since when, one more, and one less. */
	const app = getApp();
	const ROLE = { TECHNICIAN: 'technician', SEAT: 'seat', OWNER: 'this computer', NONE: 'not paired' };
	const LOST = 'Dantro cannot be reached. The devices are shown when it is back.';
	let devices = $state.raw<Device[] | null>(null);
	let message = $state('');
	let adding = $state(false);
	const owner = $derived(app.me?.role === 'OWNER');

	async function load(): Promise<void> {
		const { data, wrong } = await ask(api.GET('/api/devices'), LOST);
		devices = data ?? devices;
		message = wrong ?? '';
	}
	async function remove(device: Device): Promise<void> {
		const removing = api.PUT('/api/devices/{deviceId}/removed', {
			params: { path: { deviceId: device.id } },
			body: {} as never
		});
		const { data, wrong } = await ask(removing, LOST);
		devices = data ?? devices;
		message = wrong ?? '';
	}
	$effect(() => void load());
</script>

<section class="card">
	<h1>Devices that may come in</h1>
	<p class="soft">
		This computer may do everything. A technician’s device works on every case; a seat sees the orders of one
		case and answers them. One that is not used for thirty days has to be paired again.
	</p>
	{#if message}<p role="alert"><b>{message}</b></p>{/if}
	{#if devices?.length === 0}
		<p>No other device is paired.</p>
	{:else if devices}
		<ul>
			{#each devices as device (device.id)}
				<li>
					<span>
						<b>{device.name}</b>, {ROLE[device.role]}{device.vehicle ? ` of the ${device.vehicle}` : ''}
						<span class="soft">
							{device.expired
								? 'not seen for thirty days: pair it again'
								: `last here ${moment(device.lastSeenMs, Date.now())}`}, paired
							{moment(device.pairedAtMs, Date.now())}
						</span>
					</span>
					{#if owner}<Key onclick={() => remove(device)} aria-label="Remove {device.name}">Remove</Key>{/if}
				</li>
			{/each}
		</ul>
	{/if}
	{#if owner}
		{#if adding}
			<JoinCode role="TECHNICIAN" />
			<p><Key onclick={() => void load().then(() => (adding = false))}>Done</Key></p>
		{:else}
			<p><Key primary onclick={() => (adding = true)}>Let a technician’s device in</Key></p>
		{/if}
	{/if}
	<p class="soft">A seat joins from its case: on the workbench, “Call a helper’s phone”.</p>
</section>

<style>
	h1 {
		font-size: 23px;
	}
	.soft {
		font-size: 15px;
	}
	li {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: 12px;
		padding: 8px 0;
		border-top: 1px solid var(--line);
	}
</style>
