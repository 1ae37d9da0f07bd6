<script lang="ts">
	import type { FigureVerdict, Statement } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import TopicField from '../look/TopicField.svelte';

	/** Measured beside the volts: what each number says, and where it is typed. */
	type Props = { bench: CaseState; verdicts: FigureVerdict[] };
	let { bench, verdicts }: Props = $props();
	const SIGN = { GOOD: '✓', SUSPECT: '!', FAILS: '✕', SAYS_LITTLE: '·' };
	const WORDS = { GOOD: 'good', SUSPECT: 'suspect', FAILS: 'fails', SAYS_LITTLE: 'says little alone' };
	const SHEETS: [string, Statement['topic'][]][] = [
		['Battery', ['CHEMISTRY', 'BATTERY_AMP_HOURS', 'RECOVERY_VOLTS', 'STANDING_CURRENT']],
		['Starter', ['CYLINDERS', 'DRAW_LIST', 'CRANK_SPEED', 'MAKER_DRAW']],
		[
			'Alternator: current',
			['STRATEGY', 'RATED_AMPS', 'SET_POINT', 'IDLE_SHARE', 'BATTERY_AMPS', 'UNSTEADY_LOW', 'UNSTEADY_HIGH']
		],
		['Overnight drain', ['DRAIN_LIFTED', 'DRAIN_BRANCH']],
		[
			'A unit that was fitted',
			[
				'OLD_AMPS',
				'OLD_PULLEY',
				'OLD_BENCH',
				'NEW_AMPS',
				'NEW_PULLEY',
				'NEW_BENCH',
				'OLD_ODOMETER',
				'ODOMETER'
			]
		],
		[
			'Alternator: ripple and diodes',
			['RIPPLE_IDLE', 'RIPPLE_LOADED', 'RIPPLE_POST', 'DIODES_FORWARD', 'DIODES_REVERSE']
		],
		['Field command', ['FIELD_SIDE', 'FIELD_VOLTS']],
		['Separate rectifier-regulator', ['PHASE_ONE', 'PHASE_TWO', 'PHASE_THREE', 'PHASE_FRAME']]
	];
	const of = (topic: Statement['topic']) => bench.view?.statements.find((s) => s.topic === topic);
	const stated = (topics: Statement['topic'][]) => topics.filter((t) => of(t)?.stated).length;
</script>

<section class="card" aria-label="Figures beside the volts">
	<h2>Figures beside the volts</h2>
	{#each verdicts as verdict (verdict.what)}
		<p class="verdict" data-sign={verdict.sign}>
			<b class="sign"><span aria-hidden="true">{SIGN[verdict.sign]}</span> {WORDS[verdict.sign]}</b>
			<span><b>{verdict.what}: {verdict.shown}.</b> {verdict.says}</span>
		</p>
	{:else}
		<p class="none">Ripple, diodes, currents, cranking speed: what is typed below is judged here.</p>
	{/each}
	{#if bench.message}<p role="alert" class="message">{bench.message}</p>{/if}
	{#each SHEETS as [title, topics] (title)}
		<details open={stated(topics) > 0}>
			<summary>{title} <small>{stated(topics)} of {topics.length}</small></summary>
			<div class="fields">
				{#each topics as topic (topic)}
					<TopicField {bench} {topic} />
				{/each}
			</div>
		</details>
	{/each}
	<p class="none">
		Battery − off before the diode test. Meter on AC for ripple. The clamp around one cable only, and zeroed.
	</p>
</section>

<style>
	section {
		padding: 14px 16px;
	}
	h2 {
		font-size: 18px;
		font-weight: 750;
		padding-bottom: 6px;
	}
	.verdict {
		display: grid;
		grid-template-columns: 9.5em minmax(0, 1fr);
		gap: 4px 12px;
		padding: 8px 0;
		border-top: 1px solid var(--line);
	}
	.sign {
		white-space: nowrap;
	}
	.none {
		font-size: 15px;
		color: var(--soft);
		padding: 6px 0;
	}
	.message {
		padding: 6px 10px;
		border-left: 5px solid var(--ink);
		background: var(--sunk);
		font-weight: 650;
	}
	details {
		border-top: 1px solid var(--line);
	}
	summary {
		min-height: 48px;
		padding: 12px 0;
		font-weight: 650;
		cursor: pointer;
	}
	small {
		color: var(--soft);
		font-weight: 500;
	}
	.fields {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
		align-items: stretch;
		gap: 0 18px;
		padding-bottom: 10px;
	}
	@media (max-width: 767px) {
		.verdict {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
