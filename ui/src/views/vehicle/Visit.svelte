<script lang="ts">
	import type { VehiclePage } from '../../lib/api/client';
	import { day } from '../../lib/format/when';

	type Props = { visit: VehiclePage['visits'][number] };
	let { visit }: Props = $props();
</script>

<a class="card visit" href="#/case/{visit.caseId}">
	<span class="head">
		<time datetime={new Date(visit.openedAtMs).toISOString()}>{day(visit.openedAtMs)}</time>
		{#if visit.odometer}<span class="soft">{visit.odometer}</span>{/if}
		<span class="stage" class:open={!visit.over}>{visit.setAside ? 'Set aside' : visit.stageWords}</span>
	</span>
	<span class="soft">{visit.complaint}</span>
	<span>{visit.finding}</span>
	{#if visit.repairs}<span class="done">{visit.repairs}</span>{/if}
	<span class="soft">{visit.people}</span>
</a>

<style>
	.visit {
		display: grid;
		gap: 2px;
		padding: 10px 14px;
		overflow-wrap: anywhere;
	}
	.visit:hover {
		border-color: var(--ink);
	}
	.head {
		display: flex;
		gap: 12px;
		align-items: baseline;
		font-weight: 700;
	}
	.stage {
		margin-left: auto;
		padding: 1px 9px;
		border: 1.5px solid var(--line);
		border-radius: 8px;
		font-size: 14px;
	}
	.stage.open {
		border: 2px solid var(--ink);
	}
	.done {
		font-weight: 700;
	}
	.soft {
		color: var(--soft);
		font-weight: 450;
	}
</style>
