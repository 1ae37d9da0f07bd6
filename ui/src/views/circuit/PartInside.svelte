<script lang="ts">
	import type { CircuitEdit, CircuitPart } from '../../lib/api/client';
	import { areaChoices, type AreaUnit } from '../../lib/format/cable';
	import { MATERIAL_WORDS } from '../../lib/format/words';
	import type { CircuitState } from '../../lib/state/circuit.svelte';

	/** What a part is made of: a cable's length, size and material, or its resistance, and a fuse's rating. */
	type Props = { part: CircuitPart; circuit: CircuitState; unit: AreaUnit };
	let { part, circuit, unit }: Props = $props();
	const draft = $derived(circuit.part(part.id));
	const conductor = $derived(part.lengthMetres !== undefined);
	const area = $derived(draft.area ?? part.areaSquareMetres ?? 0);

	function trimmed(value: number): string {
		return String(Number(value.toPrecision(4)));
	}
</script>

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

<style>
	input,
	input {
		width: 72px;
		text-align: right;
	}
</style>
