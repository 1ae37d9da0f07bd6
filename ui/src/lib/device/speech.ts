import type { CaseView } from '../api/client';

/** True if the browser has a voice of its own; nothing is sent anywhere. */
export function canSpeak(): boolean {
	return 'speechSynthesis' in window;
}

/** Says a sentence in place of the one before. */
export function say(words: string): void {
	if (!canSpeak() || words === '') return;
	speechSynthesis.cancel();
	const utterance = new SpeechSynthesisUtterance(words);
	utterance.lang = 'en';
	speechSynthesis.speak(utterance);
}

/** What is spoken when a case changed: what was saved, then what to do. */
export function spoken(before: CaseView | null, now: CaseView): string {
	const asked = now.readings.find((r) => r.state === 'ASKED');
	if (asked?.slip) return `A question. ${unit(asked.slip.sentence)}`;
	const newest = now.readings.at(-1);
	const saved =
		newest && before && now.readings.length > before.readings.length ? `Saved ${unit(newest.shown)}. ` : '';
	if (before && before.next.title === now.next.title && saved === '') return '';
	const probe = now.next.probe;
	const leads = probe ? ` Red on the ${plain(probe.red.name)}, black on the ${plain(probe.black.name)}.` : '';
	return `${saved}Next: ${plain(now.next.title)}.${leads}`;
}

function plain(words: string): string {
	return words.replace(/\+/g, 'plus').replace(/−/g, 'minus').replace(/^the /, '');
}

function unit(words: string): string {
	return plain(words).replace(/ mV\b/g, ' millivolts').replace(/ V\b/g, ' volts').replace(/ A\b/g, ' amps');
}
