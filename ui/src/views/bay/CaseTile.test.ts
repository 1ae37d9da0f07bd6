import { cleanup, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it } from 'vitest';
import type { CaseCard } from '../../lib/api/client';
import CaseTile from './CaseTile.svelte';

const side = { points: [], steps: [], healthyLowVolts: 0, healthyUpperVolts: 0 };
const card: CaseCard = {
	id: '11111111-2222-4333-8444-555555555555',
	vehicle: 'Tamblin 14 box van',
	complaint: 'cranks slowly',
	openedAtMs: 1,
	stage: 'WALK',
	over: false,
	stageWords: 'Walk to the part',
	nextKind: 'MEASURE',
	nextTitle: 'Whole return side',
	headline: 'Battery cleared.',
	simulated: true,
	setAside: false,
	behind: false,
	asSaidThen: false,
	profile: {
		loop: 'STARTING',
		amps: 150,
		ampsMeasured: true,
		supply: { ...side, side: 'SUPPLY' },
		returns: { ...side, side: 'RETURN' },
		healthyConsumerVolts: 11
	}
};

afterEach(cleanup);

describe('a card of the Bay', () => {
	it('opens its case and says what comes next', () => {
		render(CaseTile, { card });
		const link = screen.getByRole('link');
		expect(link.getAttribute('href')).toBe(`#/case/${card.id}`);
		expect(link.textContent).toMatch(/Next\s+Whole return side/);
		expect(link.textContent).toContain('cranks slowly · simulated');
		expect(screen.getByRole('img', { name: 'Loop profile' })).toBeTruthy();
	});

	it('asks for nothing next once it is done', () => {
		render(CaseTile, { card: { ...card, nextKind: 'DONE', nextTitle: 'Verified' } });
		expect(screen.getByRole('link').textContent).not.toMatch(/Next\s+Verified/);
	});

	it('says that a verdict is an earlier one', () => {
		render(CaseTile, { card: { ...card, asSaidThen: true } });
		expect(screen.getByText('As it was said when it closed.')).toBeTruthy();
	});

	it('stands without a profile where what is on record cannot be read', () => {
		render(CaseTile, {
			card: { ...card, profile: undefined, headline: 'What is on record of this case cannot be read: x' }
		});
		expect(screen.queryByRole('img')).toBeNull();
		expect(screen.getByText(/cannot be read/)).toBeTruthy();
	});
});
