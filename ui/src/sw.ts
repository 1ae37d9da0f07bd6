/// <reference lib="webworker" />
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

declare const self: ServiceWorkerGlobalScope & {
	__WB_MANIFEST: (string | { url: string; revision: null })[];
};

/** What an earlier version of this worker kept. */
const BEFORE = 'dantro-shell';
const PAGE = '/index.html';

// The page is the server's own if it answers: then all its parts are of one build. Else the one that came with this
// worker, with the parts that came with it. Nothing of a case is kept here: answers of the server are never old ones.
registerRoute(
	new NavigationRoute(
		async ({ request }) => {
			try {
				return await fetch(request);
			} catch (unreachable) {
				const kept = await matchPrecache(PAGE);
				if (kept) return kept;
				throw unreachable;
			}
		},
		{ denylist: [/^\/api\//] }
	)
);
precacheAndRoute(self.__WB_MANIFEST, { directoryIndex: '', cleanURLs: false });
cleanupOutdatedCaches();

self.addEventListener('activate', (event) =>
	event.waitUntil(caches.delete(BEFORE).then(() => self.clients.claim()))
);

// A new worker waits until no page of the old build is open, or one of them is reloaded on purpose.
self.addEventListener('message', (event) => {
	if (event.data === 'take over') void self.skipWaiting();
});
