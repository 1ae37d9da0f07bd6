import type { ReadingRow } from '../api/client';
import type { Draft } from './draft.svelte';

/** A saved reading as it was entered, and what of it has to be typed again. */
export function correction(row: ReadingRow): { draft: Partial<Draft>; message: string } {
	const clamp = row.ampsKnownBy === undefined || row.ampsKnownBy === 'clamp';
	return {
		draft: {
			text: row.slip?.answer === 'MEANT' ? String(row.volts) : row.typed,
			amps: clamp && row.amps !== undefined ? String(row.amps) : '',
			ampsIn: row.condition,
			statistic: row.statistic,
			red: row.red,
			black: row.black,
			condition: row.condition,
			correcting: { id: row.id, shown: row.shown, takenAtMs: row.takenAtMs }
		},
		message: clamp ? '' : `Type the current again: it was known by ${row.ampsKnownBy}.`
	};
}
