<script lang="ts">
	import type { CaseView } from '../api/client';

	/** Beside a verdict that stands as it was given when the case closed, where this program would not give the same. */
	type Props = { basis: CaseView['basis'] };
	let { basis }: Props = $props();
</script>

{#if basis.asSaidThen}
	<p class="then" role="note">
		<b>{basis.asSaidThen}</b>
		{#if basis.nowSays}Judged anew, this program says: {basis.nowSays}{/if}
	</p>
{/if}

<style>
	.then {
		padding: 8px 12px;
		border-left: 5px solid var(--ink);
		background: var(--sunk);
		font-size: 15px;
	}
</style>
