<script lang="ts">
	/** One thing to state in words, or as a number with its unit; saved when the field is left. */
	type Props = { words: string; stated?: string; unit?: string; onstate: (value: string) => void };
	let { words, stated = '', unit, onstate }: Props = $props();
	/** Only a changed value may replace what is being typed; every new view of the case brings the same one again. */
	const given = $derived(stated);
	let text = $derived(given);

	function save(): void {
		const trimmed = text.trim();
		if (trimmed && trimmed !== stated) onstate(trimmed);
		else text = stated;
	}
</script>

<label class="words">
	<span
		>{words}{#if unit && unit !== words.toLowerCase()}, {unit}{/if}</span
	>
	<input
		inputmode={unit ? 'decimal' : undefined}
		class="field"
		bind:value={text}
		maxlength={200}
		autocomplete="off"
		onblur={save}
		onkeydown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
	/>
</label>

<style>
	.words {
		display: grid;
		gap: 4px;
		align-content: space-between;
		padding: 8px 0;
		border-top: 1px solid var(--line);
	}
	span {
		font-weight: 650;
	}
	input {
		min-height: 48px;
		padding: 0 10px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--paper);
		width: 100%;
	}
</style>
