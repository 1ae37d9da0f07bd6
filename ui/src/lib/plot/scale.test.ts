import { describe, expect, it } from 'vitest';
import { roundScale, ticksTo } from './scale';

describe('a scale', () => {
	it('begins at nought and ends on a round number', () => {
		const amps = roundScale([0, 7, 110, 77], [60, 660], 6);
		expect(amps).toMatchObject({ low: 0, high: 120, ticks: [0, 20, 40, 60, 80, 100, 120] });
		expect(amps.of(0)).toBe(60);
		expect(amps.of(60)).toBe(360);
	});

	it('holds volts closely without beginning at nought', () => {
		expect(roundScale([13.4, 14.35], [0, 100], 5)).toMatchObject({
			low: 13.4,
			high: 14.4,
			ticks: [13.4, 13.6, 13.8, 14, 14.2, 14.4]
		});
	});

	it('stands on one value', () => {
		const one = roundScale([14], [100, 0], 5);
		expect(one.low).toBeLessThanOrEqual(14);
		expect(one.high).toBeGreaterThan(14);
		expect(one.of(14)).toBe(100);
	});

	it('stands on none', () => {
		expect(roundScale([], [0, 100], 5)).toMatchObject({ low: 0, high: 0.1 });
	});

	it('chooses ticks of one, two or five', () => {
		expect([0.1, 0.3, 0.9, 2.1, 3.6, 12].map((v) => ticksTo(v, 4)[1])).toEqual([0.02, 0.1, 0.2, 0.5, 1, 2]);
	});
});
