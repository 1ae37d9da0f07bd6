import { describe, expect, it } from 'vitest';
import { build, buildIn } from '../state/build.svelte';
import { ask } from './ask';
import { send } from './send';

const answering =
	(status: number, body: unknown, headers: Record<string, string> = {}): typeof fetch =>
	async () =>
		new Response(JSON.stringify(body), { status, headers });

describe('what is sent', () => {
	it('is done, refused with the server’s words, or lost', async () => {
		expect(await send('/x', {}, answering(201, { id: 1 }))).toEqual({ kind: 'done', data: { id: 1 } });
		expect(await send('/x', {}, answering(400, { detail: 'not a voltage' }))).toMatchObject({
			kind: 'refused',
			reason: 'not a voltage'
		});
		expect(await send('/x', {}, answering(400, 'what'))).toMatchObject({
			reason: 'Dantro did not answer as expected. Try again.'
		});
		expect(await send('/x', {}, answering(503, {}))).toEqual({ kind: 'lost' });
		expect(await send('/x', {}, () => Promise.reject(new Error('down')))).toEqual({ kind: 'lost' });
		expect(await send('/x', {}, async () => new Response('<html>', { status: 200 }))).toEqual({
			kind: 'lost'
		});
	});

	it('is lost, and goes again, where the line stalled on its way', async () => {
		expect((await send('/x', {}, answering(408, {}))).kind).toBe('lost');
	});

	it('goes as it is where it is a file already', async () => {
		let sent: unknown;
		await send('/x', '{"a":1}', async (_path, init) => {
			sent = init?.body;
			return new Response('{}');
		});
		expect(sent).toBe('{"a":1}');
	});
});

describe('what is asked', () => {
	it('brings data or a sentence, and never throws', async () => {
		expect(await ask(Promise.resolve({ data: 7 }), 'lost')).toEqual({ data: 7 });
		expect(await ask(Promise.resolve({ error: { detail: 'no' } }), 'lost')).toEqual({ wrong: 'no' });
		expect(await ask(Promise.reject(new Error('down')), 'lost')).toEqual({ wrong: 'lost' });
	});
});

describe('the build of the page', () => {
	it('is that of its first script', () => {
		expect(buildIn('http://127.0.0.1:8420/assets/index-Ab_1-x.js')).toBe('Ab_1-x');
		expect(buildIn('http://127.0.0.1:5173/src/main.ts')).toBe('');
		expect(buildIn(undefined)).toBe('');
	});

	it('parts from the server’s only where both are known', async () => {
		await send('/x', {}, answering(200, {}, { 'x-dantro-build': 'other' }));
		expect(build.outdated).toBe(false);
	});
});
