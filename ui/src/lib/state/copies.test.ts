import { describe, expect, it } from 'vitest';
import type { CaseView } from '../api/client';
import { Copies } from './copies';

function storage(room = Infinity): Storage {
	const kept = new Map<string, string>();
	return {
		getItem: (key: string) => kept.get(key) ?? null,
		removeItem: (key: string) => kept.delete(key),
		setItem: (key: string, value: string) => {
			if (value.length > room) throw new Error('QuotaExceededError');
			kept.set(key, value);
		}
	} as unknown as Storage;
}

const view = (id: string) => ({ id, vehicle: `Van ${id}` }) as CaseView;

describe('copies of cases', () => {
	it('keep the last three, the newest state of each', () => {
		const copies = new Copies('db', storage());
		for (const id of ['a', 'b', 'a', 'c', 'd']) copies.keep(view(id), 7);
		expect(['a', 'b', 'c', 'd'].map((id) => copies.of(id)?.view.vehicle)).toEqual([
			'Van a',
			undefined,
			'Van c',
			'Van d'
		]);
		expect(copies.of('a')?.atMs).toBe(7);
	});

	it('leave the room to what is typed when there is none for both', () => {
		const copies = new Copies('db', storage(10));
		copies.keep(view('a'), 1);
		expect(copies.of('a')).toBeUndefined();
	});
});
