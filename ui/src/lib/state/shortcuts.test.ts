import { describe, expect, it } from 'vitest';
import { shortcut } from './shortcuts';

const press = (key: string) => ({ key, ctrlKey: false, metaKey: false, altKey: false });

describe('shortcut', () => {
	it('sends digits straight to the reading', () => {
		expect(shortcut(press('7'), '0.2', false)).toEqual({ do: 'type', text: '0.27' });
		expect(shortcut(press(','), '', false)).toEqual({ do: 'type', text: ',' });
		expect(shortcut(press('-'), '', false)).toEqual({ do: 'type', text: '-' });
	});

	it('takes m for millivolts while typing and for the meter otherwise', () => {
		expect(shortcut(press('m'), '270', false)).toEqual({ do: 'type', text: '270m' });
		expect(shortcut(press('m'), '', false)).toEqual({ do: 'measure' });
	});

	it('puts a late digit before the unit', () => {
		expect(shortcut(press('0'), '27 mV', false)).toEqual({ do: 'type', text: '270 mV' });
	});

	it('begins the next bump after a space', () => {
		expect(shortcut(press(' '), '0.31', false)).toEqual({ do: 'type', text: '0.31 ' });
		expect(shortcut(press('0'), '0.31 ', false)).toEqual({ do: 'type', text: '0.31 0' });
	});

	it('answers an open question by letter and keeps digits for the next reading', () => {
		expect(shortcut(press('b'), '', true)).toEqual({ do: 'answer', index: 1 });
		expect(shortcut(press('1'), '', true)).toEqual({ do: 'type', text: '1' });
		expect(shortcut(press('Enter'), '12.4', true)).toBeNull();
		expect(shortcut(press('s'), '', true)).toBeNull();
		expect(shortcut(press('p'), '', true)).toMatchObject({ do: 'go', view: { name: 'Proof' } });
	});

	it('repeats the last reading by R', () => {
		expect(shortcut(press('r'), '', false)).toEqual({ do: 'repeat' });
	});

	it('leaves the browser its own keys', () => {
		expect(shortcut({ ...press('a'), ctrlKey: true }, '', false)).toBeNull();
		expect(shortcut(press('F5'), '', false)).toBeNull();
		expect(shortcut(press('Backspace'), '', false)).toBeNull();
	});
});
