<script lang="ts">
	import type { WhatIf } from '../../lib/api/client';
	import { volts } from '../../lib/format/si';

	type Props = { whatIf: WhatIf; /** The most lines to show; the first ones matter most. */ most?: number };
	let { whatIf, most = 6 }: Props = $props();

	function figure(value: number, unit: string): string {
		return unit === 'V' ? `${volts(value)} V` : `${Math.round(value)} rpm`;
	}
</script>

{#if whatIf.lines.length > 0}
	<table>
		<caption>Estimate: with the {whatIf.name} as good as new</caption>
		<thead class="sr-only"><tr><th>What</th><th>Now</th><th>Then</th></tr></thead>
		<tbody>
			{#each whatIf.lines.slice(0, most) as line (line.words)}
				<tr>
					<th scope="row">{line.words}</th>
					<td>{figure(line.now, line.unit)}</td>
					<td><span aria-hidden="true">→</span> <b>{figure(line.after, line.unit)}</b></td>
				</tr>
			{/each}
		</tbody>
	</table>
{/if}

<style>
	table {
		width: 100%;
		font-size: 15px;
		font-variant-numeric: tabular-nums;
	}
	caption {
		text-align: left;
		font-weight: 650;
		color: var(--soft);
		font-size: 14px;
	}
	th {
		text-align: left;
		font-weight: 450;
	}
	th::first-letter {
		text-transform: uppercase;
	}
	td {
		text-align: right;
		white-space: nowrap;
		padding-left: 10px;
	}
</style>
