<script lang="ts">
	import type { CaseView } from '../../lib/api/client';
	import { moment } from '../../lib/format/when';

	/** The pictures of a case, each with what it shows, by whom and when. */
	type Props = { view: CaseView };
	let { view }: Props = $props();
</script>

{#if view.photos.length > 0}
	<section class="card" aria-label="Pictures">
		<h2>Pictures</h2>
		{#each view.photos as photo (photo.id)}
			<figure>
				<img src="/api/cases/{view.id}/photos/{photo.id}" alt={photo.title} loading="lazy" />
				<figcaption>{photo.title} · {photo.by}, {moment(photo.atMs, Date.now())}</figcaption>
			</figure>
		{/each}
	</section>
{/if}

<style>
	section {
		padding: 8px 18px;
	}
	h2 {
		font-size: 16px;
		font-weight: 750;
		padding: 4px 0;
	}
	figure {
		padding: 6px 0;
	}
	figure img {
		max-width: 100%;
		border-radius: 8px;
	}
	figcaption {
		font-size: 14px;
		color: var(--soft);
	}
</style>
