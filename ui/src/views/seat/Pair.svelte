<script lang="ts">
	import { api, problemText } from '../../lib/api/client';
	import { getApp } from '../../lib/state/app.svelte';
	import Key from '../../lib/components/Key.svelte';

	/** The only page that a device sees before it is paired. A scanned code fills itself in. */
	type Props = { params?: { code?: string; caseId?: string } };
	let { params = {} }: Props = $props();
	const app = getApp();
	// svelte-ignore state_referenced_locally
	let code = $state(params.code ?? /pair\/(\d+)/.exec(window.location.hash)?.[1] ?? '');
	let name = $state('Phone');
	let message = $state('');
	let busy = $state(false);
	const secure = window.isSecureContext;

	async function join(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		busy = true;
		message = '';
		try {
			const { data, error } = await api.POST('/api/pairing', { body: { code, name } });
			if (data) {
				window.location.hash = data.caseId ? `#/seat/${data.caseId}` : '#/';
				await app.load();
			} else message = problemText(error);
		} catch {
			message = 'Dantro cannot be reached. Is this device on the shop’s network?';
		}
		busy = false;
	}
</script>

<svelte:head><title>Join – Dantro</title></svelte:head>

<section class="card">
	{#if app.me?.role === 'OWNER' || app.me?.role === 'TECHNICIAN'}
		<h1>This device is in already</h1>
		<p>It may work on every case; it needs no code.</p>
		<div class="keys">
			{#if params.caseId}<Key primary href="#/seat/{params.caseId}">Open the seat here</Key>{/if}
			<Key href="#/">To the Bay</Key>
		</div>
	{:else}
		<h1>Join Dantro</h1>
		<p>Type the digits that the workshop’s computer or the technician’s screen shows.</p>
		<form onsubmit={join}>
			<label
				>Code
				<input
					class="field code"
					name="code"
					inputmode="numeric"
					autocomplete="one-time-code"
					maxlength="14"
					bind:value={code}
				/></label
			>
			<label>Name of this device <input class="field" name="name" maxlength="60" bind:value={name} /></label>
			{#if message}<p class="message" role="alert">{message}</p>{/if}
			<Key primary type="submit" disabled={busy || code.trim() === '' || name.trim() === ''}>Join</Key>
		</form>
		{#if secure}
			<p class="line">
				The line is encrypted with a certificate made on the workshop’s computer. Compare its fingerprint with
				the one shown there{#if app.me?.fingerprint}: <code>{app.me.fingerprint}</code>{:else}.{/if}
			</p>
		{:else}
			<p class="line">
				The line is plain HTTP: whoever is on this network could read it, and the screen may fall asleep.
				Started with <code>--tls</code> it is encrypted, the screen stays awake, and once this device trusts its
				certificate the page also opens without the network. Over plain HTTP a page reloaded without the network
				stays empty.
			</p>
		{/if}
	{/if}
</section>

<style>
	section {
		display: grid;
		gap: 12px;
		max-width: 460px;
		margin: 24px max(8px, calc(50vw - 230px));
		padding: 20px;
		font-size: 17px;
	}
	h1 {
		font-size: 26px;
		font-weight: 800;
	}
	form,
	label {
		display: grid;
		gap: 10px;
	}
	label {
		gap: 4px;
	}
	.code {
		min-height: 68px;
		font-size: 38px;
		font-weight: 800;
		letter-spacing: 0.12em;
	}
	.message {
		padding: 8px 12px;
		border-left: 5px solid var(--ink);
		background: var(--sunk);
		font-weight: 650;
	}
	.line {
		font-size: 15px;
		color: var(--soft);
		overflow-wrap: anywhere;
	}
</style>
