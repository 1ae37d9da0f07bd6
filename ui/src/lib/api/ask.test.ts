import { describe, expect, it } from 'vitest';
import { Newest } from './ask';

/** A question whose answer comes when the test says so. */
const question = <T>() => {
	let answer: (value: { data?: T; error?: unknown }) => void = () => undefined;
	const call = new Promise<{ data?: T; error?: unknown }>((resolve) => (answer = resolve));
	return { call, answer };
};

describe('Newest', () => {
	it('lets go of an answer that comes after a newer question was asked', async () => {
		const newest = new Newest();
		const [first, second] = [question<string>(), question<string>()];
		const older = newest.ask(first.call, 'lost');
		const newer = newest.ask(second.call, 'lost');
		second.answer({ data: 'of the second' });
		first.answer({ data: 'of the first' });
		expect(await newer).toEqual({ data: 'of the second' });
		expect(await older).toBeNull();
	});

	it('says why the newest question has no answer, refused or lost', async () => {
		const newest = new Newest();
		expect(await newest.ask(Promise.resolve({ error: { detail: 'Too long.' } }), 'lost')).toEqual({
			wrong: 'Too long.'
		});
		expect(await newest.ask(Promise.reject(new Error('gone')), 'lost')).toEqual({ wrong: 'lost' });
	});
});
