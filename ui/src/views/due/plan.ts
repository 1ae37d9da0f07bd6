import type { DueLine } from '../../lib/api/client';

/** What is typed to put something on the list. */
export type Plan = { kind: 'RECHECK' | 'RUN_SHEET'; words: string; day: string; odometer: string };
export type Wrong = { words?: string; day?: string; odometer?: string };

/** A day as the server and a date field write it. */
export function isoDay(date: Date): string {
	const two = (n: number) => String(n).padStart(2, '0');
	return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

/** So many months after a day; of a month that has no such day, its last one. */
export function monthsOn(from: Date, months: number): string {
	const day = new Date(from.getFullYear(), from.getMonth() + months + 1, 0);
	day.setDate(Math.min(from.getDate(), day.getDate()));
	return isoDay(day);
}

/** What keeps a plan from being taken, field by field. */
export function wrongIn(plan: Plan): Wrong {
	const wrong: Wrong = {};
	if (!plan.words.trim()) wrong.words = 'Say what is to be done, such as: read the strap again.';
	if (!plan.day) wrong.day = 'Pick a day, or one of these.';
	if (plan.odometer.trim() && kmIn(plan.odometer) === undefined) {
		wrong.odometer = 'A number in km such as 105 000, or in miles such as 65 000 mi.';
	}
	return wrong;
}

const KM_PER_MILE = 1.609344;

/** An odometer as it is typed, in km: spaces and points between thousands, miles if it says so. */
export function kmIn(typed: string): number | undefined {
	const parts = /^(\d[\d .,]*?)\s*(km|mi|miles)?$/i.exec(typed.trim());
	const number = Number(parts?.[1]?.replace(/[ .,]/g, ''));
	if (!parts || !Number.isInteger(number) || number < 1) return undefined;
	return Math.round(parts[2]?.toLowerCase().startsWith('mi') ? number * KM_PER_MILE : number);
}

/** The lines by when: what is overdue, what comes within a month, and what is later. */
export function grouped(lines: DueLine[], today: Date): { title: string; lines: DueLine[] }[] {
	const month = monthsOn(today, 1);
	const groups = [
		{ title: 'Overdue', lines: lines.filter((l) => l.overdue) },
		{ title: 'Within a month', lines: lines.filter((l) => !l.overdue && l.day <= month) },
		{ title: 'Later', lines: lines.filter((l) => !l.overdue && l.day > month) }
	];
	return groups.filter((g) => g.lines.length > 0);
}
