<script lang="ts">
	import Dialog from '../../lib/components/Dialog.svelte';
	import type { SeatView } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import { faceOf } from '../../lib/seat/face';
	import { workshopNow } from '../../lib/state/clock';
	import { restsSeconds } from '../../lib/state/timers';
	import { STARTER_TURNS } from '../../lib/format/words';
	import JoinCode from '../../lib/components/JoinCode.svelte';
	import Key from '../../lib/components/Key.svelte';

	/** The wing's end of the line to the seat: what the seat shows, and the orders that fit the condition. */
	type Props = {
		bench: CaseState;
		/** With a seat: on top of the card; without: below. */ shown: 'line' | 'invite';
	};
	let { bench, shown }: Props = $props();
	let inviting = $state(false);
	let now = $state(performance.now());
	let wall = $state(workshopNow());
	const rests = $derived(restsSeconds(bench.view?.crankTime.restsUntilMs, wall) > 0);
	const joined = $derived(bench.line.seat?.joined ?? false);
	const face = $derived(faceOf(bench.line.seat, now - bench.line.seatAt));
	const cranks = $derived(STARTER_TURNS.has(bench.entry.condition));
	const moves = $derived(cranks || !['REST', 'AFTER_SWITCH_OFF'].includes(bench.entry.condition));
	/** The hand is at the key, and said so: the crank may follow at once. */
	const poised = $derived(cranks && face.order === 'READY' && !face.asks);
	const lengths = $derived(
		bench.view ? [bench.view.crankTime.usualSeconds, bench.view.crankTime.mostSeconds] : []
	);
	const orders = $derived<[SeatView['order'], number, string][]>(
		cranks
			? [
					...(rests ? [] : lengths).map((s): [SeatView['order'], number, string] => [
						'CRANK',
						s,
						`Crank ${s} s`
					]),
					['READY', 0, 'Ready']
				]
			: [
					['HOLD', 0, 'Hold 2000'],
					['LIGHTS', 0, 'Lights']
				]
	);
	const said = $derived.by(() => {
		if (face.lost) return 'not heard';
		if (face.order === 'STOP') return `STOP. ${face.words}`;
		return face.asks ? `${face.headline}: not answered yet` : `${face.headline}: answered`;
	});

	$effect(() => {
		if (!joined) return;
		const tick = setInterval(() => {
			now = performance.now();
			wall = workshopNow();
		}, 250);
		return () => clearInterval(tick);
	});
	$effect(() => {
		if (joined) inviting = false;
	});
</script>

{#if shown === 'line' && joined}
	<div class="line" role="group" aria-label="Seat">
		<p role="status">
			<span>Seat</span> <b>{said}</b>
			{#if face.seconds !== null}<b class="left">{face.seconds} s</b>{/if}
		</p>
		{#if face.order === 'STOP'}
			{#each orders as [kind, seconds, words], n (words)}
				<Key primary={n === 0 && moves} onclick={() => bench.line.order(kind, seconds)}>{words}</Key>
			{/each}
		{:else}
			{#if poised}
				{#each orders.filter(([kind]) => kind === 'CRANK') as [kind, seconds, words], n (words)}
					<Key primary={n === 0} onclick={() => bench.line.order(kind, seconds)}>{words}</Key>
				{/each}
			{/if}
			<Key primary={!poised} onclick={() => bench.line.order('STOP', 0)}>Stop</Key>
		{/if}
	</div>
{:else if shown === 'invite' && !joined && moves}
	<Key onclick={() => (inviting = true)}>Call a helper’s phone</Key>
	<Dialog title="A helper in the seat" bind:open={inviting} size="xs">
		{#if inviting}
			<p>The phone goes to the seat and shows what to do, in letters you can read from the wing.</p>
			<JoinCode role="SEAT" caseId={bench.id} />
			<div class="grid gap-2">
				<Key href="#/case/{bench.id}/alone">Nobody there: do it alone</Key>
				<Key href="#/seat/{bench.id}">This screen goes to the seat</Key>
			</div>
		{/if}
	</Dialog>
{/if}

<style>
	.line {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 6px 8px;
		padding-bottom: 8px;
		border-bottom: 1px solid var(--line);
	}
	p {
		flex: 1 1 180px;
		font-size: 16px;
	}
	p span {
		color: var(--soft);
	}
	.left {
		font-size: 22px;
		font-weight: 800;
	}
</style>
