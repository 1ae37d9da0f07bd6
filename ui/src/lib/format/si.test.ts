import { describe, expect, it } from 'vitest';
import { amps, milliohms, volts, voltsAt } from './si';

describe('si', () => {
	it('keeps the meter’s digits', () => {
		expect(voltsAt(0.27, 0.01)).toBe('0.27');
		expect(voltsAt(0.2, 0.001)).toBe('0.200');
		expect(voltsAt(-0.18, 0.01)).toBe('−0.18');
		expect(voltsAt(12, 1)).toBe('12');
	});

	it('gives small volts three digits and never a negative zero', () => {
		expect(volts(0.0994)).toBe('0.099');
		expect(volts(0.0996)).toBe('0.10');
		expect(volts(-0.0001)).toBe('0.000');
	});

	it('rounds up to the next width without a fourth digit', () => {
		expect(milliohms(0.000994)).toBe('0.99 mΩ');
		expect(milliohms(0.000996)).toBe('1.0 mΩ');
		expect(milliohms(0.0997)).toBe('99.7 mΩ');
		expect(milliohms(0.09996)).toBe('100 mΩ');
		expect(amps(9.96)).toBe('10 A');
		expect(amps(7.44)).toBe('7.4 A');
	});
});
