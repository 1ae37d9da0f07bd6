import { describe, expect, it } from 'vitest';
import { areaChoices, areaWords, gaugeArea, gaugeName } from './cable';

describe('American wire gauge', () => {
	it.each([
		// published cross-sections in mm²
		[10, 5.26],
		[4, 21.15],
		[2, 33.63],
		[0, 53.48],
		[-3, 107.2]
	])('gauge %i has %f mm²', (n, area) => {
		expect(gaugeArea(n) * 1e6).toBeCloseTo(area, 1);
	});

	it('writes the thick ones with their zeros', () => {
		expect(gaugeName(2)).toBe('AWG 2');
		expect(gaugeName(0)).toBe('AWG 1/0');
		expect(gaugeName(-3)).toBe('AWG 4/0');
	});
});

describe('sizes to choose from', () => {
	it('keep the present size, whatever the unit', () => {
		expect(areaChoices(35e-6, 'mm2').map((c) => c.words)).toContain('35 mm²');
		expect(areaChoices(35e-6, 'mm2').filter((c) => c.words === '35 mm²')).toHaveLength(1);
		expect(areaChoices(40e-6, 'awg').map((c) => c.words)).toContain('40 mm²');
	});

	it('rise in size', () => {
		const sizes = areaChoices(35e-6, 'awg').map((c) => c.squareMetres);
		expect(sizes).toEqual([...sizes].sort((a, b) => a - b));
	});

	it('says a gauge only where one is near', () => {
		expect(areaWords(gaugeArea(2), 'awg')).toBe('AWG 2');
		expect(areaWords(35e-6, 'awg')).toBe('35 mm²');
	});
});
