/**
 * The workshop's time. A phone's clock may be hours off; events from it would then sort before or after the wrong repair.
 * Every answer of the server tells its time; what differs by more than a few seconds is put right.
 */

/** Answers tell whole seconds and take a moment: less than this is no wrong clock. */
const TRUSTED_MILLIS = 5000;
const KEY = 'dantro:clock';

let offset = Number(globalThis.localStorage?.getItem(KEY) ?? 0);

/** Learns from an answer's date; nothing from one that has none. */
export function learnTime(date: string | null, deviceNow = Date.now()): void {
	const told = date === null ? NaN : Date.parse(date);
	if (Number.isNaN(told)) return;
	const off = told + 500 - deviceNow;
	offset = Math.abs(off) > TRUSTED_MILLIS ? off : 0;
	globalThis.localStorage?.setItem(KEY, String(offset));
}

/** Now, in epoch milliseconds, by the server's clock. */
export function workshopNow(deviceNow = Date.now()): number {
	return deviceNow + offset;
}

/** How far this device's clock is off, in minutes, if that is worth saying. */
export function clockOffMinutes(): number | null {
	const minutes = Math.round(-offset / 60_000);
	return Math.abs(minutes) >= 1 ? minutes : null;
}
