import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { CaseView, Probe } from '../api/client';
import { KeptInPage } from '../device/kept';

const get = vi.hoisted(() => vi.fn());
vi.mock('../api/client', async (original) => ({
	...(await original<typeof import('../api/client')>()),
	api: { GET: get }
}));

const { CaseState } = await import('./case.svelte');

const view = (entries: number, change: Partial<CaseView> = {}): CaseView =>
	({
		id: 'c',
		entries,
		headline: `after ${entries}`,
		readings: [],
		concern: 'STARTING',
		next: {},
		judgement: { preparing: false },
		...change
	}) as unknown as CaseView;
const answered = (body: unknown) => new Response(JSON.stringify(body), { status: 201 });
const opened = (fetcher: typeof fetch) =>
	new CaseState('c', 'db', 'bench', localStorage, Promise.resolve(new KeptInPage()), fetcher);
const settle = () => new Promise((resolve) => setTimeout(resolve));

describe('CaseState', () => {
	beforeEach(() => {
		localStorage.clear();
		get.mockReset();
	});

	it('keeps what another device saved when the answer to its own save comes late and is older', async () => {
		let answer: (response: Response) => void = () => undefined;
		const bench = opened(() => new Promise((resolve) => (answer = resolve)));
		get.mockResolvedValue({ data: view(1) });
		await bench.load();
		bench.record.state('CRANK', 'STOP');
		get.mockResolvedValue({ data: view(3) });
		void bench.load();
		await settle();
		answer(answered(view(2)));
		await settle();
		expect(bench.view?.headline).toBe('after 3');
	});

	it('fetches the case for what others entered, not for its own entry', async () => {
		const bench = opened(async () => answered(view(2)));
		get.mockResolvedValue({ data: view(1) });
		await bench.load();
		bench.record.state('CRANK', 'STOP');
		await settle();
		get.mockClear();
		await bench.changed('/statements/');
		expect(get).not.toHaveBeenCalled();
		await bench.changed('another-entry');
		await bench.changed();
		expect(get).toHaveBeenCalledTimes(2);
	});

	it('shows what came between when a fetch overtakes the answer to a save', async () => {
		let fetched: (answer: unknown) => void = () => undefined;
		const bench = opened(async () => answered(view(2)));
		get.mockReturnValue(new Promise((resolve) => (fetched = resolve)));
		void bench.load();
		bench.record.state('CRANK', 'STOP');
		await settle();
		fetched({ data: view(3) });
		await settle();
		expect(bench.view?.headline).toBe('after 3');
	});

	it('expects nothing of leads that were moved while the answer was on its way', async () => {
		const waiting: ((answer: unknown) => void)[] = [];
		get.mockImplementation(() => new Promise((resolve) => waiting.push(resolve)));
		const bench = opened(async () => answered(view(1)));
		void bench.entry.aim({ red: 'a', black: 'b', condition: 'CRANKING' });
		const first = bench.entry.put('red', 'c');
		const second = bench.entry.put('red', 'd');
		const probe = (red: string) =>
			({ red: { id: red }, black: { id: 'b' }, condition: 'CRANKING' }) as unknown as Probe;
		waiting[2]?.({ data: probe('d') });
		waiting[1]?.({ data: probe('c') });
		await Promise.all([first, second]);
		expect(bench.entry.probe?.red.id).toBe('d');
	});

	it('drops a meter reading that belongs to another condition by the time it arrives', async () => {
		const waiting: ((answer: unknown) => void)[] = [];
		get.mockImplementation(() => new Promise((resolve) => waiting.push(resolve)));
		const bench = opened(async () => answered(view(1)));
		void bench.entry.aim({ red: 'a', black: 'b', condition: 'CRANKING' });
		const measured = bench.meter.measure();
		void bench.entry.setCondition('RAISED_LOADED');
		waiting[1]?.({ data: { typed: '9.81', range: 'V20' } });
		await measured;
		expect(bench.entry.draft.text).toBe('');
	});
});
