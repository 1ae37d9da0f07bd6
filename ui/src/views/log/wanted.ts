import type { LogState } from '../../lib/api/client';

/** What is looked for in the log; it stands in the address, so that a link shows the same. */
export type Wanted = {
	words: string;
	state: LogState;
	concern: '' | 'STARTING' | 'CHARGING';
	/** Sort of vehicle. */
	sort: string;
	/** Kind of the part whose repair was verified. */
	found: string;
	from: string;
	until: string;
};

export const ALL: Wanted = { words: '', state: 'ALL', concern: '', sort: '', found: '', from: '', until: '' };

/** A search as its address has it. */
export function wantedIn(query: string | undefined): Wanted {
	const given = new URLSearchParams(query ?? '');
	const wanted = { ...ALL };
	for (const name of Object.keys(ALL) as (keyof Wanted)[]) {
		const value = given.get(name);
		if (value !== null) Object.assign(wanted, { [name]: value });
	}
	return wanted;
}

/** What of a search is not the usual, for its address. */
export function queryOf(wanted: Wanted): string {
	const said = Object.entries(wanted).filter(([name, value]) => value !== ALL[name as keyof Wanted]);
	return new URLSearchParams(said).toString();
}

/** The search as the server takes it: days from their first to their last moment, by this device's clock. */
export function asked(wanted: Wanted): Record<string, string> {
	const from = dayStart(wanted.from, 0);
	const until = dayStart(wanted.until, 1);
	return Object.fromEntries(
		Object.entries({
			words: wanted.words,
			state: wanted.state,
			concern: wanted.concern,
			sort: wanted.sort,
			found: wanted.found,
			fromMs: from,
			untilMs: until
		}).filter(([, value]) => value !== '')
	);
}

function dayStart(day: string, later: number): string {
	const [year, month, date] = day.split('-').map(Number);
	if (!year || !month || !date) return '';
	return String(new Date(year, month - 1, date + later).getTime());
}
