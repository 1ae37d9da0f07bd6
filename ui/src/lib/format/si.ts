/** Writes SI values for people. The only place that picks prefixes. */

const MINUS = '−';

function fixed(value: number, digits: number): string {
	const text = value.toFixed(digits);
	const zero = Number(text) === 0;
	return text.startsWith('-') ? (zero ? text.slice(1) : MINUS + text.slice(1)) : text;
}

/** Volts of an estimate: "2.75", "0.18", "0.012". */
export function volts(value: number): string {
	return fixed(value, Math.abs(value) < 0.0995 ? 3 : 2);
}

/** Volts with the digits of the meter's last digit. */
export function voltsAt(value: number, resolutionVolts: number): string {
	const digits = Math.min(4, Math.max(0, Math.round(-Math.log10(resolutionVolts))));
	return fixed(value, digits);
}

/** "131 A", "7.4 A". */
export function amps(value: number): string {
	return `${fixed(value, Math.abs(value) < 9.95 ? 1 : 0)} A`;
}

/** Ohms as milliohms with two to three digits: "0.15 mΩ", "20.4 mΩ", "150 mΩ". */
export function milliohms(ohms: number): string {
	const milli = ohms * 1e3;
	const size = Math.abs(milli);
	return `${fixed(milli, size < 0.995 ? 2 : size < 99.95 ? 1 : 0)} mΩ`;
}

/** A probability: "63 %", "over 99 %", "under 1 %". */
export function percent(probability: number): string {
	if (probability > 0.99) return 'over 99 %';
	if (probability < 0.01) return 'under 1 %';
	return `${Math.round(100 * probability)} %`;
}

/** Ohms with their prefix: "0.15 mΩ", "2.2 Ω", "open". */
export function ohms(value: number): string {
	if (value >= 1000) return 'open';
	return value >= 1 ? `${fixed(value, value < 9.95 ? 1 : 0)} Ω` : milliohms(value);
}
