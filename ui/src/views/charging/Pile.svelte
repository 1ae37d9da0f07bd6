<script lang="ts">
	import type { ChargingView } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import PileWay from './PileWay.svelte';
	import Sign from './Sign.svelte';

	/** A carbon pile at either end: what to set, both drops one after the other, and what they say together. */
	type Props = { bench: CaseState; charging: ChargingView };
	let { bench, charging }: Props = $props();
	const on = $derived(bench.stated('PILE_ON')?.value === 'OPEN');
</script>

{#each charging.piles as pile (pile.where)}
	<section class="card" aria-label={pile.whereWords}>
		<h2>
			{pile.whereWords}
			<small
				>set {Math.round(pile.setAmps)} A{pile.estimated
					? ', estimated: enter the plate’s amps under Current and ripple'
					: ''}</small
			>
		</h2>
		<p class="says">
			{#if pile.sign !== 'SAYS_LITTLE'}<Sign sign={pile.sign} />{/if}
			<span>{pile.says}</span>
		</p>
		<div class="ways">
			{#each pile.ways as way (way.name)}
				<PileWay
					{bench}
					{way}
					setAmps={pile.setAmps}
					due={way === pile.ways.find((w) => w.shown === undefined)}
				/>
			{/each}
		</div>
	</section>
{/each}
<p class="soft">
	Seconds only: on, read, off, rest. Connected and taken off at zero, its last clamp away from the battery.
	The sign is ignored: under a pile the current may run the other way. {on
		? 'Pile connected is still on record: nothing cranks before it is off.'
		: ''}
</p>

<style>
	h2::first-letter {
		text-transform: uppercase;
	}
	.says {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 10px;
		font-size: 17px;
		font-weight: 650;
	}
	.ways {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
		gap: 10px;
	}
</style>
