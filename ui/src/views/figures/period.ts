/** A period that the shop's figures are of. */
export type Period = 'ALL' | 'YEAR' | 'QUARTER' | 'MONTH' | 'LAST_YEAR';

export const PERIODS: readonly [Period, string][] = [
	['ALL', 'all there is'],
	['MONTH', 'the last 30 days'],
	['QUARTER', 'the last 90 days'],
	['YEAR', 'the last 365 days'],
	['LAST_YEAR', 'the calendar year before']
];
const DAY_MS = 86_400_000;
const DAYS: Partial<Record<Period, number>> = { MONTH: 30, QUARTER: 90, YEAR: 365 };

/** Its bounds as the server takes them; none where it has none. */
export function bounds(period: Period, now: number): { fromMs?: number; untilMs?: number } {
	const days = DAYS[period];
	if (days) return { fromMs: now - days * DAY_MS };
	if (period === 'ALL') return {};
	const year = new Date(now).getFullYear();
	return { fromMs: new Date(year - 1, 0, 1).getTime(), untilMs: new Date(year, 0, 1).getTime() };
}

/** "3 of 4 (75 %)"; a dash where there is nothing to share. */
export function share(part: number, whole: number): string {
	return whole === 0 ? '–' : `${part} of ${whole} (${Math.round((100 * part) / whole)}\u00a0%)`;
}

/** "2026-03" as "Mar 2026". */
export function monthWords(month: string): string {
	return new Intl.DateTimeFormat('en-GB', { month: 'short', year: 'numeric' }).format(
		new Date(`${month}-15T12:00:00`)
	);
}
