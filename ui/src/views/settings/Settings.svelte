<script lang="ts">
	import { moment } from '../../lib/format/when';
	import { clockOffMinutes } from '../../lib/state/clock';
	import { atHandWords } from '../../lib/device/offline';
	import { ask } from '../../lib/api/ask';
	import { api, type Device } from '../../lib/api/client';
	import { getApp } from '../../lib/state/app.svelte';
	import JoinCode from '../../lib/components/JoinCode.svelte';
	import { allowSound, soundSaved } from '../../lib/device/signals';
	import { canSpeak, say } from '../../lib/device/speech';
	import Key from '../../lib/components/Key.svelte';

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

<div class="settings">
	<section class="card">
		<h1>Devices that may come in</h1>
		<p class="soft">
			This computer may do everything. A technician’s device works on every case; a seat sees the orders of
			one case and answers them.
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
							<span class="soft">since {moment(device.pairedAtMs, Date.now())}</span>
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
	<section class="card">
		<h2>Hands-free, on this device</h2>
		<label class="row">
			<input
				type="checkbox"
				checked={app.tones}
				onchange={(e) => {
					app.tones = e.currentTarget.checked;
					allowSound();
					if (app.tones) soundSaved(false);
				}}
			/>
			<span>A high tone when a reading is saved, two low ones when Dantro asks about it</span>
		</label>
		<label class="row">
			<input
				type="checkbox"
				checked={app.speech}
				disabled={!canSpeak()}
				onchange={(e) => {
					app.speech = e.currentTarget.checked;
					if (app.speech) say('The next step is spoken like this.');
				}}
			/>
			<span
				>Speak the next step and read back what was saved{canSpeak()
					? ', by this browser’s own voice'
					: ': this browser has no voice'}</span
			>
		</label>
		<p class="soft">On the workbench the screen stays on while a step waits, where the browser allows it.</p>
		{#if clockOffMinutes() !== null}
			<p class="soft">
				This device's clock is {Math.abs(clockOffMinutes() ?? 0)} min {(clockOffMinutes() ?? 0) > 0
					? 'ahead'
					: 'behind'}. What is recorded goes by the workshop's clock.
			</p>
		{/if}
		{#await atHandWords() then words}<p class="soft">{words}</p>{/await}
	</section>
</div>

<style>
	h2 {
		font-size: 20px;
		font-weight: 800;
	}
	.row {
		display: flex;
		align-items: center;
		gap: 14px;
		min-height: 48px;
		cursor: pointer;
	}
	.row input {
		width: 28px;
		height: 28px;
		flex: none;
		accent-color: var(--ink);
	}
	.settings {
		display: grid;
		gap: 14px;
		max-width: 760px;
		margin: 0 auto;
		padding: 16px;
	}
	section {
		display: grid;
		gap: 12px;
		padding: 18px;
		font-size: 17px;
	}
	h1 {
		font-size: 23px;
		font-weight: 800;
	}
	.soft {
		font-size: 15px;
		color: var(--soft);
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
