import type { ProfileSide } from '../api/client';

/** Where things go on one band of the loop profile. Pixels, y downwards; volts stay in the data. */

export type Frame = {
	width: number;
	height: number;
	left: number;
	right: number;
	top: number;
	bottom: number;
};

export type PlacedPoint = { id: string; x: number; y: number };
export type PlacedStep = {
	part: string;
	x: number;
	yFrom: number;
	yTo: number;
	/** 95 % band of an estimated step. */
	bandFrom: number;
	bandTo: number;
};
export type Band = {
	points: PlacedPoint[];
	steps: PlacedStep[];
	line: string;
	healthyLine: string;
	/** Where a level is drawn; nothing if it lies off the band. */
	yOf: (level: number) => number | undefined;
	/** True if some of it lies off the band and is drawn at its edge. */
	beyond: boolean;
};

const LEAST_VOLTS = 0.1;
/** How far a line may lie over the band's own edge, in pixels. */
const EDGE = 6;

/** What a side loses in all, as drawn. */
export function drawnVolts(side: ProfileSide): number {
	return side.steps.reduce((sum, s) => sum + s.volts, 0);
}

/** Volts that fill a band: the larger side's loss, or what a healthy side may lose. The same for both bands. */
export function fullScaleVolts(sides: ProfileSide[]): number {
	return Math.max(LEAST_VOLTS, ...sides.map(drawnVolts), ...sides.map((s) => s.healthyUpperVolts));
}

/** Levels at the points: volts lost so far on the supply side, volts still to climb down on the return side. */
export function levels(side: ProfileSide, voltsOf: (i: number) => number): number[] {
	const steps = side.steps.map((_, i) => voltsOf(i));
	const total = steps.reduce((a, b) => a + b, 0);
	let lost = 0;
	const lostAt = [0, ...steps.map((v) => (lost += v))];
	return side.side === 'SUPPLY' ? lostAt : lostAt.map((v) => total - v);
}

/** Lays out a band: points evenly spaced, each step a cliff halfway between its two points. */
export function layOut(side: ProfileSide, frame: Frame, fullScale: number): Band {
	const count = side.points.length;
	const span = frame.width - frame.left - frame.right;
	const pixelsPerVolt = (frame.height - frame.top - frame.bottom) / fullScale;
	const supply = side.side === 'SUPPLY';
	const at = levels(side, (i) => side.steps[i]?.volts ?? 0);
	// Current that flows the other way climbs over the zero line: the line moves, the volts per pixel stay.
	const room = frame.height - frame.top - frame.bottom;
	const zero = Math.min(room, Math.max(0, ...at.map((level) => -level)) * pixelsPerVolt);
	const anywhere = (level: number) =>
		supply
			? frame.top + zero + level * pixelsPerVolt
			: frame.height - frame.bottom - zero - level * pixelsPerVolt;
	const highest = frame.top - EDGE;
	const lowest = frame.height - frame.bottom + EDGE;
	const yOf = (level: number) => Math.min(lowest, Math.max(highest, anywhere(level)));
	const off = (level: number) => anywhere(level) < highest - 1 || anywhere(level) > lowest + 1;
	const towards = supply ? 1 : -1;
	const within = (level: number) => Math.min(fullScale, Math.max(0, level));
	const xOf = (i: number) => frame.left + (span * i) / (count - 1);
	const healthy = levels(side, (i) => side.steps[i]?.healthyVolts ?? 0);
	const points = side.points.map((p, i) => ({ id: p.id, x: xOf(i), y: yOf(at[i] ?? 0) }));
	const steps = side.steps.map((s, i) => {
		const from = at[i] ?? 0;
		return {
			part: s.part,
			x: (xOf(i) + xOf(i + 1)) / 2,
			yFrom: yOf(from),
			yTo: yOf(at[i + 1] ?? 0),
			bandFrom: yOf(within(from + towards * s.lowVolts)),
			bandTo: yOf(within(from + towards * s.highVolts))
		};
	});
	return {
		points,
		steps,
		line: stair(
			points.map((p) => p.x),
			at.map(yOf)
		),
		healthyLine: stair(
			points.map((p) => p.x),
			healthy.map(yOf)
		),
		yOf: (level) => (off(level) ? undefined : anywhere(level)),
		beyond: at.some(off)
	};
}

/** A stair through the levels, each riser halfway. */
function stair(xs: number[], ys: number[]): string {
	return xs
		.map((x, i) => {
			if (i === 0) return `M${round(x)} ${round(ys[0] ?? 0)}`;
			return `H${round((x + (xs[i - 1] ?? x)) / 2)}V${round(ys[i] ?? 0)}H${round(x)}`;
		})
		.join('');
}

function round(value: number): number {
	return Math.round(value * 10) / 10;
}
