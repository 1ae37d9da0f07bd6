import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { CircuitView } from '../api/client';
import { CircuitState, numberIn } from './circuit.svelte';

const { GET, POST, PUT } = vi.hoisted(() => ({ GET: vi.fn(), POST: vi.fn(), PUT: vi.fn() }));
vi.mock('../api/client', async (original) => ({ ...(await original<object>()), api: { GET, POST, PUT } }));

const view = (version: number, title = 'saved') => ({ version, title, runs: [] }) as unknown as CircuitView;
const state = () => new CircuitState('c', 'db', 'desk', localStorage);
const edits = () => POST.mock.calls.at(-1)?.[1].body.edits;

describe('a number in a field', () => {
	it.each([
		['1.2', 1.2],
		['1,2', 1.2],
		[' 3 ', 3],
		['', undefined],
		[undefined, undefined],
		['two', null],
		['1.2.3', null]
	])('%j is %j', (text, value) => {
		expect(numberIn(text)).toBe(value);
	});
});

describe('CircuitState', () => {
	beforeEach(() => {
		localStorage.clear();
		vi.useFakeTimers();
		for (const call of [GET, POST, PUT]) call.mockReset();
		GET.mockResolvedValue({ data: view(1) });
		POST.mockResolvedValue({ data: view(2, 'tried') });
	});

	it('tries a change a moment after the last key, once', async () => {
		const circuit = state();
		await circuit.load();
		circuit.change('starter-cable', { metres: '2' });
		circuit.change('starter-cable', { metres: '2,5' });
		expect(POST).not.toHaveBeenCalled();
		await vi.advanceTimersByTimeAsync(200);
		expect(POST).toHaveBeenCalledTimes(1);
		expect(edits()).toMatchObject([{ operation: 'CHANGE_PART', part: 'starter-cable', lengthMetres: 2.5 }]);
		expect(circuit.view?.title).toBe('tried');
		expect(circuit.version).toBe(1);
	});

	it('keeps the figures of a draft while the case is told of again, and nothing older than what was saved', async () => {
		const circuit = state();
		await circuit.load();
		circuit.change('starter-cable', { metres: '2' });
		await vi.advanceTimersByTimeAsync(200);
		POST.mockReturnValue(new Promise(() => {}));
		void circuit.load();
		await vi.advanceTimersByTimeAsync(200);
		expect(POST).toHaveBeenCalledTimes(2);
		expect(circuit.view?.title).toBe('tried');
		PUT.mockResolvedValue({ data: view(2, 'kept') });
		await circuit.save();
		await circuit.load();
		expect(circuit.version).toBe(2);
		expect(circuit.view?.title).toBe('kept');
	});

	it('keeps what was typed over a reload, and gives milliohms as ohms', async () => {
		state().change('contacts', { milliohms: '0.7' });
		const again = state();
		await again.load();
		expect(again.changes).toBe(1);
		expect(edits()).toMatchObject([{ part: 'contacts', ohms: 0.7e-3 }]);
	});

	it('sends nothing while something typed is not a number, and says which', async () => {
		const circuit = state();
		await circuit.load();
		circuit.change('starter-cable', { metres: 'two' });
		await vi.advanceTimersByTimeAsync(200);
		expect(POST).not.toHaveBeenCalled();
		expect(circuit.message).toContain('"two"');
		expect(circuit.part('starter-cable').metres).toBe('two');
	});

	it('saves as the next version and forgets the draft', async () => {
		PUT.mockResolvedValue({ data: view(2) });
		const circuit = state();
		await circuit.load();
		circuit.setAccess('block', 'OPEN');
		await circuit.save();
		expect(PUT.mock.calls[0]?.[1].params.path.version).toBe(2);
		expect(circuit.version).toBe(2);
		expect(circuit.changes).toBe(0);
	});

	it('keeps the draft when somebody else was faster', async () => {
		PUT.mockResolvedValue({ error: { detail: 'Somebody else changed it: look again.' } });
		const circuit = state();
		await circuit.load();
		circuit.setAccess('block', 'OPEN');
		await circuit.save();
		expect(circuit.message).toContain('Somebody else');
		expect(circuit.changes).toBe(1);
	});

	it('brings a point back that cannot be left out', async () => {
		POST.mockResolvedValue({ error: { detail: 'The point (block) cannot be left out.' } });
		const circuit = state();
		await circuit.load();
		circuit.leaveOut('block');
		await vi.advanceTimersByTimeAsync(200);
		expect(circuit.message).toContain('cannot be left out');
		expect(circuit.changes).toBe(0);
	});

	it('keeps the draft when the program cannot be reached', async () => {
		POST.mockRejectedValue(new TypeError('network'));
		const circuit = state();
		await circuit.load();
		circuit.change('starter-cable', { area: 50e-6 });
		await vi.advanceTimersByTimeAsync(200);
		expect(circuit.message).toContain('cannot be reached');
		expect(circuit.changes).toBe(1);
	});
});
