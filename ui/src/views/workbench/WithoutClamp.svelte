<script lang="ts">
	import type { CaseState } from '../../lib/state/case.svelte';
	import AmmeterDialog from './AmmeterDialog.svelte';

	/**
	 * What stands in for a clamp that nobody has: the drop of a cable whose size is known, read in the same crank. Offered
	 * where amps would say more, never asked for.
	 */
	type Props = { bench: CaseState };
	let { bench }: Props = $props();
	let choosing = $state(false);
	const none = $derived(bench.view?.statements.find((s) => s.topic === 'CLAMP')?.stated?.value === 'NO');
	const cranks = $derived(bench.entry.condition === 'CRANKING');
	const known = $derived((bench.view?.cables.length ?? 0) > 0);
</script>

{#if none && cranks && known && !bench.entry.draft.ammeter}
	<p>
		No clamp needed; <button type="button" onclick={() => (choosing = true)}>a cable’s millivolts</button> tell
		the amps too.
	</p>
	<AmmeterDialog {bench} first="SHUNT" bind:open={choosing} />
{/if}

<style>
	p {
		font-size: 15px;
	}
	button {
		min-height: 24px;
		font: inherit;
		font-weight: 650;
		text-decoration: underline;
		color: inherit;
		background: none;
		border: 0;
		padding: 0;
		cursor: pointer;
	}
	/* On the phone the key beside the current opens the same. */
	@media (pointer: coarse), (max-width: 767px) {
		p {
			display: none;
		}
	}
</style>
