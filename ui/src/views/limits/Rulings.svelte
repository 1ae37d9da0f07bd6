<script lang="ts">
	import type { LimitsRow, Ruling } from '../../lib/api/client';

	/** What each limit says of one reading: a word and a sign before anything else. */
	type Props = { row: LimitsRow; followed: string[] };
	let { row, followed }: Props = $props();
	const SAYS: Record<Ruling['verdict'], [string, string]> = {
		PASSES: ['✓', 'passes'],
		MARGINAL: ['≈', 'marginal'],
		FAILS: ['✕', 'fails'],
		SILENT: ['·', 'silent']
	};
</script>

{#snippet cell(ruling: Ruling, own: boolean)}
	<li class={['cell', ruling.verdict.toLowerCase(), { own }]}>
		<span class="school"
			>{ruling.school}{#if followed.some((f) => ruling.school === f || ruling.school.startsWith(`${f}, version `))}<em
					>the shop's</em
				>{/if}</span
		>
		<span class="word"><b aria-hidden="true">{SAYS[ruling.verdict][0]}</b> {SAYS[ruling.verdict][1]}</span>
		<span class="limit">{ruling.limit}</span>
	</li>
{/snippet}

<ul>
	{#if row.own}{@render cell(row.own, true)}{/if}
	{#each row.rulings as ruling (ruling.school)}{@render cell(ruling, false)}{/each}
</ul>

<style>
	ul {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(176px, 45%), 1fr));
		gap: 8px;
	}
	.cell {
		display: grid;
		padding: 6px 10px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--paper);
		font-size: 15px;
	}
	.own {
		border: 2.5px solid var(--ink);
	}
	.fails {
		border-style: dashed;
		border-color: var(--ink);
	}
	.own.fails {
		border-style: solid;
	}
	.word {
		font-weight: 750;
		font-size: 17px;
	}
	.school,
	.limit {
		font-size: 14px;
	}
	em {
		margin-left: 6px;
		padding: 0 6px;
		border-radius: 6px;
		background: var(--ink);
		color: var(--card);
		font-style: normal;
		font-weight: 650;
	}
	.limit {
		color: var(--soft);
	}
</style>
