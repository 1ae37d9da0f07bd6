/** How a cell of the run sheet stands, as a shape and as a word. */
export const SIGN = { DUE: '', GOOD: '✓', PARTED: '!', BAD: '✕', NEUTRAL: '' } as const;
export const WORDS = { DUE: 'due', GOOD: 'good', PARTED: 'schools part', BAD: 'bad', NEUTRAL: '' } as const;
