<script lang="ts">
	import { api } from '../../lib/api/client';
	import { ask } from '../../lib/api/ask';

	/** What the helper sees before sitting down. */
	type Props = { sit: () => void };
	let { sit }: Props = $props();
	let trouble = $state('');

	/** The device is unpaired; the workshop's own computer, if a code was typed there by mistake, is its owner's again. */
	async function leaveForGood(): Promise<void> {
		const { wrong } = await ask(
			api.PUT('/api/devices/me/removed', { body: {} as never }),
			'Dantro cannot be reached. Try again when it is back.'
		);
		trouble = wrong ?? '';
		if (!wrong) location.assign('./');
	}
</script>

<section class="seat before">
	<div class="word">
		<h1>Seat</h1>
		<p class="words">Neutral or park, brake on, key off. The one with the probe gives the command.</p>
		<p class="words">No clear answer, no crank.</p>
	</div>
	<p class="left">
		<button class="leave" onclick={() => void leaveForGood()}>This is no seat any more</button>
	</p>
	{#if trouble}<p class="words" role="alert">{trouble}</p>{/if}
	<button class="answer" onclick={sit}>I am in the seat</button>
</section>

<style>
	.seat {
		position: fixed;
		inset: 0;
		z-index: 20;
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		grid-template-rows: 1fr auto auto auto;
		gap: 8px;
		padding: 14px 16px max(16px, env(safe-area-inset-bottom));
		text-align: center;
		background: var(--card);
		color: var(--ink);
	}
	.word {
		align-self: center;
	}
	h1 {
		font-size: min(22vw, 22vh);
		font-weight: 900;
		line-height: 0.95;
		letter-spacing: -0.02em;
	}
	.words {
		font-size: clamp(18px, min(3.4vw, 5.5vh), 34px);
		font-weight: 600;
		line-height: 1.2;
	}
	.leave {
		min-height: 48px;
		padding: 0 16px;
		border: 2px solid var(--line);
		border-radius: 12px;
		background: transparent;
		color: inherit;
		font-size: 17px;
		font-weight: 600;
		cursor: pointer;
	}
	.answer {
		min-height: min(96px, 22vh);
		border-radius: 18px;
		border: 4px solid currentColor;
		background: var(--ink);
		color: var(--card);
		font-size: 30px;
		font-weight: 800;
		cursor: pointer;
		touch-action: manipulation;
	}
</style>
