<script lang="ts">
	import type { CaseCard, ReadingRow } from '../../lib/api/client';
	import Later from '../../lib/components/Later.svelte';
	import ReadingsList from '../../lib/components/ReadingsList.svelte';
	import StrikeDialog from '../../lib/components/StrikeDialog.svelte';
	import type { CaseState } from '../../lib/state/case.svelte';

	/** What was read so far, and what can be done about one of it. */
	type Props = { bench: CaseState };
	let { bench }: Props = $props();
	let about = $state<ReadingRow | null>(null);
	let striking = $state(false);
	let moving = $state(false);
</script>

{#if bench.view}
	<ReadingsList
		readings={bench.view.readings}
		cranks={bench.view.cranks}
		oncorrect={(r) => {
			void bench.entry.correct(r);
			window.scrollTo(0, 0);
		}}
		onmove={(r) => {
			about = r;
			moving = true;
		}}
		onstrike={(r) => {
			about = r;
			striking = true;
		}}
		onrestore={(r) => bench.record.restore(r.id)}
	/>
	<Later
		load={() => import('../../lib/components/MoveDialog.svelte')}
		bind:open={moving}
		props={{
			what: about?.shown ?? '',
			from: bench.id,
			onchosen: (target: CaseCard) => about && void bench.record.move(about, target)
		}}
	/>
	<StrikeDialog
		what={about?.shown ?? ''}
		bind:open={striking}
		onreason={(reason) => about && bench.record.strike(about.id, reason)}
	/>
{/if}
