<script lang="ts">
	import { newId } from '../../lib/state/ids';
	import Field from '../../lib/components/Field.svelte';
	import { moment } from '../../lib/format/when';
	import { ask } from '../../lib/api/ask';
	import { api, type Backups } from '../../lib/api/client';
	import { getApp } from '../../lib/state/app.svelte';
	import Key from '../../lib/components/Key.svelte';

	/** Copies of the shop's data: when the last good one was made, one now, and a second place for each. */
	const app = getApp();
	const LOST = 'Dantro cannot be reached. The backups are shown when it is back.';
	let backups = $state.raw<Backups | null>(null);
	let message = $state('');
	let busy = $state(false);
	let folder = $state('');
	const newest = $derived(backups?.kept[0]);

	async function shown(asked: Parameters<typeof ask<Backups>>[0]): Promise<boolean> {
		busy = true;
		const { data, wrong } = await ask(asked, LOST);
		busy = false;
		backups = data ?? backups;
		message = wrong ?? '';
		return data !== undefined;
	}
	async function load(): Promise<void> {
		if (await shown(api.GET('/api/backups'))) folder = backups?.secondFolder ?? '';
	}
	const make = (): Promise<boolean> => shown(api.POST('/api/backups', { body: {} as never }));
	function choose(event: SubmitEvent): void {
		event.preventDefault();
		void shown(
			api.PUT('/api/backups/places/{placeId}', {
				params: { path: { placeId: newId() } },
				body: { folder, by: app.device, chosenAtMs: Date.now() }
			})
		);
	}
	$effect(() => void load());
</script>

<section class="card">
	<h2>Backups</h2>
	{#if message}<p role="alert"><b>{message}</b></p>{/if}
	{#if backups}
		{#if newest}
			<p>
				The last good one was made <b>{moment(newest.madeAtMs, Date.now())}</b>: {Math.ceil(
					newest.bytes / 1024
				)} kB, looked at and whole. {backups.kept.length}
				{backups.kept.length === 1 ? 'is' : 'are'} kept.
			</p>
		{/if}
		{#if backups.late}
			<p role="alert" class="late">
				{newest ? 'That is three days ago or more.' : 'There is no backup yet.'} Nightly ones are made while Dantro
				runs; make one now.
			</p>
		{/if}
		{#if backups.trouble}<p role="alert" class="late">{backups.trouble}</p>{/if}
		{#if backups.ahead}
			<p role="alert" class="late">One is dated in the future: look at this computer’s clock.</p>
		{/if}
		<p><Key primary onclick={make} disabled={busy}>{busy ? 'Making a backup…' : 'Make a backup now'}</Key></p>
		<form onsubmit={choose}>
			<div>
				<Field
					label="A second place: a folder’s whole path; empty for none"
					name="second-place"
					bind:value={folder}
					maxlength={1000}
					placeholder="/media/disk/dantro"
				/>
			</div>
			<Key type="submit" disabled={busy || folder === (backups.secondFolder ?? '')}>Use this place</Key>
		</form>
		{#if backups.secondTrouble}<p role="alert" class="late">{backups.secondTrouble}</p>{/if}
		<p class="soft">
			They lie in {backups.folder}: of seven days, five weeks and twelve months the newest. To put one back,
			stop Dantro and run <code>./dantro restore FILE</code>; what is there is moved aside. A plain copy of
			the data folder while Dantro runs misses the newest cases.
		</p>
	{/if}
</section>

<style>
	form {
		display: flex;
		flex-wrap: wrap;
		align-items: end;
		gap: 12px;
	}
	div {
		flex: 1 1 320px;
	}
	.late {
		font-weight: 700;
	}
	.soft {
		font-size: 15px;
		overflow-wrap: anywhere;
	}
</style>
