import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Outbox, type Letter } from './outbox.svelte';

const letter = (id: string): Letter => ({
	id,
	caseId: 'c',
	path: `/api/${id}`,
	body: { typed: id },
	label: id
});
const answer = (status: number, body: unknown = {}) => new Response(JSON.stringify(body), { status });

describe('Outbox', () => {
	beforeEach(() => {
		localStorage.clear();
		vi.useFakeTimers();
	});

	it('hands over what the server confirmed and forgets the letter', async () => {
		const outcomes: unknown[] = [];
		const outbox = new Outbox(
			'db',
			localStorage,
			async () => answer(201, { headline: 'x' }),
			(o) => outcomes.push(o)
		);
		await outbox.add(letter('a'));
		expect(outcomes).toMatchObject([{ view: { headline: 'x' } }]);
		expect(outbox.letters).toEqual([]);
	});

	it('keeps a letter over a dead network and a new page, and sends it in order', async () => {
		const dead = new Outbox(
			'db',
			localStorage,
			() => Promise.reject(new Error('no network')),
			() => undefined
		);
		await dead.add(letter('a'));
		await dead.add(letter('b'));
		expect(dead.stuck).toBe(true);
		const sent: string[] = [];
		const send = async (path: RequestInfo | URL) => {
			sent.push(String(path));
			return answer(200);
		};
		const reopened = new Outbox('db', localStorage, send, () => undefined);
		expect(reopened.letters.map((l) => l.id)).toEqual(['a', 'b']);
		await reopened.flush();
		expect(sent).toEqual(['/api/a', '/api/b']);
	});

	it('tries again by itself', async () => {
		let up = false;
		const outbox = new Outbox(
			'db',
			localStorage,
			async () => (up ? answer(200) : answer(503)),
			() => undefined
		);
		await outbox.add(letter('a'));
		expect(outbox.letters).toHaveLength(1);
		up = true;
		await vi.advanceTimersByTimeAsync(3000);
		expect(outbox.letters).toEqual([]);
	});

	it('gives a refused letter back with the server’s reason', async () => {
		const outcomes: unknown[] = [];
		const outbox = new Outbox(
			'db',
			localStorage,
			async () => answer(400, { detail: 'not a voltage' }),
			(o) => outcomes.push(o)
		);
		await outbox.add(letter('a'));
		expect(outcomes).toMatchObject([{ refused: 'not a voltage', letter: { body: { typed: 'a' } } }]);
		expect(outbox.letters).toEqual([]);
	});

	it('does not mix two databases', async () => {
		await new Outbox(
			'one',
			localStorage,
			() => Promise.reject(new Error('down')),
			() => undefined
		).add(letter('a'));
		expect(new Outbox('two', localStorage, fetch, () => undefined).letters).toEqual([]);
	});
});
