<script lang="ts">
	import { api, problemText } from '../api/client';
	import { getApp } from '../state/app.svelte';
	import QrCode from './QrCode.svelte';

	/** A fresh code, as digits and as a picture for a phone's camera. */
	type Props = { role: 'TECHNICIAN' | 'SEAT'; caseId?: string };
	let { role, caseId }: Props = $props();
	const app = getApp();
	const made = $derived(ask(role, caseId));

	async function ask(forRole: Props['role'], ofCase: string | undefined) {
		const { data, error } = await api.POST('/api/devices/codes', { body: { role: forRole, caseId: ofCase } });
		if (!data) throw new Error(problemText(error));
		return data;
	}
</script>

{#if !app.me?.lan}
	<p>
		Dantro listens to this computer only. To let a phone join, end it and start it with <code
			>./dantro start --lan</code
		>.
	</p>
{:else}
	{#await made then code}
		<div class="code">
			{#each code.links.slice(0, 1) as link (link)}
				<QrCode text={link} label="The link {link}" />
			{/each}
			<p>
				<b>{code.code.replace(/(\d{4})(?=\d)/g, '$1 ')}</b>
				<span>works once, for ten minutes</span>
			</p>
			<p class="where">
				Or open {app.me.addresses[0] ?? 'this computer’s address'} and type it.
			</p>
			{#if app.me.fingerprint}<p class="where">Fingerprint: {app.me.fingerprint}</p>{/if}
		</div>
	{:catch failed}
		<p role="alert">{failed instanceof Error ? failed.message : 'No code could be made. Try again.'}</p>
	{/await}
{/if}

<style>
	.code {
		display: grid;
		justify-items: center;
		gap: 8px;
		text-align: center;
	}
	b {
		display: block;
		font-size: 40px;
		font-weight: 850;
		letter-spacing: 0.06em;
	}
	.where {
		font-size: 15px;
		overflow-wrap: anywhere;
	}
</style>
