import { createContext } from 'svelte';
import { api, type Me } from '../api/client';
import { deviceName } from './ids';

export type Theme = 'day' | 'bay';

/** With the device's own name it fits into what a signature holds. */
export const LONGEST_NAME = 34;

/** What every view shares: which database answers, who this device is, which theme is on. */
export class AppState {
	#database = $state('');
	#damage = $state('');
	#theme = $state<Theme>('day');
	#me = $state.raw<Me | null>(null);
	#tones = $state(true);
	#speech = $state(false);
	#keys = $state.raw<readonly [string, string][]>([]);
	/** True while the keys of the view are on show. */
	help = $state(false);
	#person = $state('');
	#learning = $state(false);
	readonly #deviceName: string;

	constructor(private readonly storage: Storage) {
		this.#deviceName = deviceName(storage);
		this.#person = (storage.getItem('dantro:person') ?? '').slice(0, LONGEST_NAME);
		this.#learning = storage.getItem('dantro:learning') === 'yes';
		this.#tones = storage.getItem('dantro:tones') !== 'off';
		this.#speech = storage.getItem('dantro:speech') === 'on';
		this.#theme = storage.getItem('dantro:theme') === 'bay' ? 'bay' : 'day';
	}

	/** What this device signs with: whoever works on it, and the device itself. */
	get device(): string {
		const learning = this.#learning ? ', learning' : '';
		return this.#person === '' ? this.#deviceName : `${this.#person}${learning} (${this.#deviceName})`;
	}
	/** Name or initials of whoever works on this device; it says who, and keeps nobody out. */
	get person(): string {
		return this.#person;
	}
	/** Whether that person is learning: what they enter is marked so. */
	get learning(): boolean {
		return this.#learning;
	}
	set learning(learns: boolean) {
		this.#learning = learns;
		this.storage.setItem('dantro:learning', learns ? 'yes' : '');
	}
	set person(name: string) {
		this.#person = name.trim().slice(0, LONGEST_NAME);
		this.storage.setItem('dantro:person', this.#person);
	}
	/** A tone for every reading that is saved or asked about. */
	get tones(): boolean {
		return this.#tones;
	}
	set tones(on: boolean) {
		this.#tones = on;
		this.storage.setItem('dantro:tones', on ? 'on' : 'off');
	}
	/** The next step and what was saved, spoken by the browser's own voice. */
	get speech(): boolean {
		return this.#speech;
	}
	set speech(on: boolean) {
		this.#speech = on;
		this.storage.setItem('dantro:speech', on ? 'on' : 'off');
	}

	get database(): string {
		return this.#database;
	}
	/** What this device may do; null while the server has not said. */
	/** What is wrong with the database, and what to do; empty as long as nothing was found. */
	get damage(): string {
		return this.#damage;
	}
	get me(): Me | null {
		return this.#me;
	}
	get theme(): Theme {
		return this.#theme;
	}

	async load(): Promise<void> {
		const known = this.storage.getItem('dantro:database') ?? '';
		try {
			this.#me = (await api.GET('/api/devices/me')).data ?? null;
			this.storage.setItem('dantro:me', JSON.stringify(this.#me));
			if (this.#me?.role === 'NONE' || this.#me?.role === 'SEAT') return;
			const { data } = await api.GET('/api/about');
			this.#database = data?.databaseId ?? known;
			this.#damage = data?.damage ?? '';
			this.storage.setItem('dantro:database', this.#database);
		} catch {
			this.#database = known || 'unknown';
			this.#me = JSON.parse(this.storage.getItem('dantro:me') ?? 'null') as Me | null;
		}
	}

	/** What keys do on the view that is open, beside opening other views. */
	get keys(): readonly [string, string][] {
		return this.#keys;
	}
	/** Names a view's own keys while it is open; to be called in an effect. */
	showKeys(keys: readonly [string, string][]): () => void {
		this.#keys = keys;
		return () => (this.#keys = []);
	}

	toggleTheme(): void {
		this.#theme = this.#theme === 'day' ? 'bay' : 'day';
		this.storage.setItem('dantro:theme', this.#theme);
	}
}

export const [getApp, setApp] = createContext<AppState>();
