<script lang="ts">
	import { ask } from '../../lib/api/ask';
	import { api } from '../../lib/api/client';
	import Key from '../../lib/components/Key.svelte';
	import PlanDue from '../due/PlanDue.svelte';

	/** Plans what is to be read again on this case's vehicle. */
	type Props = { caseId: string; words: string };
	let { caseId, words }: Props = $props();
	const LOST = 'Dantro cannot be reached. Try again when it is back.';
	let vehicleId = $state('');
	let message = $state('');
	let planned = $state(false);

	async function open(): Promise<void> {
		const { data, wrong } = await ask(
			api.GET('/api/vehicles/of-case/{caseId}', { params: { path: { caseId } } }),
			LOST
		);
		vehicleId = data?.vehicleId ?? '';
		message = wrong ?? '';
		planned = false;
	}
</script>

{#if message}<p role="alert">{message}</p>{/if}
{#if planned}<p role="status">On the list. <a class="underline" href="#/due">What is due</a></p>{/if}
{#if vehicleId && !planned}
	<PlanDue {vehicleId} {words} onplanned={() => (planned = true)} />
{:else}
	<Key onclick={() => void open()}>Plan a recheck</Key>
{/if}
