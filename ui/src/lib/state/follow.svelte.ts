import type { SeatView } from '../api/client';

/**
 * Calls back whenever the case changed, by which entry if it was one, while this page can be seen; one stream per visible
 * page.
 */
export function followCase(
	caseId: string,
	onchange: (entry?: string) => void,
	onseat?: (view: SeatView) => void
): () => void {
	let stream: EventSource | null = null;
	const anew = () => onchange();
	const open = () => {
		if (document.visibilityState !== 'visible' || stream) return;
		stream = new EventSource(`/api/cases/${caseId}/events`);
		stream.addEventListener('changed', (event) =>
			onchange((JSON.parse(event.data as string) as { entry?: string }).entry)
		);
		// What changed before the stream stood was told to nobody here.
		stream.addEventListener('open', (event) => {
			if (event instanceof MessageEvent) onchange();
		});
		stream.addEventListener('seat', (event) => onseat?.(JSON.parse(event.data) as SeatView));
	};
	const close = () => {
		stream?.close();
		stream = null;
	};
	const onvisibility = () => {
		if (document.visibilityState === 'visible') {
			open();
			onchange();
		} else {
			close();
		}
	};
	open();
	document.addEventListener('visibilitychange', onvisibility);
	window.addEventListener('online', anew);
	return () => {
		close();
		document.removeEventListener('visibilitychange', onvisibility);
		window.removeEventListener('online', anew);
	};
}
