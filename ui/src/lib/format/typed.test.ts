import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { bumpsOf, parseTyped } from './typed';

/** The server's own table: the preview must mean the same. */
const rows = readFileSync('../core/src/test/resources/typed-volts.csv', 'utf8')
	.split('\n')
	.filter((line) => line !== '' && !line.startsWith('#'))
	.map((line) => line.split(';'));

describe('parseTyped', () => {
	it('is held to a table with both kinds of row', () => {
		expect(rows.some((r) => r[1] === '')).toBe(true);
		expect(rows.length).toBeGreaterThan(25);
	});

	it.each(rows)('means what the table says of "%s"', (typed, volts, resolution) => {
		const parsed = parseTyped(typed ?? '');
		if (!volts) {
			expect(parsed).toBeNull();
		} else {
			expect(parsed?.volts).toBeCloseTo(Number(volts), 12);
			expect(parsed?.resolutionVolts).toBeCloseTo(Number(resolution), 12);
		}
	});
});

describe('bumpsOf', () => {
	it('parts figures, and leaves each its unit', () => {
		expect(bumpsOf('0.31 0.29 0.30 ')).toEqual(['0.31', '0.29', '0.30']);
		expect(bumpsOf('270 mV 265 mV')).toEqual(['270 mV', '265 mV']);
		expect(bumpsOf('12.6')).toEqual(['12.6']);
		expect(bumpsOf('')).toEqual(['']);
	});
});
