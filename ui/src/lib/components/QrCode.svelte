<script lang="ts">
	import { encode } from 'uqr';

	/** A text as a QR code, drawn here. */
	type Props = { text: string; label: string };
	let { text, label }: Props = $props();
	const code = $derived(encode(text, { border: 3 }));
	const path = $derived(
		code.data
			.flatMap((row, y) => row.map((dark, x) => (dark ? `M${x} ${y}h1v1h-1z` : '')))
			.filter(Boolean)
			.join('')
	);
</script>

<svg viewBox="0 0 {code.size} {code.size}" role="img" aria-label={label} shape-rendering="crispEdges">
	<rect width={code.size} height={code.size} fill="#ffffff" />
	<path d={path} fill="#000000" />
</svg>

<style>
	svg {
		width: min(260px, 70vw);
		border-radius: 8px;
	}
</style>
