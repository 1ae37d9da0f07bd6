/** Cross-sections of cable, in m² inside, in mm² or American gauge for people. */

/** Usual cross-sections in mm². */
export const STANDARD_AREAS = [0.5, 0.75, 1, 1.5, 2.5, 4, 6, 10, 16, 25, 35, 50, 70, 95, 120];
const GAUGES = [20, 18, 16, 14, 12, 10, 8, 6, 4, 2, 1, 0, -1, -2, -3];

export type AreaUnit = 'mm2' | 'awg';

/** Cross-section of gauge n in m²; 1/0 is 0, 2/0 is −1: d = 0.127 mm · 92^((36 − n) / 39). */
export function gaugeArea(n: number): number {
	const diameter = 0.127e-3 * Math.pow(92, (36 - n) / 39);
	return (Math.PI * diameter * diameter) / 4;
}

export function gaugeName(n: number): string {
	return n > 0 ? `AWG ${n}` : `AWG ${1 - n}/0`;
}

/** "35 mm²", "AWG 2", or the area itself where no gauge is near. */
export function areaWords(squareMetres: number, unit: AreaUnit): string {
	const n = GAUGES.find((g) => Math.abs(gaugeArea(g) / squareMetres - 1) < 0.01);
	if (unit === 'awg' && n !== undefined) return gaugeName(n);
	const square = squareMetres * 1e6;
	return `${Number(square.toPrecision(3))} mm²`;
}

/** What a list of sizes offers, the present size among them. */
export function areaChoices(
	presentSquareMetres: number,
	unit: AreaUnit
): { squareMetres: number; words: string }[] {
	const areas = unit === 'mm2' ? STANDARD_AREAS.map((a) => a * 1e-6) : GAUGES.map(gaugeArea);
	const near = areas.some((a) => Math.abs(a / presentSquareMetres - 1) < 0.001);
	return [
		...areas.filter((a) => Math.abs(a / presentSquareMetres - 1) >= 0.001 || !near),
		presentSquareMetres
	]
		.filter((a, i, all) => all.indexOf(a) === i)
		.sort((a, b) => a - b)
		.map((squareMetres) => ({ squareMetres, words: areaWords(squareMetres, unit) }));
}
