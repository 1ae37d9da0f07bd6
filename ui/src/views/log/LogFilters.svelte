<script lang="ts">
	import type { LogState } from '../../lib/api/client';
	import { ALL, queryOf, type Wanted } from './wanted';

	/** What is searched for, and which cases of it are shown. */
	type Props = { wanted: Wanted; field?: HTMLInputElement | undefined };
	let { wanted = $bindable(), field = $bindable() }: Props = $props();
	const STATES: [LogState, string][] = [
		['ALL', 'all'],
		['IN_WORK', 'in work'],
		['RETEST', 'wait for a retest'],
		['VERIFIED', 'verified'],
		['GOOD', 'good'],
		['NOT_VERIFIED', 'closed, not verified'],
		['OTHERWISE', 'ended otherwise'],
		['ASIDE', 'set aside']
	];
</script>

<search>
	<label class="words">
		<span>Search</span>
		<!-- svelte-ignore a11y_autofocus -->
		<input
			type="search"
			bind:this={field}
			bind:value={wanted.words}
			maxlength="200"
			autofocus
			autocomplete="off"
			placeholder="Vehicle, plate, part, word, person, 2026-03"
		/>
	</label>
	<label>
		<span>State</span>
		<select bind:value={wanted.state}>
			{#each STATES as [state, words] (state)}<option value={state}>{words}</option>{/each}
		</select>
	</label>
	<label>
		<span>About</span>
		<select bind:value={wanted.concern}>
			<option value="">both</option>
			<option value="STARTING">starting</option>
			<option value="CHARGING">charging</option>
		</select>
	</label>
	<label><span>From</span><input type="date" bind:value={wanted.from} /></label>
	<label><span>Until</span><input type="date" bind:value={wanted.until} /></label>
	{#if queryOf(wanted)}
		<button type="button" class="key" onclick={() => (wanted = { ...ALL })}>Show all</button>
	{/if}
</search>

<style>
	search {
		display: flex;
		flex-wrap: wrap;
		align-items: end;
		gap: 10px;
	}
	.words {
		flex: 1 1 280px;
	}
	span {
		display: block;
		font-weight: 650;
	}
	input {
		width: 100%;
		min-height: 48px;
		padding: 0 12px;
		border: 1.5px solid var(--line);
		border-radius: 10px;
		background: var(--card);
		font-size: 17px;
	}
	@media (max-width: 767px) {
		label:not(.words) {
			flex: 1 1 40%;
		}
	}
	@media print {
		search {
			display: none;
		}
	}
</style>
