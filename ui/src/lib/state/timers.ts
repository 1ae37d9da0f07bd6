/** What a timer says at a moment. Pure, so that it can be tested without waiting. */

export type Phase = {
	words: string;
	/** Seconds to go, or gone if the phase has no end. */
	seconds: number;
	/** Something has to be stopped, or may begin. */
	now: boolean;
};

/** Longest a starter is turned, and how long it then rests. */
export type CrankTime = { mostSeconds: number; restSeconds: number; restsUntilMs?: number };
/** A recorded start that nobody ended is no crank any more. */
const FORGOTTEN_SECONDS = 60;
const LOAD_SECONDS = 60;
const REST_SECONDS = 120;

const since = (atMs: number, nowMs: number) => Math.max(0, Math.floor((nowMs - atMs) / 1000));

/** Whole seconds for which nobody may turn the starter, which was turned as long as it may be; 0 if it may turn. */
export function restsSeconds(untilMs: number | undefined, nowMs: number): number {
	return untilMs === undefined ? 0 : Math.max(0, Math.ceil((untilMs - nowMs) / 1000));
}

/** A crank since its start, or the starter cooling since its stop; null when nothing runs. */
export function crankPhase(
	value: string | undefined,
	atMs: number,
	nowMs: number,
	time: CrankTime
): Phase | null {
	const gone = since(atMs, nowMs);
	const rests = restsSeconds(time.restsUntilMs, nowMs);
	if (value === 'STOP' && rests > 0) {
		return { words: 'The starter rests: no crank', seconds: rests, now: true };
	}
	if (value === 'START' && gone < FORGOTTEN_SECONDS) {
		return gone < time.mostSeconds
			? { words: 'Cranking', seconds: gone, now: false }
			: { words: 'Stop: the starter overheats', seconds: gone, now: true };
	}
	if (value === 'STOP' && gone < time.restSeconds) {
		return { words: 'Let the starter cool', seconds: time.restSeconds - gone, now: false };
	}
	return null;
}

/** How long a carbon pile carries its current, and how long it then rests. */
export const PILE_SECONDS = 10;
export const PILE_REST_SECONDS = 60;

/** A carbon pile since it was screwed on, or resting since it was taken off; null when neither. */
export function pilePhase(value: string | undefined, atMs: number, nowMs: number): Phase | null {
	const gone = since(atMs, nowMs);
	if (value === 'START' && gone < FORGOTTEN_SECONDS * 5) {
		return gone < PILE_SECONDS
			? { words: 'Pile on: read now', seconds: PILE_SECONDS - gone, now: false }
			: { words: 'Switch the pile off', seconds: gone, now: true };
	}
	if (value === 'STOP' && gone < PILE_REST_SECONDS) {
		return { words: 'Let the pile rest', seconds: PILE_REST_SECONDS - gone, now: false };
	}
	return null;
}

/** How long a regulated voltage takes to settle after the start, and how long glow plugs may still draw. */
const BUILD_UP_SECONDS = 15;
const GLOW_SECONDS = 120;

/** The voltage building up after the engine started; null when it was not begun or long ago. */
export function buildUpPhase(
	value: string | undefined,
	atMs: number,
	nowMs: number,
	glows: boolean
): Phase | null {
	if (value !== 'START') return null;
	const gone = since(atMs, nowMs);
	const wait = glows ? GLOW_SECONDS : BUILD_UP_SECONDS;
	if (gone < wait) {
		return {
			words: glows ? 'Glow plugs still draw: wait' : 'The voltage builds up: wait',
			seconds: wait - gone,
			now: false
		};
	}
	return gone < wait + 60 ? { words: 'It has settled: read now', seconds: 0, now: true } : null;
}

/** How long a vehicle is left alone before its standing current counts. */
const SLEEP_SECONDS = 20 * 60;

/** The controllers falling asleep; null when it was not begun or long ago. */
export function sleepPhase(value: string | undefined, atMs: number, nowMs: number): Phase | null {
	if (value !== 'START') return null;
	const gone = since(atMs, nowMs);
	if (gone < SLEEP_SECONDS) {
		return { words: 'Locked and left alone: wait', seconds: SLEEP_SECONDS - gone, now: false };
	}
	return gone < 4 * 3600 ? { words: 'Asleep: read the current', seconds: 0, now: true } : null;
}

/** Removing surface charge: a minute of load, two of rest, then the reading; null when it was not begun or long ago. */
export function surfacePhase(value: string | undefined, atMs: number, nowMs: number): Phase | null {
	if (value !== 'START') return null;
	const gone = since(atMs, nowMs);
	if (gone < LOAD_SECONDS) return { words: 'Lights and blower on', seconds: LOAD_SECONDS - gone, now: false };
	if (gone < LOAD_SECONDS + REST_SECONDS) {
		return { words: 'All off, wait', seconds: LOAD_SECONDS + REST_SECONDS - gone, now: false };
	}
	return gone < 30 * 60 ? { words: 'Read the base voltage now', seconds: 0, now: true } : null;
}

/** Minutes and seconds, such as 1:05. */
export function clock(seconds: number): string {
	return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
