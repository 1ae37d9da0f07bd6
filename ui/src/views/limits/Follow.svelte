<script lang="ts">
	import { day } from '../../lib/format/when';
	import { workshopNow } from '../../lib/state/clock';
	import { api, problemText, type LimitsView } from '../../lib/api/client';
	import { newId } from '../../lib/state/ids';
	import Key from '../../lib/components/Key.svelte';

	/** Which school the shop follows, and why; the choice is on record. */
	type Props = { limits: LimitsView; by: string; onfollow: (followed: LimitsView['followed']) => void };
	let { limits, by, onfollow }: Props = $props();
	type Loop = LimitsView['schools'][number]['loop'];
	const LOOPS: [Loop, string][] = [
		['STARTING', 'Starting'],
		['CHARGING', 'Charging']
	];
	let loop = $state<Loop>('STARTING');
	let school = $state('');
	let reason = $state('');
	let message = $state('');
	const now = $derived(limits.followed.filter((f) => f.school));
	const notes = $derived(limits.schools.find((s) => s.loop === loop && s.name === school)?.notes);

	async function follow(event: Event): Promise<void> {
		event.preventDefault();
		message = '';
		try {
			const { data, error } = await api.PUT('/api/shop/schools/{choiceId}', {
				params: { path: { choiceId: newId() } },
				body: { loop, school, reason, by, chosenAtMs: workshopNow() }
			});
			if (data) {
				onfollow(data);
				reason = '';
			} else message = problemText(error);
		} catch {
			message = 'Dantro cannot be reached. Your choice stays here; try again when it is back.';
		}
	}
</script>

<section class="card" aria-label="What the shop follows">
	<h2>What the shop follows</h2>
	{#each now as f (f.loop)}
		<p>
			<b>{f.loop === 'STARTING' ? 'Starting' : 'Charging'}: {f.school}.</b>
			{f.reason}
			<span class="by">{f.chosenBy}, {day(f.chosenAtMs)}</span>
		</p>
	{:else}
		<p>The conductor's own limit alone. A school can stand beside every verdict as the shop's.</p>
	{/each}
	<form onsubmit={follow}>
		<label>
			<span>Loop</span>
			<select bind:value={loop} onchange={() => (school = '')}>
				{#each LOOPS as [value, words] (value)}<option {value}>{words}</option>{/each}
			</select>
		</label>
		<label>
			<span>School</span>
			<select bind:value={school}>
				<option value="">None: the conductor's own limit alone</option>
				{#each limits.schools.filter((s) => s.loop === loop) as s (s.name)}
					<option value={s.name}>{s.name}</option>
				{/each}
			</select>
		</label>
		<label class="why">
			<span>Why</span>
			<input bind:value={reason} maxlength={300} autocomplete="off" />
		</label>
		<Key type="submit">Follow it</Key>
	</form>
	{#if notes}<p class="by">{notes}</p>{/if}
	{#if message}<p role="alert" class="message">{message}</p>{/if}
</section>

<style>
	section {
		display: grid;
		gap: 8px;
		padding: 12px 16px;
	}
	h2 {
		font-size: 18px;
		font-weight: 750;
	}
	form {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 2fr) minmax(0, 2fr) auto;
		align-items: end;
		gap: 10px;
	}
	span {
		font-weight: 650;
	}
	.by {
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
