<script lang="ts">
	import type { ChargingView, OutputStep } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import { amps, volts } from '../../lib/format/si';
	import TopicField from '../look/TopicField.svelte';
	import Sign from './Sign.svelte';
	import { roundScale } from '../../lib/plot/scale';

	/** The voltage against the current as loads and speed were added, with ripple and currents beside it. */
	type Props = { bench: CaseState; charging: ChargingView };
	let { bench, charging }: Props = $props();
	const WIDTH = 640;
	const HEIGHT = 300;
	const LEFT = 60;
	const BOTTOM = 34;
	const AMPS_TICKS = 7;
	const VOLTS_TICKS = 6;
	const TOPICS = ['RIPPLE_IDLE', 'RIPPLE_LOADED', 'RIPPLE_POST', 'RATED_AMPS', 'BATTERY_AMPS'] as const;
	const all = $derived([...charging.steps, ...charging.healthy]);
	const x = $derived(
		roundScale([0, charging.ratedAmps, ...all.map((s) => s.amps)], [LEFT, WIDTH - 16], AMPS_TICKS)
	);
	const y = $derived(
		roundScale(
			all.map((s) => s.volts),
			[HEIGHT - BOTTOM, 14],
			VOLTS_TICKS
		)
	);
	const px = (a: number) => x.of(a);
	const py = (v: number) => y.of(v);
	const SPEEDS: { words: string; conditions: OutputStep['condition'][] }[] = [
		{ words: 'idle', conditions: ['IDLE', 'IDLE_LOADED'] },
		{ words: '2000 rpm', conditions: ['RAISED', 'RAISED_LOADED'] }
	];
	/** One line for each speed and place: along it only the load grows. */
	const healthy = $derived(
		SPEEDS.flatMap(({ words, conditions }) =>
			[true, false].map((atOutput) => {
				const along = charging.healthy
					.filter((s) => s.atOutput === atOutput && conditions.includes(s.condition))
					.toSorted((one, other) => one.amps - other.amps);
				const last = along.at(-1);
				return {
					posts: !atOutput,
					points: along.map((s) => `${px(s.amps)},${py(s.volts)}`).join(' '),
					label: atOutput && last ? { words, x: px(last.amps) + 8, y: py(last.volts) } : undefined
				};
			})
		)
	);
	const words = (s: OutputStep) => (s.atOutput ? 'B+ to case' : 'posts');
</script>

<section class="card" aria-label="Output step by step">
	<h2>Voltage against current <small>rated {amps(charging.ratedAmps)}</small></h2>
	<svg viewBox="0 0 {WIDTH} {HEIGHT}" role="img" aria-label="Voltage against the alternator's current">
		{#each y.ticks as tick (tick)}
			<line x1={LEFT} x2={WIDTH - 16} y1={py(tick)} y2={py(tick)} class="grid" />
			<text x={LEFT - 6} y={py(tick) + 4} text-anchor="end">{tick} V</text>
		{/each}
		{#each x.ticks as tick (tick)}
			<text x={px(tick)} y={HEIGHT - 14} text-anchor="middle">{tick} A</text>
		{/each}
		<line
			x1={px(charging.ratedAmps)}
			x2={px(charging.ratedAmps)}
			y1="14"
			y2={HEIGHT - BOTTOM}
			class="rated"
		/>
		{#each healthy as line, i (i)}
			<polyline points={line.points} class="healthy" class:posts={line.posts} />
			{#if line.label}<text x={line.label.x} y={line.label.y}>{line.label.words}</text>{/if}
		{/each}
		{#each charging.steps as step, i (i)}
			{#if step.atOutput}
				<rect x={px(step.amps) - 6} y={py(step.volts) - 6} width="12" height="12" class="read" />
			{:else}
				<circle cx={px(step.amps)} cy={py(step.volts)} r="6.5" class="read posts" />
			{/if}
		{/each}
	</svg>
	<p class="key-line">
		<span aria-hidden="true">■</span> B+ to case <span aria-hidden="true">○</span> posts, as read. Lines: a healthy
		one holds its voltage until it gives all it can at that speed (dashed: posts). Upright: its rating.
	</p>
	<table>
		<thead>
			<tr
				><th>Step</th><th>Where</th><th>Volts</th><th>Amps</th><th>Of its rating</th><th
					>It can, at this speed</th
				></tr
			>
		</thead>
		<tbody>
			{#each charging.steps as step, i (i)}
				<tr>
					<td>{step.conditionWords}</td>
					<td>{words(step)}</td>
					<td>{volts(step.volts)} V</td>
					<td>{amps(step.amps)}</td>
					<td>{Math.round(step.share * 100)} %</td>
					<td>{amps(step.mostAmps)}</td>
				</tr>
			{:else}
				<tr
					><td colspan="6"
						>No running voltage with its current yet: condition 2000 rpm, some loads on; clamp around the
						charge cable, add load by load.</td
					></tr
				>
			{/each}
		</tbody>
	</table>
</section>
<section class="card" aria-label="Ripple and currents">
	<h2>Ripple and currents</h2>
	{#each charging.output as figure (figure.what)}
		<p class="figure">
			<Sign sign={figure.sign} />
			<span><b>{figure.what}: {figure.shown}.</b> {figure.says}</span>
		</p>
	{/each}
	<div class="fields">
		{#each TOPICS as topic (topic)}
			<TopicField {bench} {topic} />
		{/each}
	</div>
	<p class="soft">
		Diode test, field command and what was fitted: under <a href="#/case/{bench.id}/limits">Limits</a>.
	</p>
</section>

<style>
	svg {
		width: 100%;
		max-height: 320px;
		font-size: 13px;
	}
	text {
		fill: var(--ink);
		stroke: var(--card);
		stroke-width: 5px;
		paint-order: stroke;
	}
	.grid {
		stroke: var(--line);
	}
	.rated {
		stroke: var(--soft);
		stroke-dasharray: 2 4;
		stroke-width: 2;
	}
	.healthy {
		fill: none;
		stroke: var(--soft);
		stroke-width: 2;
	}
	.healthy.posts {
		stroke-dasharray: 7 5;
	}
	.read {
		fill: var(--ink);
		stroke: var(--card);
		stroke-width: 1.5;
	}
	.read.posts {
		fill: var(--card);
		stroke: var(--ink);
		stroke-width: 3;
	}
	.key-line,
	table {
		font-size: 15px;
		border-collapse: collapse;
	}
	th,
	td {
		padding: 4px 8px 4px 0;
		text-align: left;
		border-top: 1px solid var(--line);
	}
	.fields {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(260px, 100%), 1fr));
		gap: 0 16px;
	}
	@media (max-width: 767px) {
		table {
			font-size: 13px;
		}
		th:nth-child(6),
		td:nth-child(6) {
			display: none;
		}
	}
</style>
