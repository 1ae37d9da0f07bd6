import { describe, expect, it } from 'vitest';
import { drawn, HEIGHT, milliohms } from './series';

const YEAR = 365.25 * 86_400_000;
const dot = (years: number, value: number) => ({
	caseId: String(years),
	atMs: years * YEAR,
	value,
	low: value * 0.95,
	high: value * 1.05
});

describe('a joint over the years', () => {
	const band = { low: 0.05, high: 0.5 };

	it('shows the healthy band whole, and what is far above it at the edge', () => {
		const at = drawn([dot(0, 0.2), dot(1, 9)], 560, band);
		expect(at.y.high).toBeGreaterThanOrEqual(0.5);
		expect(at.y.high).toBeLessThan(2);
		expect(at.beyond(9)).toBe(true);
		expect(at.beyond(0.6)).toBe(false);
	});

	it('goes from left to right in time, and up in size', () => {
		const at = drawn([dot(0, 0.2), dot(2, 0.4)], 560, band);
		expect(at.x(0)).toBeLessThan(at.x(2 * YEAR));
		expect(at.y.of(0.4)).toBeLessThan(at.y.of(0.2));
		expect(at.y.of(0)).toBeLessThanOrEqual(HEIGHT);
	});

	it('does not make a cliff of the last digit of a voltage', () => {
		const at = drawn(
			[dot(0, 12.61), dot(1, 12.62)].map((d) => ({ ...d, low: d.value, high: d.value })),
			560
		);
		expect(at.y.of(12.61) - at.y.of(12.62)).toBeLessThan(10);
	});

	it('writes milliohms with the digits that mean something', () => {
		expect(milliohms(0.154)).toBe('0.15');
		expect(milliohms(11.94)).toBe('11.9');
		expect(milliohms(412.3)).toBe('412');
	});
});
