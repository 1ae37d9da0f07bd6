/** Writes moments for people: the one place that picks a form. Days carry their year. */

const TIME = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** "16 May 2026". */
export function day(epochMillis: number): string {
	return DAY.format(epochMillis);
}

/** "11:41". */
export function timeOfDay(epochMillis: number): string {
	return TIME.format(epochMillis);
}

/** Time of day, or date and time when it was another day: "11:41", "16 May 2026 11:41". */
export function moment(epochMillis: number, now: number): string {
	const today = new Date(epochMillis).toDateString() === new Date(now).toDateString();
	return today ? timeOfDay(epochMillis) : `${day(epochMillis)} ${timeOfDay(epochMillis)}`;
}
