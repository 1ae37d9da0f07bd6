import { ask } from '../../lib/api/ask';
import { api, type LoggedCase } from '../../lib/api/client';
import { asked, queryOf, type Wanted } from './wanted';

const LOST = 'Dantro cannot be reached. Start it again with ./dantro start.';

/** The pages of the log that were fetched for one search. */
export class Listed {
	cases = $state.raw<LoggedCase[] | null>(null);
	next = $state.raw<string | undefined>(undefined);
	message = $state('');
	/** True while the same search may find more in a moment. */
	settling = $state(false);
	#search = '';

	/** Fetches the first page; an answer to an older search is let go. */
	async find(wanted: Wanted): Promise<void> {
		const search = queryOf(wanted);
		this.#search = search;
		const { data, wrong } = await ask(this.#page(wanted), LOST);
		if (search !== this.#search) return;
		this.message = wrong ?? '';
		if (data) {
			this.cases = data.cases;
			this.next = data.next;
			this.settling = data.settling;
		}
	}

	async more(wanted: Wanted): Promise<void> {
		const search = this.#search;
		const { data, wrong } = await ask(this.#page(wanted, this.next), LOST);
		if (search !== this.#search) return;
		this.message = wrong ?? '';
		if (data) {
			this.cases = [...(this.cases ?? []), ...data.cases];
			this.next = data.next;
		}
	}

	#page(wanted: Wanted, after?: string) {
		const query = { ...asked(wanted), ...(after ? { after } : {}) };
		return api.GET('/api/log', { params: { query } });
	}
}
