import { scaleLinear } from 'd3-scale';

/** Where values stand on a drawing, in pixels, with round ticks. */
export type Scale = { of: (value: number) => number; low: number; high: number; ticks: number[] };

/** A scale whose ends are round numbers that hold all values. @param count about how many ticks */
export function roundScale(values: number[], pixels: [number, number], count: number): Scale {
	const low = values.length > 0 ? Math.min(...values) : 0;
	const high = Math.max(low, ...values);
	const scale = scaleLinear()
		.domain(high > low ? [low, high] : [low, low + LEAST_SPAN])
		.nice(count)
		.range(pixels);
	const [first = 0, last = 0] = scale.domain();
	return { of: (value) => scale(value), low: first, high: last, ticks: scale.ticks(count) };
}

/** One value alone stands on an axis of this length. */
const LEAST_SPAN = 0.1;

/** Round values from nought to a full scale, about so many. */
export function ticksTo(fullScale: number, count: number): number[] {
	return scaleLinear().domain([0, fullScale]).ticks(count);
}
