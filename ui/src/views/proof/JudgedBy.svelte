<script lang="ts">
	import type { CaseView } from '../../lib/api/client';
	import { moment } from '../../lib/format/when';
	import { workshopNow } from '../../lib/state/clock';

	/** What the case is judged by, when it came to be, and when it closed. */
	type Props = { basis: CaseView['basis'] };
	let { basis }: Props = $props();
	const now = workshopNow();
</script>

<section class="card" aria-label="Judged by">
	<h2>Judged by</h2>
	<p>{basis.words}</p>
	{#each basis.moves as move (move.atMs + move.words)}
		<p class="move"><b>{moment(move.atMs, now)}</b> {move.words}</p>
	{/each}
	{#if basis.closedAtMs !== undefined}
		<p class="move"><b>{moment(basis.closedAtMs, now)}</b> Closed: what it said then is kept.</p>
	{/if}
</section>

<style>
	section {
		padding: 14px 18px;
		font-size: 15px;
	}
	h2 {
		padding-bottom: 6px;
		font-size: 16px;
		font-weight: 750;
	}
	p::first-letter {
		text-transform: uppercase;
	}
	.move {
		padding: 5px 0;
		border-top: 1px solid var(--line);
	}
</style>
