<script lang="ts">
	import { api } from '../../lib/api/client';
	import { Newest } from '../../lib/api/ask';
	import Key from '../../lib/components/Key.svelte';

	/** What was done to this vehicle before this case; nothing for one that is here for the first time. */
	type Props = { caseId: string; onreplaced: () => void };
	let { caseId, onreplaced }: Props = $props();
	const newest = new Newest();
	let vehicleId = $state('');
	let done = $state.raw<string[]>([]);
	/** What is asked of an odometer that ran backwards. */
	let odometer = $state('');

	$effect(() => {
		const call = api.GET('/api/vehicles/of-case/{caseId}', { params: { path: { caseId } } });
		void newest.ask(call, '').then((answer) => {
			if (!answer) return;
			vehicleId = answer.data?.vehicleId ?? '';
			done = answer.data?.done ?? [];
			odometer = answer.data?.odometer ?? '';
		});
	});
</script>

{#if done.length > 0}
	<p class="before">
		<b>Here before.</b>
		{done.join(' ')}
		<a class="underline" href="#/vehicle/{vehicleId}">Its years</a>
	</p>
{/if}
{#if odometer}
	<div class="before asked" role="status">
		<p><b>{odometer}</b> Was it replaced, or was one of them typed wrong?</p>
		<Key
			onclick={() => {
				odometer = '';
				onreplaced();
			}}>It was replaced</Key
		>
		<a class="key" href="#/case/{caseId}/limits">Type it again</a>
	</div>
{/if}

<style>
	.asked {
		display: flex;
		flex-wrap: wrap;
		gap: 6px 10px;
	}
	.asked p {
		flex: 0 0 100%;
	}
	.before {
		margin: 4px 0;
		padding: 4px 10px;
		border-left: 5px solid var(--ink);
	}
	a.underline {
		display: inline-block;
		padding: 12px 4px;
		margin: -12px 0;
	}
</style>
