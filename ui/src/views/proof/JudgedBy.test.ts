import { cleanup, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it } from 'vitest';
import AsSaidThen from '../../lib/components/AsSaidThen.svelte';
import JudgedBy from './JudgedBy.svelte';

const words = 'judgement 1, priors 1, limits 1, meters 1, own limits: none.';
const then =
	'Judged by an earlier version (judgement 0). The verdict stands as it was given when the case closed.';

afterEach(cleanup);

describe('what a case is judged by', () => {
	it('names it, and each move with its moment', () => {
		const atMs = new Date(2026, 2, 4, 9, 30).getTime();
		render(JudgedBy, {
			basis: { words, moves: [{ atMs, words: `The program was updated. From here on: ${words}` }] }
		});
		expect(screen.getByText(words)).toBeTruthy();
		expect(screen.getByText(/The program was updated/).textContent).toMatch(/9:30|09:30/);
		expect(screen.queryByText(/Closed/)).toBeNull();
	});

	it('says when it closed', () => {
		render(JudgedBy, { basis: { words, moves: [], closedAtMs: 1_795_000_000_000 } });
		expect(screen.getByText(/what it said then is kept/)).toBeTruthy();
	});
});

describe('a verdict that stands as it was given', () => {
	it('is marked, and this program speaks beside it', () => {
		render(AsSaidThen, { basis: { words, moves: [], asSaidThen: then, nowSays: 'Battery cleared.' } });
		expect(screen.getByRole('note').textContent).toContain(then);
		expect(screen.getByRole('note').textContent).toContain(
			'Judged anew, this program says: Battery cleared.'
		);
	});

	it('is marked alone while the other is worked out, and not at all where they agree', () => {
		render(AsSaidThen, { basis: { words, moves: [], asSaidThen: then } });
		expect(screen.getByRole('note').textContent).not.toContain('Judged anew');
		cleanup();
		render(AsSaidThen, { basis: { words, moves: [] } });
		expect(screen.queryByRole('note')).toBeNull();
	});
});
