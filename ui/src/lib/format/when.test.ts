import { describe, expect, it } from 'vitest';
import { day, moment } from './when';

describe('moments', () => {
	const noon = new Date(2026, 5, 3, 12, 5).getTime();

	it('name the day, with its year, only when it was another one', () => {
		expect(moment(noon, noon + 3_600_000)).toBe('12:05');
		expect(moment(noon, noon + 86_400_000)).toBe('3 Jun 2026 12:05');
		expect(day(noon)).toBe('3 Jun 2026');
	});
});
