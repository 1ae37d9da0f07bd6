const STEPS = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500];
const MOST_TICKS = 7;

export type Axis = { low: number; high: number; ticks: number[] };

/** An axis with round ticks that holds all values; it begins at a value or, from infinity, near the least. */
export function axis(from: number, values: number[]): Axis {
	const least = Math.min(from, ...values);
	const low = Number.isFinite(least) ? least : 0;
	const high = Math.max(low, ...values);
	const step = STEPS.find((s) => (high - low) / s <= MOST_TICKS - 1) ?? 1000;
	const first = Math.floor(low / step + 1e-9);
	const last = Math.max(first + 1, Math.ceil(high / step - 1e-9));
	const ticks = Array.from({ length: last - first + 1 }, (_, i) => round((first + i) * step));
	return { low: round(first * step), high: round(last * step), ticks };
}

const round = (value: number) => Math.round(value * 1000) / 1000;
