<script lang="ts">
	import type { CaseView } from './lib/api/client';
	import { spoken } from './lib/device/speech';
	import { getApp } from './lib/state/app.svelte';
	import { caseOf, setCase } from './lib/state/case.svelte';
	import { followCase } from './lib/state/follow.svelte';
	import Shell from './Shell.svelte';

	/** One case: its state is shared by all its views, and followed while any of them is open. */
	type Props = { id: string };
	let { id }: Props = $props();
	// svelte-ignore state_referenced_locally
	const bench = setCase(caseOf(id, getApp()));
	let heard: CaseView | null = null;
	let announced = $state('');

	$effect(() => {
		void bench.load();
		return followCase(
			bench.id,
			(entry) => void bench.changed(entry),
			(seat) => bench.line.heard(seat)
		);
	});
	$effect(() => {
		if (!bench.view) return;
		const words = spoken(heard, bench.view);
		heard = bench.view;
		if (words !== '') announced = words;
	});
</script>

<Shell view={bench.view} message={bench.message} />
<p class="sr-only" aria-live="polite">{announced}</p>
