import { describe, expect, it } from 'vitest';
import { bounds, monthWords, share } from './period';

describe('a period', () => {
	const now = new Date(2026, 10, 30, 12).getTime();
	it('ends now, or with the year before', () => {
		expect(bounds('ALL', now)).toEqual({});
		expect(bounds('QUARTER', now).fromMs).toBe(now - 90 * 86_400_000);
		expect(new Date(bounds('LAST_YEAR', now).fromMs ?? 0).getFullYear()).toBe(2025);
		expect(bounds('LAST_YEAR', now).untilMs).toBe(new Date(2026, 0, 1).getTime());
	});
	it('says shares with what they are of', () => {
		expect(share(3, 4)).toBe('3 of 4 (75\u00a0%)');
		expect(share(0, 0)).toBe('–');
		expect(monthWords('2026-03')).toBe('Mar 2026');
	});
});
