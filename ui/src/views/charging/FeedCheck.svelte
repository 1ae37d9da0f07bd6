<script lang="ts">
	import type { ChargingView, Condition } from '../../lib/api/client';
	import type { CaseState } from '../../lib/state/case.svelte';
	import Key from '../../lib/components/Key.svelte';
	import Choice from '../look/Choice.svelte';
	import TopicField from '../look/TopicField.svelte';
	import Words from '../look/Words.svelte';
	import Sign from './Sign.svelte';

	/** Key on, engine off: what must reach the alternator before it is suspected. */
	type Props = {
		bench: CaseState;
		charging: ChargingView;
		onread: (pair: { red: string; black: string; condition: Condition }) => void;
	};
	let { bench, charging, onread }: Props = $props();
	const asked = (topic: string | undefined) => bench.view?.statements.find((s) => s.topic === topic);
</script>

<section class="card" aria-label="Feed check">
	<h2>Feed check: key on, engine off</h2>
	<p class="says">{charging.feedSays}</p>
	<ul>
		{#each charging.feed as pin (pin.name)}
			{@const topic = asked(pin.topic)}
			<li>
				<div class="line">
					<span
						><b>{pin.name}</b>{#if pin.shown}<span class="shown">{pin.shown}</span>{/if}</span
					>
					<Sign sign={pin.sign} />
				</div>
				{#if pin.expected}<p class="must">expected <b>{pin.expected}</b></p>{/if}
				<p>{pin.says}</p>
				{#if pin.pair}
					{@const pair = pin.pair}
					<Key onclick={() => onread(pair)}>{pin.shown ? 'Read it again' : 'Read it'}</Key>
				{:else if topic && topic.choices.length > 0}
					<Choice
						words={topic.title}
						choices={topic.choices}
						stated={topic.stated?.value}
						onstate={(value) => bench.record.state(topic.topic, value)}
					/>
				{:else if topic}
					<Words
						words={topic.title}
						unit={topic.unit}
						stated={topic.stated?.value}
						onstate={(value) => bench.record.state(topic.topic, value)}
					/>
				{/if}
			</li>
		{/each}
	</ul>
	<div class="makers">
		<TopicField {bench} topic="MAKER_FEED" />
		<TopicField {bench} topic="MAKER_FIELD" />
	</div>
	<p class="soft">
		Kept for this vehicle. Back-probe the plug, never spread its pins. Fuse and fusible link by the drop
		across them, not by sight alone. The maker's figures come first.
	</p>
</section>

<style>
	.says {
		font-size: 17px;
		font-weight: 650;
	}
	ul {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(330px, 100%), 1fr));
		gap: 10px;
	}
	li {
		display: grid;
		gap: 4px;
		align-content: start;
		padding: 10px 12px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		font-size: 15px;
	}
	.must {
		font-size: 14px;
		color: var(--soft);
	}
	.makers {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
		gap: 0 16px;
	}
	.line {
		display: flex;
		justify-content: space-between;
		gap: 8px;
	}
	.shown {
		font-size: 19px;
		font-weight: 800;
		padding-left: 10px;
		white-space: nowrap;
	}
</style>
