import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

const ROOT = 'src';
const MADE = /schema\.d\.ts$/;

function lines(ending: RegExp): { file: string; lines: number }[] {
	return readdirSync(ROOT, { recursive: true, encoding: 'utf8' })
		.filter((file) => ending.test(file) && !MADE.test(file))
		.map((file) => ({ file, lines: readFileSync(join(ROOT, file), 'utf8').split('\n').length - 1 }));
}

describe('the size of things', () => {
	it('keeps components short', () => {
		expect(lines(/\.svelte$/).filter((f) => f.lines > 200)).toEqual([]);
	});

	it('keeps modules short', () => {
		expect(lines(/\.ts$/).filter((f) => f.lines > 250)).toEqual([]);
	});

	it('keeps nine in ten components shorter still', () => {
		const sorted = lines(/\.svelte$/)
			.map((f) => f.lines)
			.sort((a, b) => a - b);
		expect(sorted[Math.floor(0.9 * sorted.length)]).toBeLessThanOrEqual(150);
	});
});
