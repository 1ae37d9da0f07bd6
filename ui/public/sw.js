// Keeps the program itself at hand, so that a reload without a connection opens the page and what it has kept.
// Nothing of a case is kept here: answers of the server are never old ones.
const SHELL = 'dantro-shell';
const PAGE = '/';

self.addEventListener('install', (event) => {
	event.waitUntil(
		caches
			.open(SHELL)
			.then((shell) => shell.add(PAGE))
			.then(() => self.skipWaiting())
	);
});

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (request.method !== 'GET' || url.origin !== self.location.origin || url.pathname.startsWith('/api'))
		return;
	event.respondWith(request.mode === 'navigate' ? newestPage(request) : keptOrFetched(request));
});

/** The server's page if it answers, else the one kept. */
async function newestPage(request) {
	const shell = await caches.open(SHELL);
	try {
		const page = await fetch(request);
		if (page.ok) {
			await forgetOldParts(shell, await page.clone().text());
			await shell.put(PAGE, page.clone());
		}
		return page;
	} catch (unreachable) {
		const kept = await shell.match(PAGE);
		if (kept) return kept;
		throw unreachable;
	}
}

/** The parts of the program have names of their content: a kept one is the right one. */
async function keptOrFetched(request) {
	const shell = await caches.open(SHELL);
	const kept = await shell.match(request);
	if (kept) return kept;
	const part = await fetch(request);
	if (part.ok) await shell.put(request, part.clone());
	return part;
}

/** A newer page names other parts: then the old ones go. */
async function forgetOldParts(shell, html) {
	const before = await shell.match(PAGE);
	if (!before || (await before.text()) === html) return;
	await Promise.all((await shell.keys()).map((key) => shell.delete(key)));
}
