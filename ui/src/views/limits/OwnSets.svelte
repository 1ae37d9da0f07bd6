<script lang="ts">
	import { day } from '../../lib/format/when';
	import { api, problemText, type LimitsView } from '../../lib/api/client';
	import { volts } from '../../lib/format/si';
	import { newId } from '../../lib/state/ids';
	import Key from '../../lib/components/Key.svelte';

	/** The shop's own sets of limits; a change makes a new version, and old readings keep theirs. */
	type Props = { limits: LimitsView; by: string; onsaved: () => void };
	let { limits, by, onsaved }: Props = $props();
	type Own = LimitsView['own'][number];
	let loop = $state<Own['loop']>('STARTING');
	let name = $state('');
	let supply = $state('');
	let back = $state('');
	let source = $state('');
	let message = $state('');
	const known = $derived(limits.own.find((s) => s.loop === loop && s.name === name.trim()));

	function edit(set: Own): void {
		loop = set.loop;
		name = set.name;
		supply = set.supplyVolts === undefined ? '' : String(set.supplyVolts);
		back = set.returnVolts === undefined ? '' : String(set.returnVolts);
		source = set.source;
	}

	function drop(text: string): number | undefined {
		return text.trim() === '' ? undefined : Number(text.trim().replace(',', '.').replace(/\s*v$/i, ''));
	}

	async function save(supplyVolts: number | undefined, returnVolts: number | undefined): Promise<void> {
		message = '';
		if (Number.isNaN(supplyVolts) || Number.isNaN(returnVolts)) {
			message = 'An allowed drop is a number of volts, such as 0.25.';
			return;
		}
		try {
			const { data, error } = await api.PUT('/api/shop/limit-sets/{setId}', {
				params: { path: { setId: newId() } },
				body: { loop, name, supplyVolts, returnVolts, source, by }
			});
			if (!data) {
				message = problemText(error);
				return;
			}
			name = supply = back = source = '';
			onsaved();
		} catch {
			message = 'Dantro cannot be reached. The set stays here; save it when it is back.';
		}
	}

	async function submit(event: Event): Promise<void> {
		event.preventDefault();
		await save(drop(supply), drop(back));
	}
</script>

<section class="card" aria-label="The shop's own sets">
	<h2>The shop's own sets</h2>
	{#each limits.own as set (set.loop + set.name)}
		<p class="set">
			<span>
				<b>{set.name}, version {set.version}</b> ({set.loop === 'STARTING' ? 'starting' : 'charging'}):
				{set.supplyVolts === undefined ? 'no supply limit' : `supply ${volts(set.supplyVolts)} V`},
				{set.returnVolts === undefined ? 'no return limit' : `return ${volts(set.returnVolts)} V`}.
				<span class="soft">{set.source}, since {day(set.sinceMs)}</span>
			</span>
			<Key onclick={() => edit(set)}>Change</Key>
		</p>
	{:else}
		<p>None yet. A set has a name, its source and the allowed drops of a 12 V system; 24 V doubles them.</p>
	{/each}
	<form onsubmit={submit}>
		<label>
			<span>Loop</span>
			<select bind:value={loop}>
				<option value="STARTING">Starting</option>
				<option value="CHARGING">Charging</option>
			</select>
		</label>
		<label><span>Name</span><input bind:value={name} maxlength={60} autocomplete="off" required /></label>
		<label
			><span>Supply side, V</span><input bind:value={supply} inputmode="decimal" autocomplete="off" /></label
		>
		<label
			><span>Return side, V</span><input bind:value={back} inputmode="decimal" autocomplete="off" /></label
		>
		<label><span>Source</span><input bind:value={source} maxlength={300} autocomplete="off" required /></label
		>
		<Key type="submit">Save as version {(known?.version ?? 0) + 1}</Key>
		{#if known}<Key onclick={() => void save(undefined, undefined)}>Withdraw it</Key>{/if}
	</form>
	{#if message}<p role="alert" class="message">{message}</p>{/if}
</section>

<style>
	label span {
		font-weight: 650;
	}
	section {
		display: grid;
		gap: 8px;
		padding: 12px 16px;
	}
	h2 {
		font-size: 18px;
		font-weight: 750;
	}
	.set {
		display: flex;
		gap: 10px;
		align-items: center;
		justify-content: space-between;
	}
	form {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
		align-items: end;
		gap: 10px;
	}
	.soft {
		font-weight: 500;
		color: var(--soft);
		font-size: 14px;
	}
	input {
		display: block;
		width: 100%;
		min-height: 48px;
		padding: 0 10px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--paper);
		font-size: 16px;
	}
	@media (max-width: 767px) {
		form {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
