import { describe, expect, it } from 'vitest';
import type { SeatView } from '../api/client';
import { faceOf } from './face';

const crank: SeatView = {
	nowMs: 100_000,
	joined: true,
	order: 'CRANK',
	headline: 'CRANK',
	words: 'Turn the key.',
	orderId: '00000000-0000-4000-8000-000000000001',
	running: false,
	untilMs: 110_000,
	why: '',
	vehicle: 'Osier cart',
	reading: ''
};

describe("the seat's face", () => {
	it('asks for an answer while the order lives', () => {
		expect(faceOf(crank, 0)).toMatchObject({ headline: 'CRANK', asks: true, seconds: 10 });
		expect(faceOf({ ...crank, running: true, untilMs: 105_000 }, 1200)).toMatchObject({
			asks: false,
			seconds: 4
		});
	});

	it('is STOP without a beat for two and a half seconds, whatever was ordered', () => {
		expect(faceOf(crank, 2500)).toMatchObject({ order: 'CRANK' });
		expect(faceOf(crank, 2501)).toMatchObject({ order: 'STOP', lost: true });
		expect(faceOf(crank, 0, 2501)).toMatchObject({ order: 'STOP', lost: true });
		expect(faceOf(null, 0)).toMatchObject({ order: 'STOP', lost: true });
	});

	it('is STOP at the end of an order, before the next beat says so', () => {
		const ending = { ...crank, running: true, untilMs: 101_000 };
		expect(faceOf(ending, 999)).toMatchObject({ order: 'CRANK', seconds: 1 });
		expect(faceOf(ending, 1000)).toMatchObject({ order: 'STOP', words: 'The time is up.', lost: false });
	});

	it('runs on the server’s clock: what the device’s own says does not matter', () => {
		const elsewhere = { ...crank, nowMs: 0, untilMs: 10_000 };
		expect(faceOf(elsewhere, 2000)).toMatchObject({ seconds: 8 });
	});

	it('holds without an end until the next order', () => {
		const hold: SeatView = {
			...crank,
			order: 'HOLD',
			headline: 'HOLD 2000',
			running: true,
			untilMs: undefined
		};
		expect(faceOf(hold, 2000)).toMatchObject({ headline: 'HOLD 2000', seconds: null, asks: false });
	});
});
