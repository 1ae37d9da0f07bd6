import { push } from 'svelte-spa-router';
import type { AppState } from '../../lib/state/app.svelte';
import type { CaseState } from '../../lib/state/case.svelte';
import type { Shortcut } from '../../lib/state/shortcuts';
import { hrefOf } from '../../views';

/** What keys do on the workbench, for its help. */
export const KEYS: readonly [string, string][] = [
	['0–9 . , −', 'type the reading; m or V for its unit; a space begins its next bump'],
	['Enter', 'save'],
	['Esc', 'clear the entry'],
	['A', 'enter the current'],
	['C', 'change the condition'],
	['S', 'swap the leads'],
	['L', 'show the other loop'],
	['N', 'back to the next step of the plan'],
	['M', 'measure with the simulated meter'],
	['T', 'order or time a crank, or end it'],
	['U', 'undo the last entry'],
	['Tab, ← →, Space', 'walk along the points; place red, then black'],
	['R', 'read the same again'],
	['A B C', 'answer a question; digits are kept for the next reading']
];

/** Does what a key stands for. */
export function act(press: Shortcut, bench: CaseState, app: AppState): void {
	switch (press.do) {
		case 'type':
			return bench.entry.type(press.text);
		case 'save':
			return bench.entry.save();
		case 'clear':
			return bench.entry.type('');
		case 'swap':
			return void bench.entry.swap();
		case 'measure':
			return bench.view?.simulated ? void bench.meter.measure() : undefined;
		case 'condition':
			return document.getElementById('condition')?.focus();
		case 'amps':
			return document.getElementById('amps')?.focus();
		case 'undo':
			return bench.record.undo();
		case 'repeat':
			return void bench.entry.repeat();
		case 'loop':
			return bench.showLoop(bench.profile?.loop === 'STARTING' ? 'CHARGING' : 'STARTING');
		case 'plan':
			return bench.entry.followPlan();
		case 'crank':
			return bench.line.crank();
		case 'go':
			return void push(hrefOf(press.view, bench.id).slice(1));
		case 'help':
			app.help = true;
			return;
		case 'answer': {
			const choice = bench.asked?.slip?.choices[press.index];
			if (bench.asked && choice) bench.record.answer(bench.asked.id, choice.answer);
		}
	}
}
