/** What the server says when it refuses: a sentence for the person, and the fields it is about. */
export type Problem = { detail: string; code?: string; fields?: { field: string; message: string }[] };

/** The sentence of a refusal, or a plain one when the server did not give any. */
export function problemText(problem: unknown): string {
	if (problem && typeof problem === 'object' && 'detail' in problem && typeof problem.detail === 'string') {
		return problem.detail;
	}
	return 'Dantro did not answer as expected. Try again.';
}
