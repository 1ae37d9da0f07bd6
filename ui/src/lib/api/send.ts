import { learnBuild } from '../state/build.svelte';
import { learnTime } from '../state/clock';
import { problemText, type Problem } from './problem';

/** What became of something that was sent. */
export type Sent<T> =
	| { kind: 'done'; data: T }
	/** The server took it and said no, with a sentence for the person. */
	| { kind: 'refused'; reason: string; problem: Problem }
	/** Nobody answered, or what answered could not take it now and may say why: it may be sent again as it is. */
	| { kind: 'lost'; why?: string | undefined };

const DISK_FULL = 507;
/** What was sent did not arrive whole: the line stalled. */
const TIMED_OUT = 408;

/** What every answer of the server tells beside its content. */
export function learnFrom(response: Response): void {
	learnTime(response.headers.get('date'));
	learnBuild(response.headers.get('x-dantro-build'));
}

/** Puts a body, an object or text that is JSON already, and says what became of it; it never throws. */
export async function send<T>(
	path: string,
	body: unknown,
	fetcher: typeof fetch = window.fetch.bind(window)
): Promise<Sent<T>> {
	try {
		const response = await fetcher(path, {
			method: 'PUT',
			headers: { 'Content-Type': 'application/json' },
			body: typeof body === 'string' ? body : JSON.stringify(body)
		});
		learnFrom(response);
		const answer: unknown = await response.json();
		if (response.ok) return { kind: 'done', data: answer as T };
		if (response.status >= 500 || response.status === TIMED_OUT) {
			return { kind: 'lost', why: response.status === DISK_FULL ? problemText(answer) : undefined };
		}
		return { kind: 'refused', reason: problemText(answer), problem: answer as Problem };
	} catch {
		return { kind: 'lost' };
	}
}
