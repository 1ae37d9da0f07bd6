import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseTyped } from './typed';

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
