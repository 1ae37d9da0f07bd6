/** The preview of a typed reading; the server decides, both are held to the same table. */

const FORM = /^([+\-−]?)(\d*)(?:[.,](\d*))?\s*(mv|m|v)?$/i;
const MOST_CHARACTERS = 24;
const MOST_VOLTS = 200;

export type Typed = { volts: number; resolutionVolts: number };

/** Several bumps of one reading, typed one after the other: "0.31 0.29 0.30"; a unit belongs to the figure before it. */
export function bumpsOf(text: string): string[] {
	return text.trim().split(/\s+(?=[+\-−.,\d])/);
}

/** Volts and last digit of a typed text, or null while it is no voltage. */
export function parseTyped(text: string): Typed | null {
	const clean = text.trim();
	const form = clean.length <= MOST_CHARACTERS ? FORM.exec(clean) : null;
	const digits = (form?.[2] ?? '') + (form?.[3] ?? '');
	if (!form || digits === '') return null;
	const milli = /^m/i.test(form[4] ?? '');
	const step = Math.pow(10, -(form[3]?.length ?? 0)) * (milli ? 1e-3 : 1);
	const size = Number(`${form[2] || '0'}.${form[3] || '0'}`) * (milli ? 1e-3 : 1);
	if (size > MOST_VOLTS) return null;
	const sign = form[1] === '-' || form[1] === '−' ? -1 : 1;
	return { volts: sign * size || 0, resolutionVolts: step };
}
