import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { CaseView } from '../api/client';
import type { Letter } from '../state/outbox.svelte';
import type { Kept } from './kept';

const letter = (id: string): Letter => ({ id, caseId: 'c', path: `/api/${id}`, body: {}, label: id });
const copy = (id: string, atMs: number) => ({ id, atMs, view: { id, vehicle: `Van ${id}` } as CaseView });

/** As a page does that is opened anew: nothing of the one before is in memory. */
async function page(database: string): Promise<Kept> {
	vi.resetModules();
	return (await import('./kept')).keptFor(database, localStorage);
}

describe('what a browser keeps', () => {
	beforeEach(() => localStorage.clear());

	it('outlives the page, in the order it was written', async () => {
		const before = await page('one');
		for (const id of ['a', 'b', 'c']) await before.add(letter(id));
		await before.remove('b');
		const after = await page('one');
		expect((await after.letters()).map((l) => l.id)).toEqual(['a', 'c']);
	});

	it('does not mix two databases', async () => {
		await (await page('two')).add(letter('x'));
		await (await page('two')).keep(copy('k', 1));
		const other = await page('three');
		expect(await other.letters()).toEqual([]);
		expect(await other.copy('k')).toBeUndefined();
	});

	it('keeps the last three cases, the newest state of each', async () => {
		const kept = await page('four');
		for (const [id, at] of [
			['a', 1],
			['b', 2],
			['a', 3],
			['c', 4],
			['d', 5]
		] as const)
			await kept.keep(copy(id, at));
		const again = await page('four');
		expect((await again.copy('a'))?.atMs).toBe(3);
		expect(await again.copy('b')).toBeUndefined();
		expect((await again.copy('d'))?.view.vehicle).toBe('Van d');
	});

	it('takes over what an earlier version had on its way, once', async () => {
		localStorage.setItem('dantro:five:outbox', JSON.stringify([letter('old')]));
		expect((await (await page('five')).letters()).map((l) => l.id)).toEqual(['old']);
		expect((await (await page('five')).letters()).map((l) => l.id)).toEqual(['old']);
		expect(localStorage.getItem('dantro:five:outbox')).toBeNull();
	});

	it('lives with the page where the browser has no database', async () => {
		const there = globalThis.indexedDB;
		vi.stubGlobal('indexedDB', undefined);
		const kept = await page('six');
		await kept.add(letter('a'));
		expect((await kept.letters()).map((l) => l.id)).toEqual(['a']);
		vi.stubGlobal('indexedDB', there);
	});
});
