import { describe, expect, it } from 'vitest';
import { wrongIn } from './newcase.svelte';

const typed = { vehicle: 'Osier cart', complaint: 'cranks slowly', celsius: '20' };

describe('a new case', () => {
	it('asks for a temperature that is not typed instead of taking it for zero', () => {
		expect(wrongIn({ ...typed, celsius: ' ' })).toEqual({ celsius: 'How warm is it, in °C?' });
		expect(wrongIn({ ...typed, celsius: '0' })).toEqual({});
		expect(wrongIn({ ...typed, celsius: '−5,5' })).toEqual({});
	});

	it('says at its field what would be right', () => {
		expect(Object.keys(wrongIn({ vehicle: ' ', complaint: '', celsius: 'abc' }))).toEqual([
			'vehicle',
			'complaint',
			'celsius'
		]);
		expect(wrongIn({ ...typed, celsius: '200' }).celsius).toBe('Between −50 and 60 °C.');
	});
});
