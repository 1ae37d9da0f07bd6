/** Where a key press goes on the workbench. Pure, so that it can be tested without a page. */

import { keyed, type View } from '../../views';

export type Shortcut =
	| { do: 'type'; text: string }
	| {
			do:
				| 'save'
				| 'clear'
				| 'swap'
				| 'measure'
				| 'condition'
				| 'amps'
				| 'undo'
				| 'repeat'
				| 'plan'
				| 'loop'
				| 'crank'
				| 'help';
	  }
	| { do: 'go'; view: View }
	| { do: 'answer'; index: number };

export type Press = { key: string; ctrlKey: boolean; metaKey: boolean; altKey: boolean };

const LETTERS: Record<string, Shortcut> = {
	s: { do: 'swap' },
	m: { do: 'measure' },
	c: { do: 'condition' },
	a: { do: 'amps' },
	u: { do: 'undo' },
	n: { do: 'plan' },
	l: { do: 'loop' },
	t: { do: 'crank' },
	'?': { do: 'help' },
	...Object.fromEntries(keyed('case').map((view) => [view.key, { do: 'go', view }]))
};

/** What answers an open question: letters, so that the digits of the next reading never do. */
export const ANSWERS: readonly string[] = ['a', 'b', 'c', 'd', 'e'];

/** The shortcut for a press, given the text typed so far and whether a question is open; null if there is none. */
export function shortcut(press: Press, text: string, asked: boolean): Shortcut | null {
	if (press.ctrlKey || press.metaKey || press.altKey) return null;
	const key = press.key;
	const answer = ANSWERS.indexOf(key.toLowerCase());
	if (asked && answer >= 0) return { do: 'answer', index: answer };
	if (/^[\d.,\-−]$/.test(key)) return { do: 'type', text: insert(text, key) };
	if (text !== '' && /^[mv ]$/i.test(key)) return { do: 'type', text: text + key };
	if (key === 'Backspace') return text === '' ? null : { do: 'type', text: text.slice(0, -1) };
	if (key === 'Escape') return { do: 'clear' };
	if (asked) return lettersOf(key, ['p', '?']);
	if (key === 'Enter') return { do: 'save' };
	if (key.toLowerCase() === 'r') return { do: 'repeat' };
	return lettersOf(key, Object.keys(LETTERS));
}

function lettersOf(key: string, allowed: string[]): Shortcut | null {
	const letter = key.toLowerCase();
	return allowed.includes(letter) ? (LETTERS[letter] ?? null) : null;
}

/** A digit after the unit goes before it: "27 mV" and then 0 is "270 mV". After a mere space the next bump begins. */
function insert(text: string, character: string): string {
	const unit = /\s*(?:mv?|v)$/i.exec(text)?.[0] ?? '';
	return text.slice(0, text.length - unit.length) + character + unit;
}
