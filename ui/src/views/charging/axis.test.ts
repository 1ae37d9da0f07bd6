import { describe, expect, it } from 'vitest';
import { axis } from './axis';

describe('an axis', () => {
	it('begins at nought and ends on a round number', () => {
		expect(axis(0, [7, 110, 77])).toEqual({ low: 0, high: 120, ticks: [0, 20, 40, 60, 80, 100, 120] });
	});

	it('holds volts closely without beginning at nought', () => {
		expect(axis(Infinity, [13.4, 14.35])).toEqual({
			low: 13.4,
			high: 14.4,
			ticks: [13.4, 13.6, 13.8, 14, 14.2, 14.4]
		});
	});

	it('stands on one value, and on none', () => {
		expect(axis(Infinity, [14])).toMatchObject({ low: 14, high: 14.1 });
		expect(axis(Infinity, [])).toMatchObject({ low: 0, high: 0.1 });
	});
});
