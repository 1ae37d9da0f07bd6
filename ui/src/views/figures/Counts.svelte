<script lang="ts">
	/** How often each was, as a table whose bars stand in it. */
	type Props = { title: string; counts: { name: string; count: number }[]; empty: string };
	let { title, counts, empty }: Props = $props();
	const most = $derived(Math.max(1, ...counts.map((c) => c.count)));
</script>

<section class="card" aria-label={title}>
	<h2>{title}</h2>
	{#if counts.length === 0}<p class="soft">{empty}</p>{/if}
	<table>
		<tbody>
			{#each counts as one (one.name)}
				<tr>
					<th scope="row">{one.name}</th>
					<td class="count">{one.count}</td>
					<td class="bar"><span style:width="{(100 * one.count) / most}%"></span></td>
				</tr>
			{/each}
		</tbody>
	</table>
</section>

<style>
	section {
		padding: 12px 18px;
	}
	h2 {
		margin-bottom: 6px;
		font-size: 18px;
		font-weight: 800;
	}
	table {
		width: 100%;
		border-collapse: collapse;
	}
	th,
	td {
		padding: 5px 10px 5px 0;
		text-align: left;
		white-space: nowrap;
	}
	th {
		width: 1%;
		font-weight: 650;
	}
	th::first-letter {
		text-transform: uppercase;
	}
	.count {
		width: 1%;
		text-align: right;
		font-weight: 750;
	}
	.bar span {
		display: block;
		height: 16px;
		min-width: 2px;
		border-radius: 4px;
		background: var(--supply-fill);
	}
	.soft {
		color: var(--soft);
	}
</style>
