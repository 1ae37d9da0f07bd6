import type { Condition, NewReading } from '../api/client';
import { bumpsOf, parseTyped } from '../format/typed';
import { STILL } from '../format/words';

/** What has been entered but not saved; kept in the browser with every keystroke. */
export type Draft = {
	text: string;
	amps: string;
	/** The condition in which that current flowed; in another one it says nothing. */
	ampsIn?: Condition;
	range?: NewReading['range'];
	/** Which value of a moving display is typed; the settled one unless said. */
	statistic?: NewReading['statistic'];
	/** The range the technician's own meter stands on; none if it ranges by itself. */
	meter?: NewReading['range'];
	/** How the current is measured, if not by a zeroed clamp that shows amperes in its usual place. */
	ammeter?: NewReading['ammeter'];
	simulated?: boolean;
	/** The saved reading that this one takes the place of, and when that was taken. */
	correcting?: { id: string; shown: string; takenAtMs: number };
	/** The technician's own choice of points and condition, if any. */
	red?: string;
	black?: string;
	condition?: Condition;
};

/** More than so many of one reading nobody takes. */
const MOST_BUMPS = 5;

const EMPTY: Draft = { text: '', amps: '' };

/** The draft of one case's next reading, in the browser's storage with every keystroke. */
export class KeptDraft {
	#now = $state.raw<Draft>(EMPTY);

	constructor(
		private readonly storage: Storage,
		private readonly key: string
	) {
		this.#now = (JSON.parse(storage.getItem(key) ?? 'null') as Draft | null) ?? EMPTY;
	}

	get now(): Draft {
		return this.#now;
	}

	edit(change: Partial<Draft>): void {
		this.#keep({ ...this.#now, ...change });
	}

	/** Begins a fresh one; the technician's instruments stay as they are set. */
	renew(change: Partial<Draft>): void {
		this.#keep({ ...EMPTY, meter: this.#now.meter, ammeter: this.#now.ammeter, ...change });
	}

	/** What is saved of it, as read at these leads; a current goes with how it was measured. @param typed one bump of it */
	reading(
		typed: string,
		leads: Pick<NewReading, 'red' | 'black' | 'condition'>,
		statistic: NewReading['statistic'],
		amps: number | undefined
	): Omit<NewReading, 'by' | 'takenAtMs'> {
		const { ammeter, simulated, range, meter } = this.#now;
		return {
			...leads,
			typed,
			statistic,
			amps,
			ammeter: amps === undefined ? undefined : ammeter,
			range: simulated ? range : meter,
			source: simulated ? 'SIMULATED' : 'TYPED'
		};
	}

	#keep(draft: Draft): void {
		this.#now = draft;
		this.storage.setItem(this.key, JSON.stringify(draft));
	}
}

/** A current as typed, in what the instrument shows; undefined where none flows or none is typed, null if it is no number. */
export function ampsTyped(text: string, condition: Condition): number | undefined | null {
	const plain = text
		.trim()
		.replace(',', '.')
		.replace(/\s*(a|mv)$/i, '');
	if (plain === '' || STILL.has(condition)) return undefined;
	const value = Number(plain);
	return Number.isFinite(value) ? value : null;
}

/** Why an entry cannot be saved as it is typed; empty if it can. */
export function wrongWith(text: string, amps: string, condition: Condition): string {
	const bumps = bumpsOf(text);
	if (bumps.length > MOST_BUMPS)
		return `${MOST_BUMPS} bumps at most go into one entry, such as 0.31 0.29 0.30.`;
	const bad = bumps.find((bump) => !parseTyped(bump));
	if (bad && bumps.length > 1) return `${bad} is not a voltage: type bumps such as 0.31 0.29 0.30.`;
	if (bad !== undefined) return 'Type what the meter shows, such as 0.27 or 270 mV.';
	return ampsTyped(amps, condition) === null
		? `The current (${amps}) is not a number of amperes, such as 131.`
		: '';
}
