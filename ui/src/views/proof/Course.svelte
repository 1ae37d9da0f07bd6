<script lang="ts">
	import type { CaseView } from '../../lib/api/client';

	/** The order of work with its reasons: what was passed, where the work stands, what was passed over. */
	type Props = { course: CaseView['course'] };
	let { course }: Props = $props();
	const SIGN = { PASSED: '✓', NOW: '→', SKIPPED: '–', LATER: '·' } as const;
</script>

<section class="card" aria-label="Order of work">
	<h2>Order of work</h2>
	{#each course.branches as branch (branch)}<p class="branch">{branch}</p>{/each}
	<ol>
		{#each course.calls as call (call.station)}
			<li data-state={call.state} aria-current={call.state === 'NOW' ? 'step' : undefined}>
				<span class="sign" aria-hidden="true">{SIGN[call.state]}</span>
				<span class="words"
					>{call.words}{#if call.state === 'SKIPPED' || call.state === 'NOW'}<span class="why"
							>{call.reason}</span
						>{/if}</span
				>
				<span class="state">{call.stateWords}</span>
			</li>
		{/each}
	</ol>
</section>

<style>
	section {
		padding: 14px 18px;
	}
	h2 {
		padding-bottom: 6px;
		font-size: 16px;
		font-weight: 750;
	}
	.branch {
		padding: 0 0 8px;
		font-size: 15px;
	}
	li {
		display: grid;
		grid-template-columns: 20px 1fr auto;
		gap: 6px;
		align-items: baseline;
		padding: 5px 0;
		border-top: 1px solid var(--line);
		font-size: 15px;
	}
	.sign {
		font-weight: 850;
	}
	.why {
		display: block;
		font-size: 14px;
		color: var(--soft);
	}
	.state {
		color: var(--soft);
	}
	[data-state='NOW'] .words,
	[data-state='NOW'] .state,
	[data-state='SKIPPED'] .state {
		font-weight: 700;
		color: var(--ink);
	}
	[data-state='NOW'] .why {
		font-weight: 450;
	}
</style>
