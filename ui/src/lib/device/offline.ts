/** Why the page would not open without a connection, or nothing if it does. */
export type AtHand = { refused?: string };

let attempt: Promise<AtHand> | null = null;

/** Has the browser keep the program itself, so that a reload without a connection opens the page. */
export function keepAtHand(): Promise<AtHand> {
	attempt ??= navigator.serviceWorker.register('/sw.js').then(
		() => ({}),
		(error: unknown) => ({ refused: String(error) })
	);
	return attempt;
}

/** Whether the page opens without a connection, in words for Settings. */
export async function atHandWords(): Promise<string> {
	if (!window.isSecureContext || !('serviceWorker' in navigator)) {
		return 'This page needs the server for every reload: over plain HTTP the browser keeps nothing. Start with --tls and trust the certificate.';
	}
	const { refused } = await keepAtHand();
	return refused === undefined
		? 'This page also opens without a connection; what you enter is sent when it is back.'
		: `This page needs the server for every reload: the browser does not trust the certificate yet (${refused}).`;
}
