<script lang="ts">
	import type { Statement, Topic } from '../../lib/api/client';
	import { getApp } from '../../lib/state/app.svelte';
	import { getCase } from '../../lib/state/case.svelte';
	import Key from '../../lib/components/Key.svelte';
	import Choice from './Choice.svelte';
	import Found from './Found.svelte';
	import Photos from './Photos.svelte';
	import TopicField from './TopicField.svelte';
	import Words from './Words.svelte';

	const app = getApp();
	const bench = getCase();
	const view = $derived(bench.view);
	const of = (group: Statement['group']) => view?.statements.filter((s) => s.group === group) ?? [];
	const looks = $derived(of('LOOK'));
	const seen = $derived(looks.filter((s) => s.stated).length);
	const KEYS: [string, string][] = [
		['Tab, Space', 'walk along the answers; choose one'],
		['U', 'undo the last entry']
	];
	/** What stands on plates and labels, or in the maker's papers. */
	const VEHICLE: Topic[] = ['STRATEGY', 'RATED_AMPS', 'CHEMISTRY', 'BATTERY_AMP_HOURS', 'CYLINDERS'];

	$effect(() => app.showKeys(KEYS));

	function onkeydown(event: KeyboardEvent): void {
		const target = event.target as HTMLElement;
		if (target.closest('input, select, textarea, dialog') || event.ctrlKey || event.metaKey) return;
		if (event.key === 'u') bench.record.undo();
	}
</script>

<svelte:window {onkeydown} />

{#snippet asked(topic: Statement)}
	{#if topic.choices.length > 0}
		<Choice
			words={topic.title}
			choices={topic.choices}
			stated={topic.stated?.value}
			onstate={(value) => bench.record.state(topic.topic, value)}
		/>
	{:else}
		<Words
			words={topic.title}
			stated={topic.stated?.value}
			onstate={(value) => bench.record.state(topic.topic, value)}
		/>
	{/if}
{/snippet}

{#if view}
	<div class="top">
		<div>
			<h1>Look</h1>
		</div>
		<div class="keys">
			{#if bench.last}<Key onclick={() => bench.record.undo()}
					>Undo<span class="what">{bench.last.label}</span></Key
				>{/if}
			<Key primary href="#/case/{bench.id}">To the workbench</Key>
		</div>
	</div>
	{#if bench.message}<p role="alert" class="message">{bench.message}</p>{/if}
	{#if bench.unsaved.length > 0}
		<p role="status" class="message">
			{bench.outbox.stuck ?? ''}
			{bench.unsaved.length} not sent yet; kept in this browser.
		</p>
	{/if}
	<div class="look">
		<section class="card" aria-label="Look first">
			<h2>Look first <small>{seen} of {looks.length} seen</small></h2>
			{#each looks as topic (topic.topic)}
				{@render asked(topic)}
				{#if topic.stated || view.photos.some((p) => p.topic === topic.topic)}
					<Photos {bench} topic={topic.topic} what={topic.title} />
				{/if}
				{#if topic.stated?.value === 'FOUND'}
					<Found
						{view}
						what={topic.title}
						onrepair={(part, action, note) => bench.record.repair(part, action, note)}
					/>
				{/if}
			{/each}
			<h2 class="end">The vehicle itself</h2>
			<p>Each narrows what is held for healthy. What is not entered is held wide.</p>
			{#each VEHICLE as topic (topic)}<TopicField {bench} {topic} />{/each}
		</section>
		<section class="card" aria-label="When it came in">
			<h2>When it came in</h2>
			{#each of('INTAKE') as topic (topic.topic)}{@render asked(topic)}{/each}
		</section>
		<section class="card" aria-label="Undone for measuring">
			<h2>Undone for measuring</h2>
			<p>What is done here has to be restored before the complaint is tested.</p>
			{#each of('TWO_ENDED') as topic (topic.topic)}{@render asked(topic)}{/each}
			<h2 class="end">End without the test</h2>
			<p>The case closes, but not as verified. A new reading opens it again.</p>
			{#each of('CLOSING') as topic (topic.topic)}{@render asked(topic)}{/each}
		</section>
	</div>
{/if}

<style>
	.top {
		display: flex;
		flex-wrap: wrap;
		justify-content: space-between;
		align-items: center;
		gap: 10px;
		padding: 14px 24px 10px;
	}
	h2 {
		font-size: 18px;
		font-weight: 750;
		padding-bottom: 6px;
	}
	small {
		color: var(--soft);
		font-size: 14px;
		font-weight: 500;
		padding-left: 6px;
	}
	.what {
		max-width: 16ch;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.look {
		display: grid;
		grid-template-columns: repeat(3, minmax(0, 1fr));
		align-items: start;
		gap: 14px;
		padding: 0 24px 24px;
		max-width: 1640px;
		margin: 0 auto;
	}
	section {
		padding: 12px 16px;
		font-size: 15px;
	}
	.end {
		padding-top: 18px;
	}
	section > p {
		padding-bottom: 6px;
	}
	.message {
		margin: 0 24px 10px;
	}
	@media (max-width: 1023px) {
		.look {
			grid-template-columns: minmax(0, 1fr);
			padding: 0 8px 16px;
		}
		.what {
			display: none;
		}
		.top {
			padding: 8px 12px;
		}
	}
</style>
