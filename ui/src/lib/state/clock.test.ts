import { afterEach, describe, expect, it } from 'vitest';
import { clockOffMinutes, learnTime, workshopNow } from './clock';

const AT = Date.parse('Tue, 24 Nov 2026 08:00:00 GMT');
const told = 'Tue, 24 Nov 2026 08:00:00 GMT';

describe('the workshop time', () => {
	afterEach(() => learnTime(told, AT));

	it('puts a clock right that is two hours ahead', () => {
		learnTime(told, AT + 7_200_000);
		expect(workshopNow(AT + 7_200_000 + 60_000)).toBe(AT + 500 + 60_000);
		expect(clockOffMinutes()).toBe(120);
	});

	it('leaves a clock alone that is right within the answer itself', () => {
		learnTime(told, AT + 2_000);
		expect(workshopNow(AT + 9)).toBe(AT + 9);
		expect(clockOffMinutes()).toBeNull();
	});

	it('keeps what it knows when an answer tells no time', () => {
		learnTime(told, AT - 3_600_000);
		learnTime(null, AT);
		learnTime('soon', AT);
		expect(clockOffMinutes()).toBe(-60);
	});
});
