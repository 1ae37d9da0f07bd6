<script lang="ts">
	type Props = { text: string; ontype: (text: string) => void; onsave: () => void; disabled?: boolean };
	let { text, ontype, onsave, disabled = false }: Props = $props();

	const milli = $derived(/m/i.test(text));

	function add(character: string): void {
		ontype(milli ? text.replace(/\s*m.*$/i, character + ' mV') : text + character);
	}
	function toggleMilli(): void {
		ontype(milli ? text.replace(/\s*m.*$/i, '') : `${text} mV`);
	}
	function negate(): void {
		ontype(/^[-−]/.test(text) ? text.slice(1) : `-${text}`);
	}
	function erase(): void {
		const left = text.replace(/\s*m.*$/i, '').slice(0, -1);
		ontype(milli && left !== '' ? `${left} mV` : left);
	}
</script>

<div class="pad" role="group" aria-label="Keypad">
	{#each ['7', '8', '9'] as n (n)}<button class="key" onclick={() => add(n)}>{n}</button>{/each}
	<button class="key" onclick={erase} aria-label="Erase last">⌫</button>
	{#each ['4', '5', '6'] as n (n)}<button class="key" onclick={() => add(n)}>{n}</button>{/each}
	<button class="key" onclick={negate} aria-label="Change sign">±</button>
	{#each ['1', '2', '3'] as n (n)}<button class="key" onclick={() => add(n)}>{n}</button>{/each}
	<button class="key" class:primary={milli} onclick={toggleMilli} aria-pressed={milli}>mV</button>
	<button class="key" onclick={() => add('0')}>0</button>
	<button class="key" onclick={() => add('.')} aria-label="Point">.</button>
	<button class="key primary save" onclick={onsave} {disabled}>Save</button>
</div>

<style>
	.pad {
		display: grid;
		grid-template-columns: repeat(4, minmax(0, 1fr));
		gap: 6px;
	}
	.pad .key {
		min-height: 50px;
		padding: 0;
		font-size: 22px;
		font-weight: 700;
		user-select: none;
	}
	.pad .save {
		grid-column: span 2;
		font-size: 18px;
	}
	@media (max-height: 500px) {
		.pad {
			gap: 5px;
		}
		.pad .key {
			min-height: 48px;
		}
	}
</style>
