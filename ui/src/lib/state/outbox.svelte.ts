import type { CaseView } from '../api/client';
import { send } from '../api/send';
import type { Kept } from '../device/kept';

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
	/** What the browser had no room for; it lives as long as the page. */
	#unkept: Letter[] = [];

	constructor(
		private readonly kept: Promise<Kept>,
		private readonly fetcher: typeof fetch,
		private readonly onoutcome: (outcome: Outcome) => void
	) {
		void this.#look();
	}

	get letters(): Letter[] {
		return this.#letters;
	}

	/** True while the server cannot be reached. */
	get stuck(): boolean {
		return this.#stuck;
	}

	/** Keeps a write and sends it; false if it is not kept beyond this page. */
	async add(letter: Letter): Promise<boolean> {
		const plain = JSON.parse(JSON.stringify(letter)) as Letter;
		this.#letters = [...this.#letters, plain];
		let kept = true;
		try {
			await (await this.kept).add(plain);
		} catch (full) {
			console.info('Not kept beyond this page:', full);
			this.#unkept.push(plain);
			kept = false;
		}
		await this.flush();
		return kept;
	}

	/** Sends what waits; safe to call at any time. */
	async flush(): Promise<void> {
		if (this.#sending) return;
		this.#sending = true;
		try {
			for (let next = (await this.#look())[0]; next; next = (await this.#look())[0]) {
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
		const sent = await send<CaseView>(letter.path, letter.body, this.fetcher);
		if (sent.kind === 'lost') return false;
		await (await this.kept).remove(letter.id);
		this.#unkept = this.#unkept.filter((l) => l.id !== letter.id);
		await this.#look();
		this.onoutcome(sent.kind === 'done' ? { letter, view: sent.data } : { letter, refused: sent.reason });
		return true;
	}

	/** What waits, other tabs' letters too. */
	async #look(): Promise<Letter[]> {
		this.#letters = [...(await (await this.kept).letters()), ...this.#unkept];
		return this.#letters;
	}
}
