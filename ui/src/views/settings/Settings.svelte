<script lang="ts">
	import { clockOffMinutes } from '../../lib/state/clock';
	import { atHandWords } from '../../lib/device/offline';
	import { getApp } from '../../lib/state/app.svelte';
	import { allowSound, soundSaved } from '../../lib/device/signals';
	import { canSpeak, say } from '../../lib/device/speech';
	import Backups from './Backups.svelte';
	import Devices from './Devices.svelte';
	import OwnRepairs from './OwnRepairs.svelte';
	import Who from './Who.svelte';

	const app = getApp();
</script>

<div class="settings">
	<Who />
	<Devices />
	<OwnRepairs />
	{#if app.me?.role === 'OWNER'}<Backups />{/if}
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
	.settings :global(h2) {
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
	.settings :global(section) {
		display: grid;
		gap: 12px;
		padding: 18px;
		font-size: 17px;
	}
	.soft {
		font-size: 15px;
		color: var(--soft);
	}
</style>
