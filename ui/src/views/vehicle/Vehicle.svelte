<script lang="ts">
	import { Newest } from '../../lib/api/ask';
	import { api, type VehiclePage } from '../../lib/api/client';
	import Details from './Details.svelte';
	import Joint from './Joint.svelte';
	import Figure from './Figure.svelte';
	import PlanDue from '../due/PlanDue.svelte';
	import Lives from './Lives.svelte';
	import Same from './Same.svelte';
	import Visit from './Visit.svelte';

	/** All that the workshop remembers of one vehicle. */
	type Props = { params: Record<string, string> };
	let { params }: Props = $props();
	const LOST = 'Dantro cannot be reached. Start it again with ./dantro start.';
	const FEW = 4;
	const newest = new Newest();
	let page = $state.raw<VehiclePage | null>(null);
	let message = $state('');
	let all = $state(false);
	let planned = $state(false);
	const plate = $derived(page?.details.find((d) => d.field === 'PLATE')?.value ?? '');
	const joints = $derived(page ? (all ? page.joints : page.joints.slice(0, FEW)) : []);

	$effect(() => void load());

	async function load(): Promise<void> {
		const path = { vehicleId: params.id ?? '' };
		const answer = await newest.ask(api.GET('/api/vehicles/{vehicleId}', { params: { path } }), LOST);
		if (!answer) return;
		page = answer.data ?? page;
		message = answer.wrong ?? '';
	}
</script>

<div class="vehicle">
	{#if message}<p role="alert">{message}</p>{/if}
	{#if page === null}<h1>Vehicle</h1>{/if}
	{#if page === null && !message}<p role="status">Opening.</p>{/if}
	{#if page}
		<div class="top">
			<h1>{page.name}</h1>
			{#if plate}<span class="plate">{plate}</span>{/if}
			<p class="soft">{page.here === 1 ? 'Here once' : `Here ${page.here} times`}</p>
		</div>
		{#if page.again.length > 0}
			<ul class="again card">
				{#each page.again as words (words)}<li>{words}</li>{/each}
			</ul>
		{/if}
		{#if page.advice.length > 0}
			<ul class="card px-4 py-2.5" aria-label="Left open">
				{#each page.advice as words (words)}<li>{words}</li>{/each}
			</ul>
		{/if}
		<div class="columns">
			<section aria-labelledby="visits">
				<h2 id="visits">Visits</h2>
				<ol>
					{#each page.visits as visit (visit.caseId)}<li><Visit {visit} /></li>{/each}
				</ol>
				{#if page.lives.length > 0}
					<h2>Parts fitted</h2>
					<Lives lives={page.lives} />
				{/if}
				<h2>Vehicle</h2>
				{#if page.stated.length > 0}<p class="soft">{page.stated.join(' · ')}</p>{/if}
				<Details vehicleId={page.id} details={page.details} onsaved={() => void load()} />
				<Same {page} onchanged={() => void load()} />
				<h2>Plan a recheck</h2>
				{#if planned}<p role="status">On the list. <a class="underline" href="#/due">What is due</a></p>{/if}
				<PlanDue vehicleId={page.id} onplanned={() => (planned = true)} />
			</section>
			<section aria-labelledby="joints">
				<h2 id="joints">Joints and cables over the years</h2>
				{#if joints.length === 0}
					<p>None yet. A reading across one joint or cable, with the current that flowed, is drawn here.</p>
				{/if}
				{#each joints as joint (joint.part)}<Joint {joint} />{/each}
				{#if !all && page.joints.length > FEW}
					<button type="button" class="key" onclick={() => (all = true)}>
						All {page.joints.length} joints and cables
					</button>
				{/if}
				{#each page.figures as figure (figure.title)}<Figure {figure} />{/each}
			</section>
		</div>
	{/if}
</div>

<style>
	.vehicle {
		max-width: 1280px;
		margin: 0 auto;
		padding: 16px 24px 32px;
		display: grid;
		gap: 14px;
	}
	.top {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 6px 14px;
	}
	h1 {
		font-size: 26px;
		font-weight: 800;
	}
	h2 {
		margin: 6px 0;
		font-size: 19px;
		font-weight: 800;
	}
	.plate {
		padding: 1px 10px;
		border: 2px solid var(--ink);
		border-radius: 6px;
		font-size: 18px;
		font-weight: 750;
	}
	.soft {
		color: var(--soft);
	}
	.again {
		padding: 12px 16px;
		border-left: 6px solid var(--ink);
		font-size: 18px;
		font-weight: 650;
	}
	.columns {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
		gap: 20px;
		align-items: start;
	}
	section,
	ol {
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 8px;
	}
	@media (max-width: 900px) {
		.columns {
			grid-template-columns: minmax(0, 1fr);
		}
		.vehicle {
			padding: 10px 10px 24px;
		}
	}
</style>
