<script lang="ts">
	import { getApp } from '../../lib/state/app.svelte';
	import Dialog from '../../lib/components/Dialog.svelte';
	import type { CaseState } from '../../lib/state/case.svelte';
	import type { Topic } from '../../lib/api/client';
	import { smallJpeg } from '../../lib/device/photo';
	import Key from '../../lib/components/Key.svelte';
	import Working from '../../lib/components/Working.svelte';

	/** Pictures of one thing that was looked at: take one, look at it, strike it out. */
	type Props = { bench: CaseState; topic: Topic; what: string };
	let { bench, topic, what }: Props = $props();
	const app = getApp();
	const photos = $derived(bench.view?.photos.filter((p) => p.topic === topic) ?? []);
	let shown = $state('');
	/** The picture that a first tap said to erase; the second does. */
	let sure = $state('');
	let open = $state(false);
	let message = $state('');
	let busy = $state(false);
	let taking = 0;

	async function take(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
		const field = event.currentTarget;
		const file = field.files?.[0];
		if (!file) return;
		busy = true;
		message = '';
		const mine = ++taking;
		try {
			const picture = await smallJpeg(file);
			if (mine === taking) bench.record.photo(topic, picture);
		} catch {
			message = 'This file is not a picture that the browser can read. Take it as JPEG.';
		} finally {
			if (mine === taking) busy = false;
			field.value = '';
		}
	}

	function cancel(): void {
		taking++;
		busy = false;
	}
</script>

<div class="photos">
	{#each photos as photo, i (photo.id)}
		<button
			type="button"
			class="thumb"
			onclick={() => {
				shown = photo.id;
				sure = '';
				open = true;
			}}
		>
			<img src="/api/cases/{bench.id}/photos/{photo.id}" alt="{what}, picture {i + 1}" loading="lazy" />
		</button>
	{/each}
	<label class="key">
		{busy ? 'Making it small' : 'Picture'}
		<input
			aria-label="Picture of {what}"
			type="file"
			accept="image/*"
			capture="environment"
			onchange={take}
			disabled={busy}
		/>
	</label>
</div>
{#if busy}<Working what="Making the picture small" oncancel={cancel} />{/if}
{#if message}<p role="alert">{message}</p>{/if}
<Dialog title={what} bind:open size="lg">
	<img class="large" src="/api/cases/{bench.id}/photos/{shown}" alt={what} />
	<Key
		onclick={() => {
			open = false;
			bench.record.strike(shown, 'Wrong picture');
		}}>Take this picture out</Key
	>
	{#if app.me?.role === 'OWNER'}
		<Key
			onclick={() => {
				if (sure !== shown) {
					sure = shown;
					return;
				}
				open = false;
				bench.record.erase(shown);
			}}>{sure === shown ? 'Erase it: nobody can bring it back' : 'Erase this picture for good'}</Key
		>
	{/if}
</Dialog>

<style>
	.photos {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
		padding-bottom: 8px;
	}
	.thumb {
		width: 72px;
		height: 54px;
		border: 1.5px solid var(--line);
		border-radius: 8px;
		overflow: hidden;
		cursor: pointer;
	}
	.thumb img {
		width: 100%;
		height: 100%;
		object-fit: cover;
	}
	.large {
		max-width: 100%;
		max-height: 70dvh;
		margin: 0 auto;
	}
	.key {
		display: inline-flex;
		align-items: center;
		padding: 0 0.75rem;
		font-size: 15px;
		cursor: pointer;
	}
	.key:focus-within {
		outline: 3px solid var(--ink);
		outline-offset: 2px;
	}
	input {
		position: absolute;
		width: 1px;
		height: 1px;
		overflow: hidden;
		clip-path: inset(50%);
	}
</style>
