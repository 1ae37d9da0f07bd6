<script lang="ts">
	import { getApp } from '../../lib/state/app.svelte';
	import type { CaseState } from '../../lib/state/case.svelte';
	import Dialog from '../../lib/components/Dialog.svelte';
	import Key from '../../lib/components/Key.svelte';

	/** What is personal in a case goes for good, at the workshop's own computer; what was measured stays. */
	type Props = { bench: CaseState };
	let { bench }: Props = $props();
	const app = getApp();
	let open = $state(false);
</script>

{#if app.me?.role === 'OWNER'}
	<section class="card" aria-label="Personal data">
		<h2>Personal data</h2>
		<p>Names, notes and pictures of this case can be erased for good. Readings and findings stay.</p>
		<Key onclick={() => (open = true)}>Erase names, notes and pictures</Key>
	</section>
	<Dialog title="Erase names, notes and pictures of this case" bind:open size="sm">
		<p>
			Vehicle and complaint are called “erased”, and so is every note and every answer in somebody's own
			words. Pictures are gone. Nobody can bring them back. Backups made before still hold them until they are
			cleared away, the last after a year.
		</p>
		<div class="grid gap-2">
			<Key
				onclick={() => {
					open = false;
					bench.record.erase();
				}}>Erase them for good</Key
			>
			<Key primary onclick={() => (open = false)}>Keep them</Key>
		</div>
	</Dialog>
{/if}

<style>
	section {
		display: grid;
		gap: 8px;
		padding: 8px 18px 14px;
		justify-items: start;
	}
	h2 {
		font-size: 16px;
		font-weight: 750;
	}
</style>
