import { describe, expect, it } from 'vitest';
import { fitted } from './photo';

describe('a picture before it is sent', () => {
	it('is made small with its shape kept', () => {
		expect(fitted(4000, 3000)).toEqual([1280, 960]);
		expect(fitted(3000, 4000)).toEqual([960, 1280]);
	});

	it('is never made larger, and never nothing', () => {
		expect(fitted(640, 480)).toEqual([640, 480]);
		expect(fitted(20000, 3)).toEqual([1280, 1]);
	});
});
