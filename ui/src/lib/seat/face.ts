import type { SeatView } from '../api/client';

/** What the seat's screen shows at a moment. Pure, so that it can be tested without waiting. */
export type Face = {
	order: SeatView['order'];
	headline: string;
	words: string;
	/** Whole seconds left of what runs or waits, if it has an end. */
	seconds: number | null;
	/** The order waits for its answer. */
	asks: boolean;
	lost: boolean;
};

/** Without a beat for so long nothing on the screen counts. */
export const LOST_MILLIS = 2500;

const LOST: Face = {
	order: 'STOP',
	headline: 'STOP',
	words: 'Connection lost. Key off; wait until it is back.',
	seconds: null,
	asks: false,
	lost: true
};

/**
 * The newest view, as it stands `sinceBeatMs` after it arrived: an order whose time is up, or that nobody can confirm any
 * more, is never shown as live. A line that carries one way only is broken too: `sinceHeardMs` counts from the last word
 * of ours that the server took.
 */
export function faceOf(view: SeatView | null, sinceBeatMs: number, sinceHeardMs = 0): Face {
	if (!view || Math.max(sinceBeatMs, sinceHeardMs) > LOST_MILLIS) return LOST;
	const left = view.untilMs === undefined ? null : view.untilMs - (view.nowMs + sinceBeatMs);
	if (view.order === 'STOP' || (left !== null && left <= 0)) {
		return {
			order: 'STOP',
			headline: 'STOP',
			words: view.order === 'STOP' ? view.why : 'The time is up.',
			seconds: null,
			asks: false,
			lost: false
		};
	}
	return {
		order: view.order,
		headline: view.headline,
		words: view.words,
		seconds: left === null ? null : Math.ceil(left / 1000),
		asks: !view.running,
		lost: false
	};
}
