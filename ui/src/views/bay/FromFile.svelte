<script lang="ts">
	import { replace } from 'svelte-spa-router';
	import { send } from '../../lib/api/send';
	import Working from '../../lib/components/Working.svelte';
	import { getApp } from '../../lib/state/app.svelte';
	import { newId } from '../../lib/state/ids';

	/** Opens a case from a case file; what is wrong with the file is said with its place in it. */
	type Props = { onrefused: (message: string) => void };
	let { onrefused }: Props = $props();
	const app = getApp();
	let reading = $state('');
	let way = new AbortController();

	async function open(field: HTMLInputElement): Promise<void> {
		const file = field.files?.[0];
		if (!file) return;
		reading = file.name;
		const mine = (way = new AbortController());
		const caseId = newId();
		const sent = await send(
			`/api/cases/${caseId}/file?by=${encodeURIComponent(app.device)}`,
			await file.text(),
			(path, init) => fetch(path, { ...init, signal: mine.signal })
		);
		field.value = '';
		if (mine.signal.aborted) return;
		reading = '';
		if (sent.kind === 'done') await replace(`/case/${caseId}`);
		else if (sent.kind === 'refused') onrefused(`${file.name}: ${sent.reason}`);
		else onrefused(sent.why ?? 'Dantro cannot be reached. Try again when it is back.');
	}

	/** What was sent already may still be opened: then it stands in the Bay. */
	function cancel(): void {
		way.abort();
		reading = '';
		onrefused('Cancelled. If the file had arrived already, its case stands in the Bay.');
	}
</script>

<label class="key file"
	>{reading ? 'Opening the file' : 'or open a case file'}<input
		type="file"
		accept=".json,application/json"
		disabled={reading !== ''}
		onchange={(e) => open(e.currentTarget)}
	/></label
>
{#if reading}<Working what="Opening {reading}" oncancel={cancel} />{/if}

<style>
	.file {
		display: grid;
		place-items: center;
	}
	.file input {
		position: absolute;
		width: 1px;
		height: 1px;
		opacity: 0;
	}
	.file:focus-within {
		outline: 3px solid var(--ink);
		outline-offset: 2px;
	}
</style>
