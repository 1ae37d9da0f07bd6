import { problemText, type CaseView } from '../api/client';

/** A write on its way: kept in the browser until the server has confirmed or refused it. */
export type Letter = {
	id: string;
	caseId: string;
	path: string;
	body: unknown;
	/** What to show while it waits, such as "2.65 V". */
	label: string;
};

type Outcome = { letter: Letter; view: CaseView } | { letter: Letter; refused: string };

const RETRY_MILLIS = 3000;

/** Sends writes one after the other, in order, and keeps them over reloads, dead networks and closed tabs. */
export class Outbox {
	#letters = $state.raw<Letter[]>([]);
	#stuck = $state(false);
	#sending = false;
	#key: string;

	constructor(
		database: string,
		private readonly storage: Storage,
		private readonly send: typeof fetch,
		private readonly onoutcome: (outcome: Outcome) => void
	) {
		this.#key = `dantro:${database}:outbox`;
		this.#letters = this.#stored();
	}

	get letters(): Letter[] {
		return this.#letters;
	}

	/** True while the server cannot be reached. */
	get stuck(): boolean {
		return this.#stuck;
	}

	add(letter: Letter): Promise<void> {
		this.#store([...this.#stored(), letter]);
		return this.flush();
	}

	/** Sends what waits; safe to call at any time. */
	async flush(): Promise<void> {
		if (this.#sending) return;
		this.#sending = true;
		this.#letters = this.#stored();
		try {
			for (let next = this.#stored()[0]; next; next = this.#stored()[0]) {
				if (!(await this.#deliver(next))) {
					this.#stuck = true;
					setTimeout(() => this.flush(), RETRY_MILLIS);
					return;
				}
				this.#stuck = false;
			}
		} finally {
			this.#sending = false;
		}
	}

	/** True if the server answered, whatever it said; false if the letter must wait. */
	async #deliver(letter: Letter): Promise<boolean> {
		let response: Response;
		let answer: unknown;
		try {
			response = await this.send(letter.path, {
				method: 'PUT',
				headers: { 'Content-Type': 'application/json' },
				body: JSON.stringify(letter.body)
			});
			answer = await response.json();
		} catch {
			return false;
		}
		if (response.status >= 500) return false;
		this.#store(this.#stored().filter((l) => l.id !== letter.id));
		this.onoutcome(
			response.ok ? { letter, view: answer as CaseView } : { letter, refused: problemText(answer) }
		);
		return true;
	}

	#stored(): Letter[] {
		return JSON.parse(this.storage.getItem(this.#key) ?? '[]') as Letter[];
	}

	#store(letters: Letter[]): void {
		this.storage.setItem(this.#key, JSON.stringify(letters));
		this.#letters = letters;
	}
}
