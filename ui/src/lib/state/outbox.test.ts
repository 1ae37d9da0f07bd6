import { beforeEach, describe, expect, it, vi } from 'vitest';
import { KeptInPage, type Kept } from '../device/kept';
import { Outbox, type Letter } from './outbox.svelte';

const letter = (id: string): Letter => ({
	id,
	caseId: 'c',
	path: `/api/${id}`,
	body: { typed: id },
	label: id
});
const answer = (status: number, body: unknown = {}) => new Response(JSON.stringify(body), { status });
const dead: typeof fetch = () => Promise.reject(new Error('no network'));

describe('Outbox', () => {
	let kept: Promise<Kept>;
	let outcomes: unknown[];
	const outbox = (fetcher: typeof fetch) => new Outbox(kept, fetcher, (o) => outcomes.push(o));

	beforeEach(() => {
		kept = Promise.resolve(new KeptInPage());
		outcomes = [];
		vi.useFakeTimers();
	});

	it('hands over what the server confirmed and forgets the letter', async () => {
		const box = outbox(async () => answer(201, { headline: 'x' }));
		expect(await box.add(letter('a'))).toBe(true);
		expect(outcomes).toMatchObject([{ view: { headline: 'x' } }]);
		expect(box.letters).toEqual([]);
	});

	it('keeps a letter over a dead network and a new page, and sends it in order', async () => {
		const closed = outbox(dead);
		await closed.add(letter('a'));
		await closed.add(letter('b'));
		expect(closed.stuck).toBe('No connection.');
		const sent: string[] = [];
		const reopened = outbox(async (path) => {
			sent.push(String(path));
			return answer(200);
		});
		await reopened.flush();
		expect(sent).toEqual(['/api/a', '/api/b']);
		expect(reopened.letters).toEqual([]);
	});

	it('knows its own entries while they go out and after, not those that nobody took', async () => {
		let take: (response: Response) => void = () => undefined;
		const box = outbox(() => new Promise((resolve) => (take = resolve)));
		void box.add(letter('a'));
		await vi.advanceTimersByTimeAsync(1);
		expect(box.isOwn('a')).toBe(true);
		take(answer(201));
		await vi.advanceTimersByTimeAsync(1);
		expect(box.isOwn('a')).toBe(true);
		expect(box.isOwn('b')).toBe(false);
		const lost = outbox(dead);
		await lost.add(letter('c'));
		expect(lost.isOwn('c')).toBe(false);
	});

	it('tries again by itself', async () => {
		let up = false;
		const box = outbox(async () => (up ? answer(200) : answer(503)));
		await box.add(letter('a'));
		expect(box.letters).toHaveLength(1);
		up = true;
		await vi.advanceTimersByTimeAsync(3000);
		expect(box.letters).toEqual([]);
	});

	it('says why the server cannot take it now, and keeps it', async () => {
		const box = outbox(async () => answer(507, { detail: 'The disk is full.' }));
		await box.add(letter('a'));
		expect(box.stuck).toBe('The disk is full.');
		expect(box.letters).toHaveLength(1);
	});

	it('gives a refused letter back with the server’s reason', async () => {
		const box = outbox(async () => answer(400, { detail: 'not a voltage' }));
		await box.add(letter('a'));
		expect(outcomes).toMatchObject([{ refused: 'not a voltage', letter: { body: { typed: 'a' } } }]);
		expect(box.letters).toEqual([]);
	});

	it('says what it has no room for, and sends it all the same', async () => {
		const full = new KeptInPage();
		full.add = () => Promise.reject(new Error('QuotaExceededError'));
		kept = Promise.resolve(full);
		let up = false;
		const box = outbox(async () => (up ? answer(200, { headline: 'late' }) : answer(503)));
		expect(await box.add(letter('a'))).toBe(false);
		expect(box.letters.map((l) => l.id)).toEqual(['a']);
		up = true;
		await vi.advanceTimersByTimeAsync(3000);
		expect(outcomes).toMatchObject([{ view: { headline: 'late' } }]);
		expect(box.letters).toEqual([]);
	});
});
