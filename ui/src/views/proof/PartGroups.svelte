<script lang="ts">
	import type { CaseView, Part, PartDetail } from '../../lib/api/client';
	import PartRow from './PartRow.svelte';

	/** Every part once: what is alarming first, then group by group. `unknown`: why there are no details. */
	type Props = { view: CaseView; details: PartDetail[]; unknown: string };
	let { view, details, unknown }: Props = $props();
	const alarmed = $derived(
		view.parts
			.filter((p) => p.standing === 'FAULTY' || p.standing === 'SUSPECT')
			.toSorted((a, b) => (b.probability ?? 0) - (a.probability ?? 0))
	);
	const groups = $derived(grouped(view.parts.filter((p) => !alarmed.includes(p))));

	/** What is alarming first, then every part in its group. */
	function grouped(calm: Part[]): { name: string; tone: string; parts: Part[] }[] {
		const inOrder = calm.map((p) => p.group).toSorted((a, b) => a.number - b.number);
		const firsts = inOrder.filter((group, n) => group.number !== inOrder[n - 1]?.number);
		return [
			{ name: 'Faulty or suspect', tone: '', parts: alarmed },
			...firsts.map(({ number, name, side }) => ({
				name,
				tone: side?.toLowerCase() ?? '',
				parts: calm.filter((p) => p.group.number === number)
			}))
		];
	}
</script>

{#each groups.filter((g) => g.parts.length > 0) as group (group.name)}
	<section class="card" aria-label={group.name}>
		<h2 class={group.tone}>{group.name}</h2>
		<ul>
			{#each group.parts as part (part.id)}
				<li><PartRow {part} readings={view.readings} detail={details.find((d) => d.part === part.id)} /></li>
			{/each}
		</ul>
		{#if unknown && group.parts === alarmed}
			<p class="soft">What the readings tell of this together is not known now. {unknown}</p>
		{/if}
	</section>
{/each}

<style>
	h2 {
		font-size: 16px;
		font-weight: 750;
		padding: 4px 0;
	}
	.soft {
		font-size: 14px;
		color: var(--soft);
	}
	.supply {
		color: var(--supply);
	}
	.return {
		color: var(--return);
	}
	section {
		padding: 8px 18px;
	}
	@media (max-width: 767px) {
		section {
			padding: 6px 12px;
		}
	}
</style>
