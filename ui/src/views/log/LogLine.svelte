<script lang="ts">
	import type { LoggedCase } from '../../lib/api/client';
	import { day } from '../../lib/format/when';

	type Props = { one: LoggedCase };
	let { one }: Props = $props();
	const marks = $derived(
		[one.setAside ? 'set aside' : '', one.simulated ? 'simulated' : ''].filter((mark) => mark !== '')
	);
</script>

<article class="card">
	<p class="when">
		<time datetime={new Date(one.openedAtMs).toISOString()}>{day(one.openedAtMs)}</time>
		<span class="stage" class:open={!one.over}>{one.stageWords}</span>
	</p>
	<p class="vehicle">
		<a class="underline" href="#/vehicle/{one.vehicleId}">{one.vehicle}</a>
		{#if one.plate}<span class="plate">{one.plate}</span>{/if}
	</p>
	<a class="line" href="#/case/{one.id}">
		<span class="complaint">{[one.complaint, ...marks].join(' · ')}</span>
		<span class="finding">{one.behind ? 'Being judged.' : one.finding}</span>
		{#if one.repairs}<span><span class="soft">Done:</span> {one.repairs}</span>{/if}
		<span class="soft">{one.people}</span>
	</a>
</article>

<style>
	article {
		display: grid;
		grid-template-columns: 130px minmax(0, 1fr) minmax(0, 2.6fr);
		gap: 4px 18px;
		padding: 10px 16px;
	}
	.when {
		display: grid;
		gap: 6px;
		align-content: start;
		font-weight: 650;
	}
	.stage {
		justify-self: start;
		padding: 1px 9px;
		border: 1.5px solid var(--line);
		border-radius: 8px;
		font-size: 14px;
	}
	.stage.open {
		border: 2px solid var(--ink);
	}
	.vehicle {
		font-size: 18px;
		font-weight: 750;
		overflow-wrap: anywhere;
	}
	.vehicle a {
		display: inline-block;
		padding: 12px 0;
		margin: -12px 0;
	}
	.plate {
		display: block;
		width: max-content;
		max-width: 100%;
		margin-top: 6px;
		padding: 0 8px;
		border: 1.5px solid var(--ink);
		border-radius: 6px;
		font-size: 15px;
		font-weight: 700;
	}
	.line {
		display: grid;
		gap: 3px;
		align-content: start;
		min-height: 48px;
		overflow-wrap: anywhere;
	}
	.line:hover .finding {
		text-decoration: underline;
	}
	.finding {
		font-weight: 650;
	}
	.complaint,
	.soft {
		color: var(--soft);
	}
	@media (max-width: 767px) {
		article {
			grid-template-columns: minmax(0, 1fr);
		}
		.when {
			display: flex;
			justify-content: space-between;
		}
		.vehicle a {
			margin: 0;
		}
	}
</style>
