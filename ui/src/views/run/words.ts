/** How a cell of the run sheet stands, as a shape and as a word. */
export const SIGN = { DUE: '', GOOD: '✓', PARTED: '!', BAD: '✕', NEUTRAL: '' } as const;
export const WORDS = { DUE: 'due', GOOD: 'good', PARTED: 'schools part', BAD: 'bad', NEUTRAL: '' } as const;

/** Rows in the order they were shown in before, new ones behind them. */
export function inOrder<T extends { caseId: string }>(rows: T[], order: string[]): T[] {
	const place = (row: T): number => (order.includes(row.caseId) ? order.indexOf(row.caseId) : order.length);
	return [...rows].sort((a, b) => place(a) - place(b));
}
