import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { createRawSnippet } from 'svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import Field from './Field.svelte';
import Key from './Key.svelte';
import Keypad from './Keypad.svelte';
import Later from './Later.svelte';
import VehicleName from './VehicleName.svelte';

afterEach(cleanup);

const words = (text: string) => createRawSnippet(() => ({ render: () => `<span>${text}</span>` }));

describe('a key', () => {
	it('is a button that sends no form unless it says so', async () => {
		const onclick = vi.fn();
		render(Key, { onclick, children: words('Save') });
		const key = screen.getByRole('button', { name: 'Save' });
		expect(key.getAttribute('type')).toBe('button');
		await fireEvent.click(key);
		expect(onclick).toHaveBeenCalledOnce();
	});

	it('sends the form it is made for', () => {
		render(Key, { type: 'submit', primary: true, children: words('Start') });
		const key = screen.getByRole('button', { name: 'Start' });
		expect(key.getAttribute('type')).toBe('submit');
		expect(key.className).toContain('primary');
	});

	it('is a link where it leads somewhere', () => {
		render(Key, { href: '#/', children: words('Bay') });
		expect(screen.getByRole('link', { name: 'Bay' }).getAttribute('href')).toBe('#/');
	});
});

describe('the keypad', () => {
	const pad = (text: string) => {
		const ontype = vi.fn();
		const onsave = vi.fn();
		render(Keypad, { text, ontype, onsave });
		const tap = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
		return { ontype, onsave, tap };
	};

	it('types digits and the point behind what stands there', async () => {
		const { ontype, tap } = pad('12');
		await tap('Point');
		expect(ontype).toHaveBeenLastCalledWith('12.');
		await tap('7');
		expect(ontype).toHaveBeenLastCalledWith('127');
	});

	it('types before the unit, and takes the unit back', async () => {
		const { ontype, tap } = pad('42 mV');
		await tap('5');
		expect(ontype).toHaveBeenLastCalledWith('425 mV');
		await tap('Erase last');
		expect(ontype).toHaveBeenLastCalledWith('4 mV');
		await tap('mV');
		expect(ontype).toHaveBeenLastCalledWith('42');
	});

	it('turns the sign both ways', async () => {
		const { ontype, tap } = pad('-0.3');
		await tap('Change sign');
		expect(ontype).toHaveBeenLastCalledWith('0.3');
		cleanup();
		const plus = pad('0.3');
		await plus.tap('Change sign');
		expect(plus.ontype).toHaveBeenLastCalledWith('-0.3');
	});
});

describe('a field', () => {
	it('says below it what would be right, and is marked', () => {
		render(Field, { label: 'Air, °C', name: 'celsius', value: 'warm', wrong: 'A number, such as 20.' });
		const input = screen.getByLabelText('Air, °C');
		expect(input.getAttribute('aria-invalid')).toBe('true');
		expect(input.getAttribute('aria-describedby')).toBe('celsius-wrong');
		expect(document.getElementById('celsius-wrong')?.textContent).toBe('A number, such as 20.');
	});

	it('is silent while nothing is wrong', () => {
		render(Field, { label: 'Vehicle', name: 'vehicle', value: 'Van' });
		expect(screen.getByLabelText('Vehicle').getAttribute('aria-invalid')).toBeNull();
	});
});

describe('a dialog that is fetched when it is opened', () => {
	it('is not fetched before, and says so where it cannot be', async () => {
		const load = vi.fn(() => Promise.reject(new Error('no connection')));
		const { rerender } = render(Later, { load, open: false });
		expect(load).not.toHaveBeenCalled();
		await rerender({ load, open: true });
		expect((await screen.findByRole('alert')).textContent).toContain('cannot be fetched');
	});
});

describe('a vehicle’s name', () => {
	it('keeps its end, where a plate stands, and is said in full', () => {
		const name = 'Blue box van of the growers’ ring, KX12 ABC';
		render(VehicleName, { name });
		expect(screen.getByTitle(name).querySelector('.end')?.textContent).toBe('KX12 ABC'.padStart(9));
	});

	it('is not shortened where it is short', () => {
		render(VehicleName, { name: 'Tamblin 14' });
		expect(screen.getByTitle('Tamblin 14').querySelector('.end')).toBeNull();
	});
});
