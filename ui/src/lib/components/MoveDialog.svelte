<script lang="ts">
	import { api, type CaseCard } from '../api/client';
	import Dialog from './Dialog.svelte';
	import Key from './Key.svelte';

	/** For a reading that was typed into the twin van's case: which case it belongs to. */
	type Props = { what: string; from: string; open: boolean; onchosen: (target: CaseCard) => void };
	let { what, from, open = $bindable(), onchosen }: Props = $props();
	let cases = $state<CaseCard[] | null>(null);
	let wrong = $state('');

	$effect(() => {
		if (open) void fetchCases();
	});

	async function fetchCases(): Promise<void> {
		cases = null;
		wrong = '';
		try {
			const { data } = await api.GET('/api/cases');
			cases = (data ?? []).filter((c) => c.id !== from && !c.over && !c.setAside);
		} catch {
			wrong = 'Dantro cannot be reached. Nothing was moved.';
		}
	}
</script>

<Dialog title="Move {what} to another case" bind:open size="xs">
	<p>It is struck out here and stands there, at the time it was read.</p>
	{#if wrong}<p role="alert">{wrong}</p>{/if}
	{#if cases?.length === 0}<p>No other case is open.</p>{/if}
	<div class="grid gap-2">
		{#each cases ?? [] as other (other.id)}
			<Key
				onclick={() => {
					open = false;
					onchosen(other);
				}}>{other.vehicle}: {other.complaint}</Key
			>
		{/each}
	</div>
</Dialog>
