<script lang="ts">
	import { keptFor } from '../device/kept';
	import { build } from '../state/build.svelte';
	import Key from './Key.svelte';

	/** The program was updated while this page was open: offers to reload once nothing waits to be sent. */
	type Props = { database: string };
	let { database }: Props = $props();
	const LOOK_MILLIS = 1000;
	let waiting = $state<number>();

	$effect(() => {
		if (!build.outdated || database === '') return;
		const look = async () => (waiting = (await (await keptFor(database)).letters()).length);
		void look();
		const timer = setInterval(look, LOOK_MILLIS);
		return () => clearInterval(timer);
	});

	async function reload(): Promise<void> {
		const worker = await navigator.serviceWorker?.getRegistration();
		worker?.waiting?.postMessage('take over');
		location.reload();
	}
</script>

{#if build.outdated}
	<p class="build" role="status">
		<span>Dantro was updated; this page is still the one from before.</span>
		{#if waiting === 0}
			<Key onclick={reload}>Reload the page</Key>
		{:else}
			<span>Reload it once what you entered is sent.</span>
		{/if}
	</p>
{/if}

<style>
	.build {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px 16px;
		padding: 8px 24px;
		border-bottom: 1px solid var(--line);
		background: var(--sunk);
		font-weight: 650;
	}
	@media (max-width: 767px) {
		.build {
			padding: 6px 10px;
		}
	}
</style>
