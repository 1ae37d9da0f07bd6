<script lang="ts">
	import type { CircuitEdit, CircuitPart } from '../../lib/api/client';
	import { areaChoices, type AreaUnit } from '../../lib/format/cable';
	import { amps, volts } from '../../lib/format/si';
	import { ACCESS_WORDS, MATERIAL_WORDS } from '../../lib/format/words';
	import type { CircuitState } from '../../lib/state/circuit.svelte';

	type Props = { part: CircuitPart; circuit: CircuitState; unit: AreaUnit; onsize: () => void };
	let { part, circuit, unit, onsize }: Props = $props();
	const draft = $derived(circuit.part(part.id));
	const conductor = $derived(part.lengthMetres !== undefined);
	const area = $derived(draft.area ?? part.areaSquareMetres ?? 0);

	/** A switch that does not conduct in this condition. */
	function isOpen(drop: CircuitPart['cranking']): boolean {
		return Math.abs(drop.amps) < 0.01 && Math.abs(drop.volts) > 1;
	}

	function pick(event: Event, act: () => void): void {
		(event.currentTarget as HTMLElement).closest('details')?.removeAttribute('open');
		act();
	}

	function trimmed(value: number): string {
		return String(Number(value.toPrecision(4)));
	}
</script>

<tr>
	<th scope="row">
		<b>{part.name}</b>
		<small>{part.from.name} → {part.to.name}</small>
	</th>
	<td class="inside">
		{#if conductor}
			<label
				><input
					inputmode="decimal"
					aria-label="Length of the {part.name} in metres"
					value={draft.metres ?? trimmed(part.lengthMetres ?? 0)}
					oninput={(e) => circuit.change(part.id, { metres: e.currentTarget.value })}
				/> m</label
			>
			<select
				aria-label="Cross-section of the {part.name}"
				value={area}
				onchange={(e) => circuit.change(part.id, { area: Number(e.currentTarget.value) })}
			>
				{#each areaChoices(area, unit) as choice (choice.squareMetres)}
					<option value={choice.squareMetres}>{choice.words}</option>
				{/each}
			</select>
			<select
				aria-label="Material of the {part.name}"
				value={draft.material ?? part.material}
				onchange={(e) =>
					circuit.change(part.id, {
						material: e.currentTarget.value as NonNullable<CircuitEdit['material']>
					})}
			>
				{#each Object.entries(MATERIAL_WORDS) as [value, words] (value)}
					<option {value}>{words}</option>
				{/each}
			</select>
		{:else}
			<label
				><input
					inputmode="decimal"
					aria-label="Resistance of the {part.name} in milliohms"
					value={draft.milliohms ?? trimmed(part.nominalOhms * 1e3)}
					oninput={(e) => circuit.change(part.id, { milliohms: e.currentTarget.value })}
				/> mΩ</label
			>
			{#if part.fuseAmps !== undefined}
				<label
					><input
						inputmode="decimal"
						aria-label="Rating of the {part.name} in amperes"
						value={draft.fuse ?? trimmed(part.fuseAmps)}
						oninput={(e) => circuit.change(part.id, { fuse: e.currentTarget.value })}
					/> A</label
				>
			{/if}
		{/if}
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
		<details>
			<summary aria-label="More for the {part.name}">⋯</summary>
			<div class="menu">
				{#if conductor}<button onclick={(e) => pick(e, onsize)}>Size this cable</button>{/if}
				<button onclick={(e) => pick(e, () => circuit.addJoint(part.id, `joint after the ${part.name}`))}
					>Add a joint after it</button
				>
				{#if part.to.leaveOut}
					<button onclick={(e) => pick(e, () => circuit.leaveOut(part.to.id))}
						>Leave out: {part.to.name}</button
					>
				{/if}
			</div>
		</details>
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
	.number {
		text-align: right;
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
	input,
	select {
		min-height: 48px;
		padding: 0 8px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--card);
		color: var(--ink);
		font-size: 16px;
	}
	input {
		width: 72px;
		text-align: right;
	}
	details {
		position: relative;
	}
	summary {
		display: grid;
		place-items: center;
		width: 48px;
		height: 48px;
		list-style: none;
		font-size: 20px;
		font-weight: 800;
		cursor: pointer;
	}
	.menu {
		position: absolute;
		right: 0;
		z-index: 1;
		display: grid;
		background: var(--card);
		border: 2px solid var(--ink);
		border-radius: 10px;
	}
	.menu button {
		min-height: 48px;
		padding: 0 14px;
		text-align: left;
		cursor: pointer;
		white-space: nowrap;
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
