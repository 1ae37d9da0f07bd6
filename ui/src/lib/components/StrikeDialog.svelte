<script lang="ts">
	import Modal from 'flowbite-svelte/Modal.svelte';
	import Key from './Key.svelte';

	type Props = { what: string; open: boolean; onreason: (reason: string) => void };
	let { what, open = $bindable(), onreason }: Props = $props();
	const REASONS = ['Misread', 'Probe slipped', 'Wrong points', 'Nothing turned', 'Meter on the wrong range'];
</script>

<Modal title="Strike out {what}" bind:open size="xs" class="dialog">
	<p>It stays visible with its reason, and can be restored.</p>
	<div class="grid gap-2">
		{#each REASONS as reason (reason)}
			<Key
				onclick={() => {
					open = false;
					onreason(reason);
				}}>{reason}</Key
			>
		{/each}
	</div>
</Modal>
