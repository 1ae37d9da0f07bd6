import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { CaseView, Step } from '../api/client';
import { StepInHand } from './step.svelte';

const step = (red: string, condition = 'CRANKING'): Step =>
	({
		kind: 'MEASURE',
		title: `At ${red}`,
		probe: { red: { id: red }, black: { id: 'x' }, condition }
	}) as Step;
const view = (next: Step, forbidden: string[] = [], preparing = false): CaseView =>
	({ next, forbidden, judgement: { preparing } }) as unknown as CaseView;
const one = step('stud');
const other = step('post');

beforeEach(() => vi.useFakeTimers({ toFake: ['performance'] }));
afterEach(() => vi.useRealTimers());

function looking(ms: number): StepInHand {
	const hand = new StepInHand();
	hand.update(null, view(one), false, false);
	vi.advanceTimersByTime(ms);
	return hand;
}

test('a step that somebody looks at for long stays when another screen moves the plan', () => {
	const hand = looking(5000);
	hand.update(view(one), view(other), false, false);
	expect(hand.held).toBe(one);
	hand.letGo();
	expect(hand.held).toBeNull();
});

test('digits in the entry keep it at once', () => {
	const hand = looking(0);
	hand.update(view(one), view(other), false, true);
	expect(hand.held).toBe(one);
});

test('a step just shown gives way', () => {
	const hand = looking(500);
	hand.update(view(one), view(other), false, false);
	expect(hand.held).toBeNull();
});

test('an own entry goes on with the plan, and so does a plan that comes back to the step', () => {
	const hand = looking(5000);
	hand.update(view(one), view(other), false, false);
	hand.update(view(other), view(step('stud')), false, false);
	expect(hand.held).toBeNull();
	vi.advanceTimersByTime(5000);
	hand.update(view(one), view(other), true, false);
	expect(hand.held).toBeNull();
});

test('what has become unsafe is withdrawn at once', () => {
	const hand = looking(5000);
	hand.update(view(one), view(other), false, true);
	hand.update(view(other), view(other, ['CRANKING']), false, true);
	expect(hand.held).toBeNull();
});

test('while the circuit is prepared for an opened case the judged step takes the place', () => {
	const hand = looking(9000);
	hand.update(view(one, [], true), view(other), false, false);
	expect(hand.held).toBeNull();
});
