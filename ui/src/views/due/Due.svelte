<script lang="ts">
	import { Newest, taken } from '../../lib/api/ask';
	import { api, type DueLine as Line } from '../../lib/api/client';
	import Key from '../../lib/components/Key.svelte';
	import { getApp } from '../../lib/state/app.svelte';
	import { workshopNow } from '../../lib/state/clock';
	import { newId } from '../../lib/state/ids';
	import DueLine from './DueLine.svelte';
	import { grouped } from './plan';
	import PlanDue from './PlanDue.svelte';

	/** What is to be done when: rechecks, planned run sheets, joints that drift, old batteries. */
	const LOST = 'Dantro cannot be reached. Start it again with ./dantro start.';
	const app = getApp();
	const newest = new Newest();
	let lines = $state.raw<Line[] | null>(null);
	let message = $state('');
	/** What was settled last: it can be put back. */
	let settled = $state.raw<{ line: Line; how: string } | null>(null);
	let planning = $state(false);
	const groups = $derived(grouped(lines ?? [], new Date(workshopNow())));

	async function load(): Promise<void> {
		const answer = await newest.ask(api.GET('/api/due'), LOST);
		if (!answer) return;
		lines = answer.data ?? lines;
		message = answer.wrong ?? '';
	}
	$effect(() => {
		void load();
	});

	async function settle(line: Line, how: 'DONE' | 'LET_GO' | 'AGAIN'): Promise<void> {
		if (!line.id) return;
		const path = { dueId: line.id, settledId: newId() };
		const body = { how, by: app.device, saidAtMs: workshopNow() };
		message = await taken(api.PUT('/api/due/{dueId}/settled/{settledId}', { params: { path }, body }), LOST);
		if (message) return;
		settled = how === 'AGAIN' ? null : { line, how: how === 'DONE' ? 'Done' : 'Let go' };
		await load();
	}
</script>

<div class="due">
	<div class="top">
		<h1>Due</h1>
		<div class="acts">
			<a class="key" href="/api/due/calendar" download="dantro-due.ics">Calendar file</a>
			<Key onclick={() => window.print()}>Print</Key>
			<Key primary onclick={() => (planning = !planning)}>{planning ? 'Close' : 'Plan something'}</Key>
		</div>
	</div>
	{#if planning}
		<PlanDue
			onplanned={() => {
				planning = false;
				void load();
			}}
		/>
	{/if}
	{#if message}<p role="alert">{message}</p>{/if}
	{#if settled}
		<p role="status" class="settled">
			{settled.how}: {settled.line.words}
			<Key onclick={() => settled && void settle(settled.line, 'AGAIN')}>Undo</Key>
		</p>
	{/if}
	{#if lines === null && !message}<p role="status">Looking.</p>{/if}
	{#if lines?.length === 0}
		<p class="empty">
			Nothing is due. A recheck is planned on a vehicle's page or with its case; joints that drift out of
			their band and batteries over five years old come here by themselves.
		</p>
	{/if}
	{#each groups as group (group.title)}
		<section aria-label={group.title}>
			<h2>{group.title}</h2>
			<ol>
				{#each group.lines as line (line.id ?? `${line.kind} ${line.vehicle?.id} ${line.words}`)}
					<li><DueLine due={line} onsettle={(how) => void settle(line, how)} /></li>
				{/each}
			</ol>
		</section>
	{/each}
</div>

<style>
	.due {
		max-width: 980px;
		margin: 0 auto;
		padding: 16px 24px 32px;
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 14px;
	}
	.top,
	.acts,
	.settled {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px;
	}
	.top {
		justify-content: space-between;
	}
	.settled {
		padding: 4px 12px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
	}
	h1 {
		font-size: 24px;
		font-weight: 800;
	}
	h2 {
		margin-bottom: 6px;
		font-size: 19px;
		font-weight: 800;
	}
	ol {
		display: grid;
		gap: 8px;
	}
	.empty {
		padding: 24px 0;
		font-size: 18px;
	}
	@media (max-width: 767px) {
		.due {
			padding: 10px 10px 24px;
		}
	}
	@media print {
		.acts,
		.settled {
			display: none;
		}
	}
</style>
