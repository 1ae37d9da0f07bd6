<script lang="ts">
	type Props = { colour: 'red' | 'black'; name: string; placing?: string };
	let { colour, name, placing = '' }: Props = $props();
</script>

<p class="lead">
	<span class="swatch {colour}" aria-hidden="true"></span>
	<span>
		<b>{colour === 'red' ? 'Red' : 'Black'} on the {name.replace(/^the /, '')}</b>
		<span class="placing">{placing}</span>
	</span>
</p>

<style>
	.lead {
		display: flex;
		gap: 12px;
		align-items: center;
		font-size: 17px;
		line-height: 1.2;
	}
	.swatch {
		flex: none;
		width: 26px;
		height: 26px;
		border-radius: 6px;
		background: var(--black-lead);
		border: 2px solid var(--card);
		outline: 1.5px solid var(--soft);
	}
	.swatch.red {
		background: var(--red-lead);
	}
	.placing {
		display: block;
		font-size: 14px;
		color: var(--soft);
	}
</style>
