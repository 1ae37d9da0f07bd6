<script lang="ts">
	import { replace } from 'svelte-spa-router';
	import { send } from '../../lib/api/send';
	import { getApp } from '../../lib/state/app.svelte';
	import { newId } from '../../lib/state/ids';

	/** Opens a case from a case file; what is wrong with the file is said with its place in it. */
	type Props = { onrefused: (message: string) => void };
	let { onrefused }: Props = $props();
	const app = getApp();

	async function open(files: FileList | null): Promise<void> {
		const file = files?.[0];
		if (!file) return;
		const caseId = newId();
		const sent = await send(
			`/api/cases/${caseId}/file?by=${encodeURIComponent(app.device)}`,
			await file.text()
		);
		if (sent.kind === 'done') await replace(`/case/${caseId}`);
		else if (sent.kind === 'refused') onrefused(`${file.name}: ${sent.reason}`);
		else onrefused(sent.why ?? 'Dantro cannot be reached. Try again when it is back.');
	}
</script>

<label class="key file"
	>or open a case file<input
		type="file"
		accept=".json,application/json"
		onchange={(e) => open(e.currentTarget.files)}
	/></label
>

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
