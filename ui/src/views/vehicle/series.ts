import { scaleTime } from 'd3-scale';
import { roundScale, type Scale } from '../../lib/plot/scale';

/** A value of one visit, with the interval that the reading leaves open. */
export type Dot = { caseId: string; atMs: number; value: number; low: number; high: number };

export const HEIGHT = 190;
const LEFT = 52;
const RIGHT = 12;
const TOP = 10;
const BOTTOM = 28;
const DAY_MS = 86_400_000;
/** A value that is so many times the others' bound stands at the edge, with its number. */
const FAR = 2.5;
/** Volts that differ by a digit are not drawn as a cliff. */
const LEAST_HALF = 0.4;
const TICK_PIXELS = 110;

export type Drawn = {
	x: (atMs: number) => number;
	y: Scale;
	years: { at: number; words: string }[];
	bottom: number;
	left: number;
	right: number;
	/** True for a value that is far above all that is drawn: it stands at the upper edge. */
	beyond: (value: number) => boolean;
};

/** Where the values of the visits stand. @param width in pixels @param band of healthy parts, if there is one */
export function drawn(dots: Dot[], width: number, band?: { low: number; high: number }): Drawn {
	const times = dots.map((d) => d.atMs);
	const first = Math.min(...times) - 20 * DAY_MS;
	const last = Math.max(...times) + 20 * DAY_MS;
	const time = scaleTime()
		.domain([first, last])
		.range([LEFT, width - RIGHT]);
	const most = band ? band.high * FAR : Number.POSITIVE_INFINITY;
	const beyond = (value: number) => value > most;
	const values = dots.filter((d) => !beyond(d.value)).flatMap((d) => [d.low, d.high]);
	const middle = values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
	const all = band ? [...values, 0, band.high * 1.15] : [...values, middle - LEAST_HALF, middle + LEAST_HALF];
	const y = roundScale(all, [HEIGHT - BOTTOM, TOP], 4);
	const years = time
		.ticks(Math.max(2, Math.floor(width / TICK_PIXELS)))
		.map((tick) => ({ at: time(tick), words: tickWords(tick.getTime(), last - first) }));
	return {
		x: (atMs) => time(atMs),
		y,
		years,
		bottom: HEIGHT - BOTTOM,
		left: LEFT,
		right: width - RIGHT,
		beyond
	};
}

const MONTH = new Intl.DateTimeFormat('en-GB', { month: 'short', year: 'numeric' });
const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

function tickWords(atMs: number, spanMs: number): string {
	return spanMs > 120 * DAY_MS ? MONTH.format(atMs) : DAY.format(atMs);
}

/** Milliohms with the digits that mean something. */
export function milliohms(value: number): string {
	return value < 1 ? value.toFixed(2) : value < 100 ? value.toFixed(1) : value.toFixed(0);
}
