<script lang="ts">
	import type { Condition, NewReading } from '../../lib/api/client';
	import { getCase } from '../../lib/state/case.svelte';
	import { shortcut } from '../../lib/state/shortcuts';
	import { allowSound, soundGo, soundSaved, soundStop, stayAwake, tone } from '../../lib/device/signals';
	import Key from '../../lib/components/Key.svelte';
	import Keypad from '../../lib/components/Keypad.svelte';
	import Entry from '../workbench/Entry.svelte';
	import SlipQuestion from '../workbench/SlipQuestion.svelte';

	/** Nobody in the seat: leads clipped to the posts, meter on its memory, one large field after the other. */
	type Leg = {
		condition: Condition;
		statistic: NewReading['statistic'];
		title: string;
		words: string;
		asks: string;
		crank?: true;
	};
	const LEGS: Leg[] = [
		{
			condition: 'REST',
			statistic: 'SETTLED',
			title: 'At rest',
			words: 'Clip red to the + post, black to the − post. Everything off.',
			asks: 'What does it show?'
		},
		{
			condition: 'KEY_ON',
			statistic: 'SETTLED',
			title: 'Key on',
			words: 'Ignition on, engine off.',
			asks: 'What does it show?'
		},
		{
			condition: 'CRANKING',
			statistic: 'MINIMUM',
			title: 'Cranking',
			words: 'Engine disabled, neutral, brake on. Meter on MIN/MAX. Take this phone to the seat.',
			asks: 'What does MIN show?',
			crank: true
		},
		{
			condition: 'IDLE',
			statistic: 'SETTLED',
			title: 'Idle',
			words: 'Restore and start the engine. All loads off. Wait until the volts stand still.',
			asks: 'What does it show?'
		},
		{
			condition: 'RAISED',
			statistic: 'SETTLED',
			title: '2000 revs',
			words: 'Hold 2000 revs a minute, loads off; read it with MAX or through the screen.',
			asks: 'What does it show?'
		}
	];
	const READY_SECONDS = 5;
	const bench = getCase();
	const crankSeconds = $derived(bench.view?.crankTime.usualSeconds ?? 0);
	let leg = $state(0);
	/** Seconds since the countdown began; null while nothing runs. */
	let gone = $state<number | null>(null);
	let cranked = $state(false);
	const now = $derived(LEGS[leg]);
	const cranking = $derived(gone !== null && gone >= READY_SECONDS);
	const left = $derived(gone === null ? 0 : (cranking ? READY_SECONDS + crankSeconds : READY_SECONDS) - gone);
	const done = $derived(
		LEGS.filter((l) =>
			bench.view?.readings.some(
				(r) => r.condition === l.condition && r.statistic === l.statistic && r.state !== 'STRUCK'
			)
		).map((l) => l.condition)
	);

	$effect(() => stayAwake());
	$effect(() => {
		if (gone === null) return;
		const tick = setTimeout(() => step(gone ?? 0), 1000);
		return () => clearTimeout(tick);
	});

	function begin(): void {
		allowSound();
		gone = 0;
		tone(660, 120);
	}

	function step(before: number): void {
		const at = before + 1;
		if (at < READY_SECONDS) tone(660, 120);
		if (at === READY_SECONDS) {
			soundGo();
			bench.state('CRANK', 'START');
		}
		if (at >= READY_SECONDS + crankSeconds) return stop();
		gone = at;
	}

	function stop(): void {
		if (cranking) bench.state('CRANK', 'STOP');
		soundStop();
		cranked = cranking;
		gone = null;
	}

	function save(): void {
		if (!now || !bench.view) return;
		const { red, black } = bench.view.posts;
		if (bench.saveAt(red, black, now.condition, now.statistic)) {
			soundSaved(false);
			go(leg + 1);
		}
	}

	/** The workbench's keys, as far as they mean anything here. */
	function onkeydown(event: KeyboardEvent): void {
		const target = event.target as HTMLElement;
		if (target.closest('input, select, textarea, dialog')) return;
		if (event.key === 'Enter' && target.closest('button, a')) return;
		const press = shortcut(event, bench.draft.text, bench.asked !== null);
		if (!press || !now) return;
		event.preventDefault();
		if (press.do === 'type') bench.type(press.text);
		else if (press.do === 'clear') bench.type('');
		else if (press.do === 'save') save();
		else if (press.do === 'measure' && bench.view?.simulated && !now.crank)
			void bench.measureAt(now.condition);
		else if (press.do === 'crank') {
			if (gone !== null) stop();
			else if (now.crank && !cranked) begin();
		} else if (press.do === 'answer') {
			const choice = bench.asked?.slip?.choices[press.index];
			if (bench.asked && choice) bench.answer(bench.asked.id, choice.answer);
		}
	}

	function go(to: number): void {
		leg = to;
		cranked = false;
	}
</script>

<svelte:window {onkeydown} />

<div class="alone">
	<nav class="legs" aria-label="Readings of this run">
		{#each LEGS as l, n (l.condition)}
			<button aria-current={n === leg ? 'step' : undefined} onclick={() => go(n)}>
				{done.includes(l.condition) ? '✓' : n + 1}<span>{l.title}</span>
			</button>
		{/each}
	</nav>
	{#if bench.asked}
		<section class="card"><SlipQuestion {bench} reading={bench.asked} /></section>
	{:else if gone !== null}
		<section class="card count" class:cranking aria-label="Countdown">
			<h1 role="status" aria-live="assertive">{cranking ? 'CRANK' : 'Hand on the key'}</h1>
			<p class="left" role="timer">{left}</p>
			<button class="stop" onclick={stop}>Stop</button>
		</section>
	{:else if now}
		<section class="card">
			<h1>{now.title}</h1>
			<p>{now.words}</p>
			{#if now.crank && !cranked}
				<button class="stop go" disabled={crankSeconds === 0} onclick={begin}
					>Count down, then crank {crankSeconds} s</button
				>
				<p><Key onclick={() => (cranked = true)}>Cranked already: type MIN</Key></p>
			{:else}
				<p class="asks">{now.asks}</p>
				<Entry {bench} />
				{#if bench.message}<p class="message" role="alert">{bench.message}</p>{/if}
				{#if bench.view?.simulated && !now.crank}
					<Key onclick={() => bench.measureAt(now.condition)}>Simulated meter</Key>
				{/if}
				<Keypad
					text={bench.draft.text}
					ontype={(t) => bench.type(t)}
					onsave={save}
					disabled={!bench.draft.text}
				/>
			{/if}
		</section>
	{:else}
		<section class="card">
			<h1>All five are in</h1>
			<p>{bench.view?.headline ?? ''}</p>
			{#if bench.view}<p>Next: {bench.view.next.title}.</p>{/if}
			<Key primary href="#/case/{bench.id}">To the workbench</Key>
			<Key href="#/case/{bench.id}/limits">Against the limits</Key>
		</section>
	{/if}
	<p class="back"><a href="#/case/{bench.id}">Leave the run</a></p>
</div>

<style>
	.alone {
		display: grid;
		gap: 10px;
		max-width: 560px;
		margin: 0 auto;
		padding: 8px;
	}
	.legs {
		display: grid;
		grid-template-columns: repeat(5, minmax(0, 1fr));
		gap: 4px;
	}
	.legs button {
		display: grid;
		min-height: 52px;
		align-content: center;
		justify-items: center;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--card);
		font-weight: 750;
		cursor: pointer;
	}
	.legs span {
		font-size: 13px;
		font-weight: 550;
	}
	.legs [aria-current] {
		background: var(--ink);
		color: var(--card);
	}
	section {
		display: grid;
		gap: 10px;
		padding: 14px;
		font-size: 18px;
	}
	h1 {
		font-size: 34px;
		font-weight: 850;
		line-height: 1.05;
	}
	.asks {
		font-weight: 700;
	}
	.count {
		justify-items: center;
		text-align: center;
	}
	.count h1 {
		font-size: min(17vw, 90px);
	}
	.cranking {
		background: #f3ab74;
		color: #14181b;
	}
	.left {
		font-size: 120px;
		font-weight: 900;
		line-height: 1;
	}
	.stop {
		width: 100%;
		min-height: 96px;
		border: 4px solid currentColor;
		border-radius: 18px;
		background: #14181b;
		color: #f4f1e8;
		font-size: 26px;
		font-weight: 800;
		cursor: pointer;
	}
	.go {
		background: var(--ink);
		color: var(--card);
	}
	.message {
		padding: 6px 10px;
		border-left: 5px solid var(--ink);
		background: var(--sunk);
		font-weight: 650;
		font-size: 15px;
	}
	.back {
		text-align: center;
	}
	.back a {
		display: inline-block;
		min-height: 48px;
		padding: 12px;
		text-decoration: underline;
	}
</style>
