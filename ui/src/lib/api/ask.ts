import { problemText } from './problem';

/** What an answer brought, or a sentence that says why it brought nothing. */
export type Asked<T> = { data: T; wrong?: undefined } | { data?: undefined; wrong: string };

/** Waits for an answer; it never throws. @param lost said where nobody answers */
export async function ask<T>(
	call: Promise<{ data?: T | undefined; error?: unknown }>,
	lost: string
): Promise<Asked<T>> {
	try {
		const { data, error } = await call;
		return data === undefined ? { wrong: problemText(error) } : { data };
	} catch {
		return { wrong: lost };
	}
}

/** Answers may cross: where questions follow each other, only the newest one's answer counts. */
export class Newest {
	#asked = 0;

	/** The same as {@link ask}; nothing once a newer question was asked. */
	async ask<T>(
		call: Promise<{ data?: T | undefined; error?: unknown }>,
		lost: string
	): Promise<Asked<T> | null> {
		const mine = ++this.#asked;
		const answer = await ask(call, lost);
		return mine === this.#asked ? answer : null;
	}
}

/** Waits for something to be taken that answers nothing; why it was not, or nothing if it was. */
export async function taken(
	call: Promise<{ response: Response; error?: unknown }>,
	lost: string
): Promise<string> {
	try {
		const { response, error } = await call;
		return response.ok ? '' : problemText(error);
	} catch {
		return lost;
	}
}
