<script lang="ts">
	import type { LogState } from '../../lib/api/client';
	import { ALL, queryOf, type Wanted } from './wanted';

	/** What is searched for, and which cases of it are shown. */
	type Props = { wanted: Wanted; field?: HTMLInputElement | undefined };
	let { wanted = $bindable(), field = $bindable() }: Props = $props();
	let open = $state(false);
	/** How many filters are set beside the words. */
	const set = $derived(
		Object.entries(wanted).filter(([name, value]) => name !== 'words' && value !== ALL[name as keyof Wanted])
			.length
	);
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
	const SORTS = [
		['', 'any'],
		['CAR', 'car'],
		['DIESEL', 'diesel'],
		['TWO_BATTERIES', 'two batteries'],
		['TRUCK', '24 V'],
		['MOTORCYCLE', 'motorcycle']
	] as const;
	/** Kinds of part as the log has them. */
	const FOUND = [
		'joint',
		'cable',
		'strap',
		'fuse',
		'switch',
		'contacts',
		'battery',
		'starter',
		'alternator',
		'other'
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
			placeholder="Plate, part, word, person, 2026-03"
		/>
	</label>
	<button
		type="button"
		class="key toggle"
		aria-expanded={open}
		aria-controls="log-filters"
		onclick={() => (open = !open)}
	>
		Filters{set > 0 ? ` (${set})` : ''}
	</button>
	<div id="log-filters" class:open>
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
		<label>
			<span>Vehicle</span>
			<select bind:value={wanted.sort}>
				{#each SORTS as [sort, words] (sort)}<option value={sort}>{words}</option>{/each}
			</select>
		</label>
		<label>
			<span>Found</span>
			<select bind:value={wanted.found}>
				<option value="">anything</option>
				{#each FOUND as kind (kind)}<option value={kind}>{kind}</option>{/each}
			</select>
		</label>
		<label><span>From</span><input type="date" bind:value={wanted.from} /></label>
		<label><span>Until</span><input type="date" bind:value={wanted.until} /></label>
	</div>
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
	#log-filters {
		display: flex;
		flex-wrap: wrap;
		align-items: end;
		gap: 10px;
	}
	.toggle {
		display: none;
	}
	/* Where there is no room, the cases come first. */
	@media (max-width: 767px), (max-height: 500px) {
		.toggle {
			display: inline-flex;
		}
		#log-filters {
			display: none;
			flex: 0 0 100%;
		}
		#log-filters.open {
			display: flex;
		}
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
