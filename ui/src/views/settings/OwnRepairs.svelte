<script lang="ts">
	import { ask } from '../../lib/api/ask';
	import { api, type OwnRepairs } from '../../lib/api/client';
	import { getApp } from '../../lib/state/app.svelte';
	import { newId } from '../../lib/state/ids';
	import OwnHealthy from './OwnHealthy.svelte';
	import { SORTS } from './sorts';

	/** What was repaired and verified in this shop: it counts before anything is read, unless it is left aside. */
	const LOST = 'Dantro cannot be reached: what the shop’s own repairs say is not known now.';
	const SHOWN = 8;
	const app = getApp();
	let own = $state.raw<OwnRepairs | null>(null);
	let message = $state('');
	let all = $state(false);
	const rows = $derived(own?.repairs.slice(0, all ? undefined : SHOWN) ?? []);
	const sum = $derived(own?.repairs.reduce((n, r) => n + r.repairs, 0) ?? 0);

	async function shown(asked: Parameters<typeof ask<OwnRepairs>>[0]): Promise<void> {
		const { data, wrong } = await ask(asked, LOST);
		own = data ?? own;
		message = wrong ?? '';
	}
	/** What was not taken is shown as it stands. */
	async function choose(box: HTMLInputElement): Promise<void> {
		await shown(
			api.PUT('/api/shop/experience/{choiceId}', {
				params: { path: { choiceId: newId() } },
				body: { count: box.checked, by: app.device, saidAtMs: Date.now() }
			})
		);
		box.checked = own?.count ?? box.checked;
	}
	$effect(() => void shown(api.GET('/api/shop/experience')));
</script>

<section class="card">
	<h2>What this shop found before</h2>
	{#if message}<p role="alert"><b>{message}</b></p>{/if}
	{#if own}
		<label>
			<input
				type="checkbox"
				name="own-repairs"
				checked={own.count}
				onchange={(e) => void choose(e.currentTarget)}
			/>
			<span>Its own repairs and certified parts count before a new case’s first reading</span>
		</label>
		{#if rows.length === 0}
			<p class="soft">
				None yet. Every repair whose retest and own test were passed is counted here; imported and simulated
				cases never are.
			</p>
		{:else}
			<table>
				<thead><tr><th>Part</th><th>Complaint</th><th>On</th><th class="number">Repairs</th></tr></thead>
				<tbody>
					{#each rows as row (row.concern + row.sort + row.part)}
						<tr>
							<td>{row.part}</td>
							<td>{row.concern === 'STARTING' ? 'starting' : 'charging'}</td>
							<td>{SORTS[row.sort]}</td>
							<td class="number">{row.repairs}</td>
						</tr>
					{/each}
				</tbody>
			</table>
			{#if own.repairs.length > SHOWN}
				<button type="button" class="more" onclick={() => (all = !all)}>
					{all ? 'Fewer' : `All ${own.repairs.length} rows`}
				</button>
			{/if}
			<p class="soft">
				{sum}
				{sum === 1 ? 'repair' : 'repairs'}, of the newest 300 verified cases. They make a part likelier or
				less likely by at most what fifty cases weigh; readings decide. An open case keeps what it began with.
			</p>
		{/if}
		<OwnHealthy rows={own.certified} />
	{/if}
</section>

<style>
	label {
		display: flex;
		align-items: center;
		gap: 14px;
		min-height: 48px;
		cursor: pointer;
	}
	input {
		width: 28px;
		height: 28px;
		flex: none;
		accent-color: var(--ink);
	}
	section :global(th) {
		text-align: left;
		font-size: 15px;
		color: var(--soft);
	}
	section :global(td),
	section :global(th) {
		padding: 6px 12px 6px 0;
		border-bottom: 1px solid var(--line);
	}
	section :global(td:first-child::first-letter) {
		text-transform: uppercase;
	}
	section :global(.number) {
		text-align: right;
	}
	.more {
		min-height: 48px;
		justify-self: start;
		text-decoration: underline;
	}
	section :global(.soft) {
		font-size: 15px;
		color: var(--soft);
	}
</style>
