<script lang="ts">
	import { getCase } from '../../lib/state/case.svelte';
	import { workshopNow } from '../../lib/state/clock';
	import { shortcut } from '../../lib/state/shortcuts';
	import { clock, restsSeconds } from '../../lib/state/timers';
	import { soundSaved, stayAwake } from '../../lib/device/signals';
	import Key from '../../lib/components/Key.svelte';
	import Keypad from '../../lib/components/Keypad.svelte';
	import Entry from '../workbench/Entry.svelte';
	import SlipQuestion from '../workbench/SlipQuestion.svelte';
	import { Countdown } from './countdown.svelte';
	import LegKeys from './LegKeys.svelte';

	/** Nobody in the seat: leads clipped to the posts, meter on its memory, one large field after the other. */
	const bench = getCase();
	const count = new Countdown(bench);
	let leg = $state(0);
	const legs = $derived(bench.view?.alone ?? []);
	const now = $derived(legs[leg]);
	let wall = $state(workshopNow());
	const rests = $derived(restsSeconds(bench.view?.crankTime.restsUntilMs, wall));

	$effect(() => stayAwake());
	$effect(() => count.tick());
	$effect(() => {
		const tick = setInterval(() => (wall = workshopNow()), 500);
		return () => clearInterval(tick);
	});

	function save(): void {
		if (!now || !bench.view) return;
		const { red, black } = bench.view.posts;
		if (bench.entry.saveAt(red, black, now.condition, now.statistic)) {
			soundSaved(false);
			go(leg + 1);
		}
	}

	/** The workbench's keys, as far as they mean anything here. */
	function onkeydown(event: KeyboardEvent): void {
		const target = event.target as HTMLElement;
		if (target.closest('input, select, textarea, dialog')) return;
		if (event.key === 'Enter' && target.closest('button, a')) return;
		const press = shortcut(event, bench.entry.draft.text, bench.asked !== null);
		if (!press || !now) return;
		event.preventDefault();
		if (press.do === 'type') bench.entry.type(press.text);
		else if (press.do === 'clear') bench.entry.type('');
		else if (press.do === 'save') save();
		else if (press.do === 'measure' && bench.view?.simulated && !now.cranks)
			void bench.meter.measureAt(now.condition);
		else if (press.do === 'crank') {
			if (count.running) count.stop();
			else if (now.cranks && !count.cranked && rests === 0) count.begin();
		} else if (press.do === 'answer') {
			const choice = bench.asked?.slip?.choices[press.index];
			if (bench.asked && choice) bench.record.answer(bench.asked.id, choice.answer);
		}
	}

	function go(to: number): void {
		leg = to;
		count.cranked = false;
	}
</script>

<svelte:window {onkeydown} />

<div class="alone">
	<LegKeys {legs} {leg} ongo={go} />
	{#if bench.asked}
		<section class="card"><SlipQuestion {bench} reading={bench.asked} /></section>
	{:else if count.running}
		<section class="card count" class:cranking={count.cranking} aria-label="Countdown">
			<h1 role="status" aria-live="assertive">{count.cranking ? 'CRANK' : 'Hand on the key'}</h1>
			<p class="left" role="timer">{count.left}</p>
			<button class="stop" onclick={() => count.stop()}>Stop</button>
		</section>
	{:else if now}
		<section class="card">
			<h1>{now.title}</h1>
			<p>{now.words}</p>
			{#if now.cranks && !count.cranked}
				<button class="stop go" disabled={count.crankSeconds === 0 || rests > 0} onclick={() => count.begin()}
					>{rests > 0
						? `The starter rests: ${clock(rests)}`
						: `Count down, then crank ${count.crankSeconds} s`}</button
				>
				<p><Key onclick={() => (count.cranked = true)}>Cranked already: type MIN</Key></p>
			{:else}
				<p class="asks">{now.asks}</p>
				<Entry {bench} />
				{#if bench.message}<p class="message" role="alert">{bench.message}</p>{/if}
				{#if bench.view?.simulated && !now.cranks}
					<Key onclick={() => bench.meter.measureAt(now.condition)}>Simulated meter</Key>
				{/if}
				<Keypad
					text={bench.entry.draft.text}
					ontype={(t) => bench.entry.type(t)}
					onsave={save}
					disabled={!bench.entry.draft.text}
				/>
			{/if}
		</section>
	{:else if bench.view}
		<section class="card">
			<h1>All of them are in</h1>
			<p>{bench.view.headline}</p>
			<p>Next: {bench.step?.title}.</p>
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
