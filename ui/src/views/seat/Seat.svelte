<script lang="ts">
	import BeforeSeat from './BeforeSeat.svelte';
	import { SeatState } from '../../lib/state/seat.svelte';
	import { allowSound, soundGo, soundStop, stayAwake } from '../../lib/device/signals';

	/** The helper's screen: one word, readable from the wing, and one key to answer with. */
	type Props = { params: { id: string } };
	let { params }: Props = $props();
	// svelte-ignore state_referenced_locally
	const seat = new SeatState(params.id);
	const ANSWER = {
		STOP: '',
		READY: 'I am ready',
		CRANK: 'Cranking now',
		HOLD: 'Holding',
		LIGHTS: 'They are on'
	};
	let sitting = $state(false);
	const face = $derived(seat.face);
	const order = $derived(face.order);

	function sit(): void {
		allowSound();
		sitting = true;
	}

	$effect(() => {
		if (!sitting) return;
		const leave = seat.join();
		const sleep = stayAwake();
		return () => {
			leave();
			sleep();
		};
	});

	$effect(() => {
		if (sitting) (order === 'STOP' ? soundStop : soundGo)();
	});
</script>

<svelte:head><title>Seat – Dantro</title></svelte:head>

{#if sitting}
	<section class="seat {order.toLowerCase()}" class:asks={face.asks} aria-label="Order">
		<p class="vehicle">
			{seat.view?.vehicle ?? ''}
			{#if seat.view?.reading && !face.lost}<b>last reading {seat.view.reading}</b>{/if}
		</p>
		<div class="word" role="status" aria-live="assertive">
			<h1>{face.headline}</h1>
			<p class="words">{face.words}</p>
		</div>
		<p class="left" role="timer" aria-label="Seconds left">
			{#if face.seconds !== null}{face.seconds}<span>s</span>{/if}
		</p>
		{#if seat.message}<p class="words" role="alert">{seat.message}</p>{/if}
		{#if face.asks}
			<button class="answer" onclick={() => seat.acknowledge()}>{ANSWER[order]}</button>
		{:else if order !== 'STOP'}
			<button class="answer off" onclick={() => seat.letGo()}>I stopped</button>
		{/if}
	</section>
{:else}
	<BeforeSeat {sit} />
{/if}

<style>
	.seat {
		position: fixed;
		inset: 0;
		z-index: 20;
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		grid-template-rows: auto 1fr auto auto auto;
		gap: 8px;
		padding: 14px 16px max(16px, env(safe-area-inset-bottom));
		text-align: center;
		background: var(--card);
		color: var(--ink);
	}
	.stop {
		background: #14181b;
		color: #f4f1e8;
	}
	.crank {
		background: #f3ab74;
		color: #14181b;
	}
	:is(.hold, .lights) {
		background: #9acdf4;
		color: #14181b;
	}
	.vehicle {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		gap: 4px 16px;
		font-size: 17px;
	}
	.word {
		align-self: center;
	}
	h1 {
		font-size: min(22vw, 40vh);
		font-weight: 900;
		line-height: 0.95;
		letter-spacing: -0.02em;
	}
	.words {
		font-size: clamp(20px, 3.4vw, 34px);
		font-weight: 600;
		line-height: 1.2;
	}
	.left {
		min-height: 1.1em;
		font-size: clamp(56px, 14vh, 130px);
		font-weight: 850;
		line-height: 1;
	}
	.left span {
		font-size: 0.45em;
	}
	.answer {
		min-height: 96px;
		border-radius: 18px;
		border: 4px solid currentColor;
		background: #14181b;
		color: #f4f1e8;
		font-size: 30px;
		font-weight: 800;
		cursor: pointer;
		touch-action: manipulation;
	}
	.answer.off {
		background: transparent;
		color: inherit;
	}
</style>
