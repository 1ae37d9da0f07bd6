<script lang="ts">
	import type { ChargingView, Condition } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import Key from '../../lib/components/Key.svelte';
	import TopicField from '../look/TopicField.svelte';
	import Sign from './Sign.svelte';

	/** All loads on, 2000 rpm: which loads, the four readings, and cold against warm. */
	type Props = {
		bench: CaseState;
		charging: ChargingView;
		onread: (pair: { red: string; black: string; condition: Condition }) => void;
	};
	let { bench, charging, onread }: Props = $props();
	const on = $derived((bench.stated('LOADS_ON')?.value ?? '').split(',').filter((l) => l));
	const chosen = $derived(charging.loads.filter((l) => on.includes(l.load)));
	const low = $derived(Math.round(chosen.reduce((sum, l) => sum + l.lowAmps, 0)));
	const high = $derived(Math.round(chosen.reduce((sum, l) => sum + l.highAmps, 0)));
	const engine = $derived(bench.stated('ENGINE')?.value);

	function toggle(load: string): void {
		const next = on.includes(load) ? on.filter((l) => l !== load) : [...on, load];
		bench.record.state('LOADS_ON', next.length > 0 ? next.join(',') : 'none');
	}
</script>

<section class="card" aria-label="Loads">
	<h2>
		Which loads are on
		<small>{chosen.length > 0 ? `typically ${low} to ${high} A` : 'tap what you switch on'}</small>
	</h2>
	<div class="loads">
		{#each charging.loads as load (load.load)}
			<button type="button" aria-pressed={on.includes(load.load)} onclick={() => toggle(load.load)}>
				<b>{on.includes(load.load) ? '✓ ' : ''}{load.words}</b>
				<span>{load.lowAmps} to {load.highAmps} A{load.steady ? '' : ', pulses: leave it off'}</span>
			</button>
		{/each}
	</div>
</section>
<section class="card" aria-label="Loaded readings">
	<h2>Loaded readings: 2000 rpm, all loads on</h2>
	<ul>
		{#each charging.loaded as row (row.name)}
			<li>
				<span>{row.name}</span>
				<b>{row.shown ?? 'not read'}</b>
				<Key onclick={() => onread(row.pair)}>{row.shown ? 'Read it again' : 'Read it'}</Key>
			</li>
		{/each}
	</ul>
	<p class="compare">
		{charging.compared ??
			'Read B+ to case and the posts: how far they part is what both sides take together.'}
		<a href="#/case/{bench.id}/limits">What the schools say of it</a>
	</p>
	<TopicField {bench} topic="SIDES_READ" />
	<p class="soft">
		Comparing is quick and finds what passes each side but not both together. Reading both certifies them.
	</p>
</section>
<section class="card" aria-label="Cold and warm">
	<h2>Cold and warm <small>the engine is {engine ? engine.toLowerCase() : 'not stated'}</small></h2>
	<div class="engine">
		<Key onclick={() => bench.record.state('ENGINE', 'COLD')} primary={engine === 'COLD'}
			>Cold from here on</Key
		>
		<Key onclick={() => bench.record.state('ENGINE', 'WARM')} primary={engine === 'WARM'}
			>Warm from here on</Key
		>
	</div>
	{#each charging.coldAndWarm as row (row.what + row.conditionWords)}
		<p class="compared">
			<Sign sign={row.sign} />
			<span>
				<b>{row.what}</b>, {row.conditionWords}: cold {row.cold}, warm {row.warm}. At the warm run's current
				the cold one would be {row.scaled}. {row.says}
			</span>
		</p>
	{:else}
		<p>Read the same drop cold and again warm, each with its current: they are compared at one current.</p>
	{/each}
</section>

<style>
	.loads {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(200px, 45%), 1fr));
		gap: 8px;
	}
	.loads button {
		display: grid;
		align-content: start;
		min-height: 54px;
		padding: 6px 12px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--card);
		text-align: left;
		font-size: 15px;
		cursor: pointer;
	}
	.loads button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--card);
		border-color: var(--ink);
	}
	li {
		display: grid;
		grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr) 132px;
		align-items: center;
		gap: 10px;
		padding: 6px 0;
		border-top: 1px solid var(--line);
	}
	.engine {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
	}
	.compared {
		display: grid;
		grid-template-columns: 90px minmax(0, 1fr);
		gap: 10px;
	}
</style>
