import { vi } from 'vitest';
import type { CaseView, Probe, Step } from '../lib/api/client';
import type { CaseState } from '../lib/state/case.svelte';

/** A probe point as the server names it. */
export const point = (id: string) => ({ id, name: id.replace('-', ' '), placing: `on the ${id}` });

export const probe = (red: string, black: string, title = `${red} to ${black}`): Probe =>
	({
		red: point(red),
		black: point(black),
		condition: 'CRANKING',
		conditionWords: 'cranking',
		instruction: 'Crank 3 s',
		title,
		why: 'It tells most.',
		outcomes: [],
		cautions: []
	}) as unknown as Probe;

export const step = (some: Partial<Step>): Step =>
	({ kind: 'MEASURE', title: 'Whole return side', why: '', cautions: [], toSee: [], ...some }) as Step;

/** What a component needs of a case, with its verbs recorded; nothing is sent. */
export function bench(view: Partial<CaseView> = {}, entry: Record<string, unknown> = {}) {
	const made = {
		id: 'c',
		message: '',
		view: { points: [], outOfReach: [], parts: [], statements: [], readings: [], judgement: {}, ...view },
		last: null,
		asked: null,
		unsaved: [],
		record: { state: vi.fn(), answer: vi.fn(), repair: vi.fn(), undo: vi.fn(), complaintTest: vi.fn() },
		entry: { choose: vi.fn(), put: vi.fn(), draft: { text: '' }, ...entry },
		stated: () => undefined
	};
	return { state: made as unknown as CaseState, made };
}
