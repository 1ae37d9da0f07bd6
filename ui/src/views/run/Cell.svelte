<script lang="ts">
	import type { RunRow } from '../../lib/api/client';
	import { SIGN, WORDS } from './words';

	/** One figure of one vehicle: what was read and how it stands, or that it is due. */
	type Props = { cell: RunRow['cells'][number] };
	let { cell }: Props = $props();
</script>

{#if cell.shown}
	<b>{cell.shown}</b>
	{#if WORDS[cell.sign]}
		<span class="sign" class:bad={cell.sign === 'BAD'}
			><i aria-hidden="true">{SIGN[cell.sign]}</i> {WORDS[cell.sign]}</span
		>
	{/if}
{:else}<span class="due">due</span>{/if}

<style>
	b {
		display: block;
		white-space: nowrap;
	}
	.sign {
		white-space: nowrap;
		font-size: 13px;
	}
	.bad {
		font-weight: 800;
	}
	i {
		font-style: normal;
	}
	.due {
		color: var(--soft);
	}
</style>
