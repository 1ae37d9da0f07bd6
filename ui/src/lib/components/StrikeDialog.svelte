<script lang="ts">
	import Dialog from './Dialog.svelte';
	import Key from './Key.svelte';

	type Props = { what: string; open: boolean; onreason: (reason: string) => void };
	let { what, open = $bindable(), onreason }: Props = $props();
	const REASONS = ['Misread', 'Probe slipped', 'Wrong points', 'Nothing turned', 'Meter on the wrong range'];
</script>

<Dialog title="Strike out {what}" bind:open size="xs">
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
</Dialog>
