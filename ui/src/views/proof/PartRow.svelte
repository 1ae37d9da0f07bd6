<script lang="ts">
	import type { Part, PartDetail, ReadingRow } from '../../lib/api/client';
	import { ohms, percent } from '../../lib/format/si';
	import { STANDING_SIGN } from '../../lib/format/words';
	import Carrying from './Carrying.svelte';
	import Gate from './Gate.svelte';

	/** `detail`: what all readings tell of the part beyond its standing; none while that is not known. */
	type Props = { part: Part; readings: ReadingRow[]; detail?: PartDetail | undefined };
	let { part, readings, detail }: Props = $props();
	const carrying = $derived(readings.filter((r) => part.readings.includes(r.id)));
	const alarmed = $derived(part.standing === 'FAULTY' || part.standing === 'SUSPECT');
</script>

<details open={alarmed} data-part={part.id} data-standing={part.standing}>
	<summary>
		<span class="mark {part.standing.toLowerCase()}" aria-hidden="true">{STANDING_SIGN[part.standing]}</span>
		<span class="name"><span class="cap">{part.name}</span><span class="brief">{part.says}</span></span>
		<span class="standing">{part.standingWords}</span>
	</summary>
	<div class="body">
		<p>{part.says}</p>
		{#if part.gate}
			<Gate gate={part.gate} />
		{:else if part.missing.length > 0}
			<p><b>Still missing:</b> {part.missing.join('; ')}.</p>
		{/if}
		{#if part.probability !== undefined && readings.length > 0}
			<p>
				A fault here: {part.probabilityWords}{part.probabilityFounded
					? `, ${percent(part.probability)}`
					: ''}.
				{#if detail?.resistance}
					By all readings it has {ohms(detail.resistance.medianOhms)} ({ohms(detail.resistance.lowOhms)} … {ohms(
						detail.resistance.highOhms
					)}).
				{/if}
			</p>
		{/if}
		{#if part.probabilityFounded && detail?.influences.length === 0 && (part.probability ?? 0) >= 0.5 && readings.length > 0}
			<p class="soft">No single reading carries this: without any one of them it would stay so.</p>
		{/if}
		{#each detail?.influences ?? [] as influence (influence.reading)}
			{@const r = readings.find((x) => x.id === influence.reading)}
			{#if r}
				<p class="soft">
					Without <b>{r.shown}</b>
					{r.redName} → {r.blackName}: {influence.withoutWords}, {percent(influence.without)}.
				</p>
			{/if}
		{/each}
		{#each carrying as r (r.id)}
			<Carrying reading={r} />
		{/each}
	</div>
</details>

<style>
	details {
		border-top: 1px solid var(--line);
	}
	summary {
		display: flex;
		align-items: center;
		gap: 12px;
		min-height: 48px;
		cursor: pointer;
		list-style: none;
	}
	.mark {
		flex: none;
		display: grid;
		place-items: center;
		width: 28px;
		height: 28px;
		border: 2px solid var(--line);
		border-radius: 50%;
		font-weight: 850;
	}
	.mark.suspect {
		border-radius: 6px;
		border: 3px solid var(--alarm);
		outline: 1.5px solid var(--ink);
	}
	.mark.faulty {
		border-radius: 6px;
		border-color: var(--alarm-ink);
		background: var(--alarm);
		color: var(--alarm-ink);
	}
	.mark.cleared {
		border-color: var(--ink);
	}
	.name {
		flex: 1;
		min-width: 0;
		font-size: 17px;
		font-weight: 650;
	}
	.cap {
		display: block;
	}
	.brief {
		display: block;
		font-size: 14px;
		font-weight: 450;
		color: var(--soft);
		line-height: 1.25;
	}
	details[open] .brief {
		display: none;
	}
	.standing {
		font-weight: 650;
	}
	.body {
		display: grid;
		gap: 6px;
		padding: 0 0 12px 40px;
		font-size: 15px;
	}
	@media (max-width: 767px) {
		.body {
			padding-left: 0;
		}
	}
</style>
