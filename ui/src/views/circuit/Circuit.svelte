<script lang="ts">
	import Opening from '../Opening.svelte';
	import type { CircuitPart } from '../../lib/api/client';
	import Key from '../../lib/components/Key.svelte';
	import type { AreaUnit } from '../../lib/format/cable';
	import { getApp } from '../../lib/state/app.svelte';
	import { getCase } from '../../lib/state/case.svelte';
	import { circuitOf } from '../../lib/state/circuit.svelte';
	import CableSizer from './CableSizer.svelte';
	import Run from './Run.svelte';

	const app = getApp();
	const bench = getCase();
	const circuit = circuitOf(bench.id, app);
	const KEYS: [string, string][] = [
		['Tab', 'from field to field'],
		['Ctrl + Enter', 'save the changes'],
		['U', 'sizes in mm² or AWG']
	];
	let unit = $state<AreaUnit>((localStorage.getItem('dantro:area-unit') as AreaUnit | null) ?? 'mm2');
	let sizing = $state.raw<{ part: CircuitPart; allowedVolts: number } | null>(null);
	let sizerOpen = $state(false);
	const view = $derived(circuit.view);

	$effect(() => app.showKeys(KEYS));
	$effect(() => {
		if (bench.view) void circuit.load();
	});

	function toggleUnit(): void {
		unit = unit === 'mm2' ? 'awg' : 'mm2';
		localStorage.setItem('dantro:area-unit', unit);
	}

	function size(part: CircuitPart, allowedVolts: number): void {
		sizing = { part, allowedVolts };
		sizerOpen = true;
	}

	function onkeydown(event: KeyboardEvent): void {
		if (event.key === 'Enter' && event.ctrlKey && circuit.changes > 0) return void circuit.save();
		const target = event.target as HTMLElement;
		if (sizerOpen || target.closest('input, select, dialog') || event.ctrlKey || event.metaKey) return;
		if (event.key.toLowerCase() === 'u') toggleUnit();
	}
</script>

<svelte:window {onkeydown} />

{#if view}
	<div class="page">
		<header>
			<div>
				<h1>{view.title}</h1>
				<p>
					{view.systemVolts} V · {view.celsius} °C · version {circuit.version} · regulator senses {view.sensing}
				</p>
			</div>
			<div class="keys">
				<Key onclick={toggleUnit}>{unit === 'mm2' ? 'Sizes in AWG' : 'Sizes in mm²'}</Key>
				<Key href="/api/cases/{circuit.id}/file" download="dantro-case.json">Case file</Key>
				<Key href="/api/cases/{circuit.id}/netlist?condition=CRANKING" download="dantro-cranking.cir"
					>SPICE, cranking</Key
				>
				<Key href="/api/cases/{circuit.id}/netlist?condition=RAISED_LOADED" download="dantro-charging.cir"
					>SPICE, charging</Key
				>
			</div>
		</header>
		{#if circuit.changes > 0 || circuit.message}
			<section class="card draft" aria-label="Changes">
				{#if circuit.message}<p role="alert">{circuit.message}</p>{/if}
				{#if circuit.changes > 0}
					<p>
						<b>{circuit.changes === 1 ? '1 change' : `${circuit.changes} changes`} not saved.</b> The figures
						below count with {circuit.changes === 1 ? 'it' : 'them'} already; the case's readings will be judged
						by the new circuit once it is saved.
					</p>
					<div class="keys">
						<Key primary onclick={() => circuit.save()} disabled={circuit.saving}
							>Save as version {circuit.version + 1}</Key
						>
						<Key onclick={() => circuit.discard()}>Discard</Key>
					</div>
				{/if}
			</section>
		{/if}
		{#each view.runs as run (run.kind)}
			<Run {run} {circuit} {unit} onsize={size} />
		{/each}
		<section class="card devices">
			<h2>Devices</h2>
			{#each view.devices as device (device.id)}
				<p><b>{device.name}</b>: {device.says}</p>
			{/each}
		</section>
	</div>
	{#if sizing}
		<CableSizer
			bind:open={sizerOpen}
			part={sizing.part}
			allowedVolts={sizing.allowedVolts}
			celsius={view.celsius}
			ontake={(squareMetres) => sizing && circuit.change(sizing.part.id, { area: squareMetres })}
		/>
	{/if}
{:else}
	<Opening name="Circuit" message={circuit.message} />
{/if}

<style>
	.page {
		display: grid;
		gap: 14px;
		padding: 14px 24px 30px;
		max-width: 1640px;
		margin: 0 auto;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
		justify-content: space-between;
		align-items: center;
	}
	h1 {
		font-size: 26px;
		font-weight: 800;
	}
	h2 {
		font-size: 18px;
		font-weight: 750;
	}
	header p {
		color: var(--soft);
	}
	.draft {
		position: sticky;
		top: 0;
		z-index: 2;
		display: flex;
		flex-wrap: wrap;
		gap: 10px;
		align-items: center;
		justify-content: space-between;
		padding: 12px 18px;
		border-width: 2px;
		border-color: var(--ink);
	}
	.draft p {
		flex: 1 1 320px;
	}
	.draft p[role='alert'] {
		flex-basis: 100%;
		font-weight: 650;
	}
	.devices {
		padding: 14px 18px;
	}
	@media (max-width: 767px) {
		.page {
			padding: 8px 8px 20px;
		}
	}
</style>
