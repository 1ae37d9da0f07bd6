import { describe, expect, it } from 'vitest';
import { ALL, asked, queryOf, wantedIn } from './wanted';

describe('what is looked for in the log', () => {
	it('stands in the address and comes back from it', () => {
		const wanted = { ...ALL, words: 'KX 12 & strap', state: 'VERIFIED' as const, from: '2026-03-01' };
		expect(wantedIn(queryOf(wanted))).toEqual(wanted);
		expect(queryOf(ALL)).toBe('');
		expect(wantedIn(undefined)).toEqual(ALL);
	});

	it('takes a day from its first to its last moment', () => {
		const query = asked({ ...ALL, from: '2026-03-17', until: '2026-03-17' });
		expect(Number(query.fromMs)).toBe(new Date(2026, 2, 17).getTime());
		expect(Number(query.untilMs)).toBe(new Date(2026, 2, 18).getTime());
	});

	it('leaves out what was not said, and a day that is none', () => {
		expect(asked({ ...ALL, from: '2026-' })).toEqual({ state: 'ALL' });
	});
});
