<script lang="ts">
	import type { OwnRepairs } from '../../lib/api/client';
	import { SORTS } from './sorts';

	/** Where this shop's certified joints and cables lie, against what is written of healthy ones. */
	type Props = { rows: OwnRepairs['certified'] };
	let { rows }: Props = $props();
	const LITTLE = 0.15;
	const MUCH = 0.6;

	function lies(off: number): string {
		if (Math.abs(off) < LITTLE) return 'as written';
		const much = Math.abs(off) < MUCH ? 'a little' : 'clearly';
		return `${much} ${off > 0 ? 'higher' : 'lower'}`;
	}
	function spreads(width: number): string {
		if (Math.abs(width - 1) < LITTLE / 2) return 'as wide';
		return width > 1 ? 'wider' : 'narrower';
	}
</script>

{#if rows.length > 0}
	<h3>Its certified joints and cables</h3>
	<table>
		<thead>
			<tr><th>Kind</th><th>On</th><th class="number">Told</th><th>Healthy ones lie</th><th>Spread</th></tr>
		</thead>
		<tbody>
			{#each rows as row (row.sort + row.kind)}
				<tr>
					<td>{row.kind}</td>
					<td>{SORTS[row.sort]}</td>
					<td class="number">{row.told.toFixed(1)}</td>
					<td>{lies(row.off)}</td>
					<td>{spreads(row.width)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<p class="soft">
		Cleared and not repaired, in cases that ended as verified or good. A drop right across a part tells nearly
		all of it, one over a whole side a little of each. They move what counts as healthy by a bounded step; the
		schools’ limits stay as they are.
	</p>
{/if}

<style>
	h3 {
		font-size: 16px;
		font-weight: 750;
	}
</style>
