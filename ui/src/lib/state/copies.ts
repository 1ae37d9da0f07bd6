import type { CaseView } from '../api/client';

/** The last cases that were seen, kept in the browser for a reload without a connection. */
const MOST = 3;

type Copy = { id: string; atMs: number; view: CaseView };

export class Copies {
	#key: string;

	constructor(
		database: string,
		private readonly storage: Storage
	) {
		this.#key = `dantro:${database}:copies`;
	}

	/** Keeps what a case shows now; if the browser has no room for copies, there are none. */
	keep(view: CaseView, atMs: number): void {
		const others = this.#all().filter((c) => c.id !== view.id);
		try {
			this.storage.setItem(
				this.#key,
				JSON.stringify([{ id: view.id, atMs, view }, ...others].slice(0, MOST))
			);
		} catch {
			this.storage.removeItem(this.#key);
		}
	}

	of(id: string): Copy | undefined {
		return this.#all().find((c) => c.id === id);
	}

	#all(): Copy[] {
		return JSON.parse(this.storage.getItem(this.#key) ?? '[]') as Copy[];
	}
}
