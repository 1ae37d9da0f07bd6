<script lang="ts">
	/** One thing to state by a tap; the stated one stands out by its weight and a tick, not by colour alone. */
	type Props = {
		words: string;
		choices: { value: string; words: string }[];
		stated?: string;
		onstate: (value: string) => void;
	};
	let { words, choices, stated, onstate }: Props = $props();
</script>

<div class="choice" role="group" aria-label={words}>
	<span class="words">{words}</span>
	<span class="taps">
		{#each choices as choice (choice.value)}
			<button
				type="button"
				class="key"
				aria-pressed={stated === choice.value}
				onclick={() => onstate(choice.value)}
				>{#if stated === choice.value}<span aria-hidden="true">✓</span>{/if}
				{choice.words}</button
			>
		{/each}
	</span>
</div>

<style>
	.choice {
		display: grid;
		gap: 6px;
		padding: 8px 0;
		border-top: 1px solid var(--line);
	}
	.words {
		font-weight: 650;
	}
	.words::first-letter {
		text-transform: uppercase;
	}
	.taps {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
	.key {
		padding: 0 0.75rem;
		font-size: 15px;
		cursor: pointer;
	}
	.key[aria-pressed='true'] {
		background: var(--ink);
		border-color: var(--ink);
		color: var(--card);
	}
</style>
