<script lang="ts">
	import { ask } from '../../lib/api/ask';
	import { api, type FiguresPage } from '../../lib/api/client';
	import { workshopNow } from '../../lib/state/clock';
	import Counts from './Counts.svelte';
	import Months from './Months.svelte';
	import { bounds, PERIODS, share, type Period } from './period';

	/** What the shop's cases add up to. */
	const LOST = 'Dantro cannot be reached. Start it again with ./dantro start.';
	const SOON_MILLIS = 2000;
	let period = $state<Period>('ALL');
	let simulated = $state(false);
	let page = $state.raw<FiguresPage | null>(null);
	let message = $state('');
	const figures = $derived(page?.figures);

	async function load(of: Period, withSimulated: boolean): Promise<void> {
		const query = { ...bounds(of, workshopNow()), simulated: withSimulated };
		const { data, wrong } = await ask(api.GET('/api/figures', { params: { query } }), LOST);
		if (of !== period || withSimulated !== simulated) return;
		page = data ?? page;
		message = wrong ?? '';
	}
	$effect(() => {
		void load(period, simulated);
	});
	$effect(() => {
		if (!page?.settling) return;
		const later = setTimeout(() => void load(period, simulated), SOON_MILLIS);
		return () => clearTimeout(later);
	});
</script>

<div class="figures">
	<div class="top">
		<h1>Shop figures</h1>
		<label
			>Cases opened in
			<select bind:value={period} name="period">
				{#each PERIODS as [value, words] (value)}<option {value}>{words}</option>{/each}
			</select>
		</label>
		<label class="check">
			<input type="checkbox" bind:checked={simulated} name="simulated" />
			Simulated ones too{page && !simulated && page.simulated > 0 ? ` (${page.simulated} left out)` : ''}
		</label>
	</div>
	{#if message}<p role="alert">{message}</p>{/if}
	{#if !figures && !message}<p role="status">Counting.</p>{/if}
	{#if figures && figures.cases === 0}
		<p class="empty">
			No case in this period.{page && page.simulated > 0
				? ` ${page.simulated} simulated ${page.simulated === 1 ? 'one is' : 'ones are'} left out.`
				: ''}
		</p>
	{:else if figures}
		<dl class="card">
			<div>
				<dt>Cases</dt>
				<dd>{figures.cases}</dd>
				<dd class="soft">{figures.ended} ended</dd>
			</div>
			<div>
				<dt>Repairs verified</dt>
				<dd>{share(figures.verified, figures.tried)}</dd>
				<dd class="soft">of those that were closed after one</dd>
			</div>
			<div>
				<dt>Readings to the verdict</dt>
				<dd>{figures.readings}</dd>
				<dd class="soft">the middle case</dd>
			</div>
			<div>
				<dt>Cranks to the verdict</dt>
				<dd>{figures.cranks}</dd>
				<dd class="soft">the middle case</dd>
			</div>
			<div>
				<dt>Came back within 90 days</dt>
				<dd>{share(figures.returned, figures.ended)}</dd>
				<dd class="soft">with the same concern</dd>
			</div>
			<div>
				<dt>Good parts saved</dt>
				<dd>{figures.saved.reduce((sum, c) => sum + c.count, 0)}</dd>
				<dd class="soft">came in as suspect, cleared</dd>
			</div>
		</dl>
		<div class="columns">
			<Counts title="What was found" counts={figures.found} empty="No repair was verified in this period." />
			<Counts
				title="Saved from being replaced"
				counts={figures.saved}
				empty="No device came in as suspect and was cleared."
			/>
		</div>
		<Months months={figures.months} />
	{/if}
</div>

<style>
	.figures {
		max-width: 1120px;
		margin: 0 auto;
		padding: 16px 24px 32px;
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: 14px;
	}
	.top {
		display: flex;
		flex-wrap: wrap;
		gap: 8px 22px;
		align-items: center;
	}
	h1 {
		margin-right: auto;
		font-size: 24px;
		font-weight: 800;
	}
	label {
		display: flex;
		gap: 8px;
		align-items: center;
	}
	label > select {
		width: auto;
	}
	.check {
		min-height: 48px;
	}
	.check input {
		width: 22px;
		height: 22px;
	}
	dl {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		gap: 14px 24px;
		padding: 16px 18px;
	}
	dt {
		font-weight: 650;
	}
	dd:not(.soft) {
		font-size: 26px;
		font-weight: 800;
	}
	.soft {
		color: var(--soft);
		font-size: 15px;
	}
	.columns {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		gap: 14px;
		align-items: start;
	}
	.empty {
		padding: 24px 0;
		font-size: 18px;
	}
	@media (max-width: 767px) {
		dd:not(.soft) {
			font-size: 22px;
		}
		.figures {
			padding: 10px 10px 24px;
		}
		dl {
			grid-template-columns: repeat(2, minmax(0, 1fr));
		}
		.columns {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
