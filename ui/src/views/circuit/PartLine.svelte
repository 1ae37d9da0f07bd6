<script lang="ts">
	import type { CircuitEdit, CircuitPart } from '../../lib/api/client';
	import type { AreaUnit } from '../../lib/format/cable';
	import { amps, volts } from '../../lib/format/si';
	import { ACCESS_WORDS } from '../../lib/format/words';
	import type { CircuitState } from '../../lib/state/circuit.svelte';
	import PartInside from './PartInside.svelte';
	import PartMenu from './PartMenu.svelte';

	type Props = { part: CircuitPart; circuit: CircuitState; unit: AreaUnit; onsize: () => void };
	let { part, circuit, unit, onsize }: Props = $props();

	/** A switch that does not conduct in this condition. */
	function isOpen(drop: CircuitPart['cranking']): boolean {
		return Math.abs(drop.amps) < 0.01 && Math.abs(drop.volts) > 1;
	}
</script>

<tr>
	<th scope="row">
		<b>{part.name}</b>
		<small>{part.from.name} → {part.to.name}</small>
	</th>
	<td class="inside">
		<PartInside {part} {circuit} {unit} />
	</td>
	<td>
		<select
			aria-label="How hard it is to reach: {part.to.name}"
			value={part.to.access}
			onchange={(e) =>
				circuit.setAccess(part.to.id, e.currentTarget.value as NonNullable<CircuitEdit['access']>)}
		>
			{#each Object.entries(ACCESS_WORDS) as [value, words] (value)}
				<option {value}>{words}</option>
			{/each}
		</select>
	</td>
	{#each [['cranking', part.cranking], ['charging', part.charging]] as const as [name, drop] (name)}
		<td class="number" title="{volts(drop.lowVolts)} … {volts(drop.highVolts)} V in healthy vehicles">
			<span class="word">{name}</span> <b>{isOpen(drop) ? 'open' : `${volts(drop.volts)} V`}</b>
			<small>{isOpen(drop) ? '' : amps(drop.amps)}</small>
		</td>
	{/each}
	<td class="more">
		<PartMenu {part} {circuit} {onsize} />
	</td>
</tr>

<style>
	tr {
		border-top: 1px solid var(--line);
	}
	th {
		text-align: left;
		font-weight: 400;
		padding: 5px 10px 5px 0;
		min-width: 190px;
	}
	th b,
	th small {
		display: block;
	}
	b {
		font-weight: 700;
	}
	small {
		font-size: 13px;
		color: var(--soft);
	}
	td {
		padding: 4px 10px 4px 0;
		white-space: nowrap;
	}
	.inside {
		white-space: normal;
	}
	.number b {
		font-size: 17px;
	}
	.number small {
		display: inline-block;
		min-width: 52px;
	}
	.word {
		display: none;
	}
	@media (max-width: 767px) {
		tr {
			display: grid;
			grid-template-columns: 1fr auto;
			padding: 8px 0;
		}
		th,
		.inside {
			grid-column: 1 / -1;
		}
		.number {
			text-align: left;
			grid-column: 1;
		}
		.word {
			display: inline;
			color: var(--soft);
		}
		.more {
			grid-column: 2;
			grid-row: 3;
		}
	}
</style>
