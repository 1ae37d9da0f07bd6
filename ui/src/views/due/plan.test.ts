import { describe, expect, it } from 'vitest';
import type { DueLine } from '../../lib/api/client';
import { grouped, kmIn, monthsOn, wrongIn } from './plan';

describe('a plan', () => {
	it('takes an odometer as it is typed, in km or miles', () => {
		expect(kmIn('105 000')).toBe(105000);
		expect(kmIn('105.000 km')).toBe(105000);
		expect(kmIn('65 000 mi')).toBe(104607);
		expect(kmIn('about 9')).toBeUndefined();
		expect(kmIn('0')).toBeUndefined();
	});
	it('counts months by the calendar', () => {
		expect(monthsOn(new Date(2026, 10, 30), 3)).toBe('2027-02-28');
		expect(monthsOn(new Date(2026, 0, 31), 1)).toBe('2026-02-28');
		expect(monthsOn(new Date(2026, 11, 5), 6)).toBe('2027-06-05');
	});
	it('says what is missing', () => {
		const plan = { kind: 'RECHECK' as const, words: ' ', day: '', odometer: 'x' };
		expect(Object.keys(wrongIn(plan))).toEqual(['words', 'day', 'odometer']);
		expect(wrongIn({ ...plan, words: 'Strap', day: '2027-01-01', odometer: '' })).toEqual({});
	});
	it('stands under when it is due, without empty headings', () => {
		const line = (day: string, overdue = false) => ({ day, overdue }) as DueLine;
		const groups = grouped([line('2026-11-01', true), line('2027-05-01')], new Date(2026, 10, 30));
		expect(groups.map((g) => g.title)).toEqual(['Overdue', 'Later']);
	});
});
