import { describe, expect, it } from 'vitest';
import type { ProfileSide } from '../api/client';
import { drawnVolts, fullScaleVolts, layOut, levels } from './geometry';

const frame = { width: 500, height: 200, left: 20, right: 20, top: 20, bottom: 20 };

function side(kind: 'SUPPLY' | 'RETURN', drops: number[]): ProfileSide {
	return {
		side: kind,
		points: Array.from({ length: drops.length + 1 }, (_, i) => ({
			id: `p${i}`,
			name: `p${i}`,
			label: `p${i}`,
			placing: 'there'
		})),
		steps: drops.map((volts, i) => ({
			part: `part${i}`,
			name: `part ${i}`,
			measured: true,
			volts,
			lowVolts: volts / 2,
			highVolts: volts * 2,
			healthyVolts: 0.02,
			healthyUpperVolts: 0.06,
			standing: 'NOT_PROVEN'
		})),
		healthyLowVolts: 0.1,
		healthyUpperVolts: 0.3
	};
}

describe('loop profile geometry', () => {
	it('keeps a current that flows the other way on the band', () => {
		const supply = layOut(side('SUPPLY', [-0.05, -0.05, 0.02]), frame, 0.2);
		const returns = layOut(side('RETURN', [0.02, -0.05, -0.05]), frame, 0.2);
		// 0.2 V over 160 pixels: 0.1 V the other way moves the zero line by 80.
		expect(supply.points.map((p) => p.y)).toEqual([100, 60, 20, 36].map((y) => expect.closeTo(y)));
		expect(Math.max(...returns.points.map((p) => p.y))).toBeCloseTo(180);
	});

	it('keeps inside the band whatever was typed, and says so', () => {
		for (const kind of ['SUPPLY', 'RETURN'] as const) {
			const band = layOut(side(kind, [-14.2, 0.02, -3]), frame, 0.2);
			expect(Math.min(...band.points.map((p) => p.y))).toBeGreaterThanOrEqual(frame.top - 6);
			expect(Math.max(...band.points.map((p) => p.y))).toBeLessThanOrEqual(frame.height - frame.bottom + 6);
			expect(band.beyond).toBe(true);
		}
		expect(layOut(side('SUPPLY', [0.1, 0.05]), frame, 0.2).beyond).toBe(false);
	});

	it('steps down on the supply side and down to zero on the return side', () => {
		expect(levels(side('SUPPLY', [0.1, 0.2]), (i) => [0.1, 0.2][i] ?? 0)).toEqual([
			0,
			0.1,
			expect.closeTo(0.3)
		]);
		expect(levels(side('RETURN', [0.1, 0.2]), (i) => [0.1, 0.2][i] ?? 0)).toEqual([
			expect.closeTo(0.3),
			expect.closeTo(0.2),
			0
		]);
	});

	it('gives both bands the same volts per pixel, so that equal drops are equally high', () => {
		const supply = side('SUPPLY', [0.1, 0.05]);
		const returns = side('RETURN', [0.1, 2.0]);
		const scale = fullScaleVolts([supply, returns]);
		expect(scale).toBeCloseTo(2.1);
		const a = layOut(supply, frame, scale).steps[0];
		const b = layOut(returns, frame, scale).steps[0];
		expect((a?.yTo ?? 0) - (a?.yFrom ?? 0)).toBeCloseTo((b?.yTo ?? 0) - (b?.yFrom ?? 0));
	});

	it('lets the largest loss fill its band and nothing leave it', () => {
		const returns = side('RETURN', [0.1, 2.0]);
		const band = layOut(returns, frame, fullScaleVolts([returns]));
		expect(band.points[0]?.y).toBeCloseTo(20);
		expect(band.points.at(-1)?.y).toBeCloseTo(180);
		for (const step of band.steps) {
			expect(step.bandTo).toBeLessThanOrEqual(180.0001);
			expect(step.bandFrom).toBeGreaterThanOrEqual(19.9999);
		}
	});

	it('keeps thirty points in order and inside', () => {
		const xs = layOut(side('SUPPLY', Array(29).fill(0.01)), frame, 0.3).points.map((p) => p.x);
		expect(xs).toEqual([...xs].sort((a, b) => a - b));
		expect(xs.at(-1)).toBeCloseTo(480);
		expect(drawnVolts(side('SUPPLY', Array(29).fill(0.01)))).toBeCloseTo(0.29);
	});
});
