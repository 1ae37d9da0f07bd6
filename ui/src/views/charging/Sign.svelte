<script lang="ts">
	import type { FigureVerdict } from '../../lib/api/client';

	/** A sign and a word, never a colour alone. */
	type Props = { sign: FigureVerdict['sign'] };
	let { sign }: Props = $props();
	const SIGN = { GOOD: '✓', SUSPECT: '!', FAILS: '✕', SAYS_LITTLE: '·' };
	const WORDS = { GOOD: 'good', SUSPECT: 'suspect', FAILS: 'fails', SAYS_LITTLE: 'open' };
</script>

<b class="sign" data-sign={sign}><span aria-hidden="true">{SIGN[sign]}</span> {WORDS[sign]}</b>

<style>
	.sign {
		white-space: nowrap;
		font-weight: 750;
	}
	.sign[data-sign='SAYS_LITTLE'] {
		font-weight: 500;
		color: var(--soft);
	}
</style>
