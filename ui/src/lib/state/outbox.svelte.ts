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
/** How many of its letters a page knows again. */
const KNOWN = 50;

/** Sends writes one after the other, in order, and keeps them over reloads, dead networks and closed tabs. */
export class Outbox {
	#letters = $state.raw<Letter[]>([]);
	#stuck = $state<string | null>(null);
	#sending = false;
	/** What the browser had no room for; it lives as long as the page. */
	#unkept: Letter[] = [];
	/** Where this page's own letters went, the newest last. */
	#own: string[] = [];

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

	/** Why nothing goes out: nobody answers, or the server's own words; null while it goes. */
	get stuck(): string | null {
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
				this.#stuck = await this.#deliver(next);
				if (this.#stuck !== null) {
					setTimeout(() => this.flush(), RETRY_MILLIS);
					return;
				}
			}
		} finally {
			this.#sending = false;
		}
	}

	/** True for an entry that this page sends at the moment, or sent. */
	isOwn(entry: string): boolean {
		return this.#own.some((path) => path.includes(entry));
	}

	/** Null if the server took it or refused it; else why the letter must wait. */
	async #deliver(letter: Letter): Promise<string | null> {
		this.#own = [...this.#own, letter.path].slice(-KNOWN);
		const sent = await send<CaseView>(letter.path, letter.body, this.fetcher);
		if (sent.kind === 'lost') {
			this.#own = this.#own.filter((path) => path !== letter.path);
			return sent.why ?? 'No connection.';
		}
		await (await this.kept).remove(letter.id);
		this.#unkept = this.#unkept.filter((l) => l.id !== letter.id);
		await this.#look();
		this.onoutcome(sent.kind === 'done' ? { letter, view: sent.data } : { letter, refused: sent.reason });
		return null;
	}

	/** What waits, other tabs' letters too. */
	async #look(): Promise<Letter[]> {
		this.#letters = [...(await (await this.kept).letters()), ...this.#unkept];
		return this.#letters;
	}
}
