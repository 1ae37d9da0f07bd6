import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { CaseView } from '../api/client';
import type { Letter } from '../state/outbox.svelte';

/** What a case showed at a moment. */
export type Copy = { id: string; atMs: number; view: CaseView };

/** What this browser keeps for one database of the workshop: writes on their way, and the cases seen last. */
export interface Kept {
	/** The oldest first. */
	letters(): Promise<Letter[]>;
	/** Fails if the browser has no room. */
	add(letter: Letter): Promise<void>;
	remove(letterId: string): Promise<void>;
	/** Keeps a copy, and no more than the last few; without room for copies there are none. */
	keep(copy: Copy): Promise<void>;
	copy(caseId: string): Promise<Copy | undefined>;
}

/** How many cases are kept for a reload without a connection. */
const MOST_COPIES = 3;

interface Tables extends DBSchema {
	letters: { key: number; value: { database: string; letter: Letter }; indexes: { database: string } };
	copies: { key: [string, string]; value: Copy & { database: string }; indexes: { database: string } };
}

/** In the browser's own database: pictures and long days fit, and it outlives the page. */
export class KeptInBrowser implements Kept {
	constructor(
		private readonly database: string,
		private readonly tables: IDBPDatabase<Tables>
	) {}

	async letters(): Promise<Letter[]> {
		return (await this.tables.getAllFromIndex('letters', 'database', this.database)).map((l) => l.letter);
	}

	async add(letter: Letter): Promise<void> {
		await this.tables.add('letters', { database: this.database, letter });
	}

	async remove(letterId: string): Promise<void> {
		const change = this.tables.transaction('letters', 'readwrite');
		for (
			let at = await change.store.index('database').openCursor(this.database);
			at;
			at = await at.continue()
		) {
			if (at.value.letter.id === letterId) await at.delete();
		}
		await change.done;
	}

	async keep(copy: Copy): Promise<void> {
		try {
			const change = this.tables.transaction('copies', 'readwrite');
			await change.store.put({ ...copy, database: this.database });
			const all = await change.store.index('database').getAll(this.database);
			const old = all.sort((a, b) => b.atMs - a.atMs).slice(MOST_COPIES);
			await Promise.all(old.map((c) => change.store.delete([this.database, c.id])));
			await change.done;
		} catch (full) {
			// Room is left to what is typed.
			console.info('No copy is kept:', full);
			await this.tables.clear('copies');
		}
	}

	async copy(caseId: string): Promise<Copy | undefined> {
		return this.tables.get('copies', [this.database, caseId]);
	}
}

/** As long as the page lives: where a browser has no database of its own, such as in some private windows. */
export class KeptInPage implements Kept {
	#letters: Letter[] = [];
	#copies: Copy[] = [];

	letters(): Promise<Letter[]> {
		return Promise.resolve([...this.#letters]);
	}

	add(letter: Letter): Promise<void> {
		this.#letters.push(letter);
		return Promise.resolve();
	}

	remove(letterId: string): Promise<void> {
		this.#letters = this.#letters.filter((l) => l.id !== letterId);
		return Promise.resolve();
	}

	keep(copy: Copy): Promise<void> {
		this.#copies = [copy, ...this.#copies.filter((c) => c.id !== copy.id)].slice(0, MOST_COPIES);
		return Promise.resolve();
	}

	copy(caseId: string): Promise<Copy | undefined> {
		return Promise.resolve(this.#copies.find((c) => c.id === caseId));
	}
}

/** What an earlier version kept in the browser's small store is taken over; nothing on its way is lost. */
async function takeOver(kept: Kept, database: string, storage: Storage): Promise<void> {
	const key = `dantro:${database}:outbox`;
	const letters = JSON.parse(storage.getItem(key) ?? '[]') as Letter[];
	for (const letter of letters) await kept.add(letter);
	storage.removeItem(key);
	storage.removeItem(`dantro:${database}:copies`);
}

const opened = new Map<string, Promise<Kept>>();

/** What is kept for a database; one for the whole page. */
export function keptFor(database: string, storage: Storage = window.localStorage): Promise<Kept> {
	const known = opened.get(database);
	if (known) return known;
	const opening = open(database, storage);
	opened.set(database, opening);
	return opening;
}

async function open(database: string, storage: Storage): Promise<Kept> {
	try {
		const tables = await openDB<Tables>('dantro', 1, {
			upgrade(fresh) {
				fresh.createObjectStore('letters', { autoIncrement: true }).createIndex('database', 'database');
				fresh
					.createObjectStore('copies', { keyPath: ['database', 'id'] })
					.createIndex('database', 'database');
			}
		});
		const kept = new KeptInBrowser(database, tables);
		await takeOver(kept, database, storage);
		return kept;
	} catch (refused) {
		console.info('This browser keeps nothing beyond the page:', refused);
		const kept = new KeptInPage();
		await takeOver(kept, database, storage);
		return kept;
	}
}
