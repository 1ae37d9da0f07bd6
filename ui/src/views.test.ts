import { describe, expect, it } from 'vitest';
import { caseIn, hrefOf, keyed, viewAt, VIEWS } from './views';

describe('the list of views', () => {
	it('finds the view at a location', () => {
		expect(viewAt('/').name).toBe('Bay');
		expect(viewAt('/case/4711').name).toBe('Workbench');
		expect(viewAt('/case/4711/limits').name).toBe('Limits');
		expect(viewAt('/pair/123456').name).toBe('Join');
		expect(viewAt('/pair/123456/4711').name).toBe('Join');
		expect(viewAt('/case/4711/nonsense').name).toBe('Nothing here');
		expect(viewAt('/case/').name).toBe('Nothing here');
	});

	it('knows the case of a location', () => {
		expect(caseIn('/case/4711/proof')).toBe('4711');
		expect(caseIn('/settings')).toBeUndefined();
	});

	it('gives every view that a letter opens one of its own', () => {
		const letters = keyed('4711').map((v) => v.key);
		expect(new Set(letters).size).toBe(letters.length);
		expect(keyed(undefined).map((v) => v.name)).toEqual(['Bay', 'Log', 'Due']);
	});

	it('links to the case at hand', () => {
		const proof = VIEWS.find((v) => v.name === 'Proof');
		expect(proof && hrefOf(proof, '4711')).toBe('#/case/4711/proof');
	});
});
