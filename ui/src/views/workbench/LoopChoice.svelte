<script lang="ts">
	import type { Profile } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';

	/** Which loop is shown, and the way to the parts of the charging one. */
	type Props = {
		bench: CaseState;
		profile: Profile;
		/** With the way to the charging side's parts. */ parts?: boolean;
		/** Nothing but that. */ only?: boolean;
	};
	let { bench, profile, parts = false, only = false }: Props = $props();
	const LOOPS: [Profile['loop'], string][] = [
		['STARTING', 'Starting loop'],
		['CHARGING', 'Charging loop']
	];
</script>

{#if bench.hasOtherLoop || only}
	<div class="loops" role={only ? undefined : 'group'} aria-label={only ? undefined : 'Which loop is shown'}>
		{#if !only}
			{#each LOOPS as [loop, words] (loop)}
				<button aria-pressed={profile.loop === loop} onclick={() => bench.showLoop(loop)}>{words}</button>
			{/each}
		{/if}
		{#if parts && profile.loop === 'CHARGING'}
			<a href="#/case/{bench.id}/charging">Feed, loads, grounds</a>
		{/if}
	</div>
{/if}

<style>
	.loops {
		display: flex;
		gap: 6px;
	}
	a,
	button {
		min-height: 48px;
		padding: 0 14px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--card);
		font-size: 15px;
		font-weight: 600;
		cursor: pointer;
	}
	a {
		display: flex;
		align-items: center;
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--card);
		border-color: var(--ink);
	}
</style>
