<script lang="ts">
	import type { ChargingView, Condition, GroundBranch } from '../../lib/api/client';
	import { amps, volts } from '../../lib/format/si';
	import { STANDING_SIGN, STANDING_WORDS } from '../../lib/format/words';
	import Key from '../../lib/components/Key.svelte';

	/** The ground side as it branches from the battery: what each branch should lose and carry, and what was read. */
	type Props = {
		charging: ChargingView;
		onread: (pair: { red: string; black: string; condition: Condition }) => void;
	};
	let { charging, onread }: Props = $props();

	const carried = (a: number) => (a < 0.05 ? 'none' : '≈ ' + amps(a));

	/** Which of the lines left of a branch go on below it: one of that depth still follows. */
	function lines(all: GroundBranch[], at: number): boolean[] {
		const depth = all[at]?.depth ?? 0;
		return Array.from({ length: depth }, (_, level) => {
			const next = all.slice(at + 1).find((b) => b.depth <= level + 1);
			return next?.depth === level + 1;
		});
	}
</script>

<section class="card" aria-label="Ground tree">
	<h2>Ground tree: 2000 rpm, all loads on</h2>
	<p><b>Battery − post</b></p>
	<ul>
		{#each charging.ground as branch, i (branch.part)}
			<li data-standing={branch.standing}>
				<span class="name">
					<span class="rails" aria-hidden="true">
						{#each lines(charging.ground, i) as goes, level (level)}
							<span class="rail" class:goes></span>
						{/each}
						<span class="elbow"></span>
					</span>
					<span class="what">
						<b>{branch.name}</b>
						<span class="to">
							{branch.joins ? 'parallel: joins' : 'to'} the {branch.toName}{branch.hangs.length > 0
								? ` (${branch.hangs.join(', ')})`
								: ''}
						</span>
					</span>
				</span>
				<span class="figure">
					<b
						>{branch.readVolts === undefined ? '≈ ' + volts(branch.healthyVolts) : volts(branch.readVolts)} V</b
					>
					<span>up to {volts(branch.upperVolts)}</span>
				</span>
				<span class="figure">
					<b>{branch.readAmps === undefined ? carried(branch.healthyAmps) : amps(branch.readAmps)}</b>
					<span>{branch.readAmps === undefined ? 'healthy' : `healthy ${amps(branch.healthyAmps)}`}</span>
				</span>
				<span class="standing">{STANDING_SIGN[branch.standing]} {STANDING_WORDS[branch.standing]}</span>
				<span class="lift">
					{#if branch.liftVolts !== undefined}
						{branch.lifted ? '! ' : ''}{volts(branch.liftVolts)} V above battery −
					{/if}
				</span>
				<Key onclick={() => onread(branch.across)} aria-label="Read across the {branch.name}">Read</Key>
			</li>
		{/each}
	</ul>
	<p class="soft">
		≈ is what a healthy vehicle shows. Parallel branches share the current: a clamp around one tells whether
		it carries its share. Between battery − and a body or accessory ground: above 0.1 V look, above 0.2 V
		beyond most schools.
	</p>
</section>

<style>
	li {
		display: grid;
		grid-template-columns: minmax(0, 3.4fr) 84px 84px 104px minmax(0, 1.1fr) 72px;
		align-items: center;
		gap: 0 10px;
		font-size: 15px;
		min-height: 52px;
	}
	.name {
		display: flex;
		align-self: stretch;
		align-items: center;
	}
	.rails {
		display: flex;
		align-self: stretch;
		flex: none;
		padding-right: 8px;
	}
	.rail {
		width: 18px;
	}
	.rail.goes {
		border-left: 2px solid var(--soft);
	}
	.elbow {
		width: 18px;
		height: 50%;
		border-left: 2px solid var(--soft);
		border-bottom: 2px solid var(--soft);
	}
	.what,
	.figure {
		display: grid;
	}
	.to,
	.figure span,
	.lift {
		font-size: 14px;
		color: var(--soft);
	}
	.standing {
		white-space: nowrap;
		font-weight: 650;
	}
	li[data-standing='NOT_PROVEN'] .standing {
		font-weight: 500;
		color: var(--soft);
	}
	@media (max-width: 767px) {
		li {
			grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) auto;
			padding: 4px 0;
		}
		.rail,
		.elbow {
			width: 9px;
		}
		.standing,
		.lift {
			grid-column: 1 / 3;
			padding-left: 12px;
		}
		li .figure:nth-of-type(3) {
			display: none;
		}
		li :global(.key) {
			grid-row: 1;
			grid-column: 3;
			padding: 0 10px;
		}
	}
</style>
