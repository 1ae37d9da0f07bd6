<script lang="ts">
	import { api } from '../../lib/api/client';
	import { ask } from '../../lib/api/ask';

	/** What was done to this vehicle before this case; nothing for one that is here for the first time. */
	type Props = { caseId: string };
	let { caseId }: Props = $props();
	let vehicleId = $state('');
	let done = $state.raw<string[]>([]);

	$effect(() => {
		const call = api.GET('/api/vehicles/of-case/{caseId}', { params: { path: { caseId } } });
		void ask(call, '').then(({ data }) => {
			vehicleId = data?.vehicleId ?? '';
			done = data?.done ?? [];
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

<style>
	.before {
		margin: 4px 0;
		padding: 4px 10px;
		border-left: 5px solid var(--ink);
	}
	a {
		display: inline-block;
		padding: 12px 4px;
		margin: -12px 0;
	}
</style>
