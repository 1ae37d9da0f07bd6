import { describe, expect, it } from 'vitest';
import type { CaseView } from '../api/client';
import { spoken } from './speech';

type Spoken = Pick<CaseView, 'readings' | 'next'>;

const view = (title: string, shown: string[], slip?: string): CaseView => {
	const some: unknown = {
		next: { title, probe: { red: { name: 'battery + post' }, black: { name: 'battery − post' } } },
		readings: shown.map((s, i) => ({
			shown: s,
			state: slip && i === shown.length - 1 ? 'ASKED' : 'COUNTS',
			slip: slip ? { sentence: slip } : undefined
		}))
	} satisfies Record<keyof Spoken, unknown>;
	return some as CaseView;
};

describe('the spoken prompt', () => {
	it('reads back what was saved and says where the leads go', () => {
		expect(spoken(view('Base voltage', []), view('Whole return side', ['12.61 V']))).toBe(
			'Saved 12.61 volts. Next: Whole return side. Red on the battery plus post, black on the battery minus post.'
		);
	});

	it('asks instead of going on', () => {
		const asked = view('Base voltage', ['126 V'], 'Was 12.6 V meant?');
		expect(spoken(view('Base voltage', []), asked)).toBe('A question. Was 12.6 volts meant?');
	});

	it('is silent when nothing changed for the technician', () => {
		expect(spoken(view('Base voltage', ['12.6 V']), view('Base voltage', ['12.6 V']))).toBe('');
	});
});
