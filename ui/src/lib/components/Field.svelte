<script lang="ts">
	import Input from 'flowbite-svelte/Input.svelte';
	import type { HTMLInputAttributes } from 'svelte/elements';

	/** A text field with its name above it, and what is wrong with it below. */
	type Props = Pick<HTMLInputAttributes, 'maxlength' | 'placeholder' | 'list' | 'autofocus' | 'inputmode'> & {
		label: string;
		name: string;
		value: string;
		/** What would be right; nothing if it is. */
		wrong?: string | undefined;
	};
	let { label, name, value = $bindable(), wrong, ...rest }: Props = $props();
</script>

<label>
	<span>{label}</span>
	<Input
		class="field"
		{name}
		bind:value
		autocomplete="off"
		aria-invalid={wrong ? 'true' : undefined}
		aria-describedby={wrong ? `${name}-wrong` : undefined}
		{...rest}
	/>
</label>
{#if wrong}<p class="wrong" id="{name}-wrong">{wrong}</p>{/if}

<style>
	span {
		font-weight: 650;
	}
	.wrong {
		margin-top: 4px;
		padding-left: 8px;
		border-left: 5px solid var(--ink);
		font-size: 15px;
		font-weight: 650;
	}
</style>
