import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { CaseView, Probe, ReadingRow } from '../api/client';
import { KeptInPage } from '../device/kept';
import { correction } from './correction';

const get = vi.hoisted(() => vi.fn());
vi.mock('../api/client', async (original) => ({
	...(await original<typeof import('../api/client')>()),
	api: { GET: get }
}));

const { CaseState } = await import('./case.svelte');

const row = (change: Partial<ReadingRow> = {}): ReadingRow =>
	({
		id: 'r1',
		red: 'post-plus',
		black: 'motor-stud',
		condition: 'CRANKING',
		typed: '2.7',
		volts: 2.7,
		shown: '2.7 V',
		statistic: 'SETTLED',
		amps: 154,
		ampsKnownBy: 'clamp',
		state: 'COUNTS',
		source: 'TYPED',
		takenAtMs: 1000,
		...change
	}) as unknown as ReadingRow;

const view = { id: 'c', entries: 1, readings: [row()], concern: 'STARTING', next: {}, judgement: {} };

type Sent = { path: string; body: Record<string, unknown> };

async function opened(answer: (path: string) => Response): Promise<[InstanceType<typeof CaseState>, Sent[]]> {
	const sent: Sent[] = [];
	const fetcher = (async (path: string, init: RequestInit) => {
		sent.push({ path, body: JSON.parse(String(init.body)) as Record<string, unknown> });
		return answer(path);
	}) as unknown as typeof fetch;
	vi.stubGlobal('fetch', fetcher);
	get.mockResolvedValue({ data: view as unknown as CaseView });
	const bench = new CaseState('c', 'db', 'Desk', localStorage, Promise.resolve(new KeptInPage()), fetcher);
	await bench.load();
	return [bench, sent];
}

const done = () => new Response(JSON.stringify(view), { status: 201 });
const settle = () => new Promise((resolve) => setTimeout(resolve, 20));

beforeEach(() => {
	localStorage.clear();
	get.mockReset();
});

describe('a saved reading that is corrected', () => {
	it('opens as it was entered, and as it was meant where that was answered', () => {
		expect(correction(row()).draft).toMatchObject({ text: '2.7', amps: '154', red: 'post-plus' });
		const meant = row({ volts: 0.27, slip: { answer: 'MEANT' } as ReadingRow['slip'] });
		expect(correction(meant).draft.text).toBe('0.27');
	});

	it('asks for a current again that no clamp showed', () => {
		const { draft, message } = correction(row({ ampsKnownBy: 'shunt: starter cable' }));
		expect(draft.amps).toBe('');
		expect(message).toContain('Type the current again');
	});

	it('is struck out, and the new one stands at its time', async () => {
		const [bench, sent] = await opened(done);
		await bench.entry.correct(row());
		bench.entry.type('0.27');
		bench.entry.save();
		await settle();
		expect(sent[0]?.path).toContain('/strikes/');
		expect(sent[0]?.body).toMatchObject({ target: 'r1', reason: 'Corrected' });
		expect(sent[1]?.path).toContain('/readings/');
		expect(sent[1]?.body).toMatchObject({ typed: '0.27', amps: 154, takenAtMs: 1000, red: 'post-plus' });
	});

	it('is left as it is on the way back to the plan', async () => {
		const [bench, sent] = await opened(done);
		await bench.entry.correct(row());
		bench.entry.followPlan();
		expect(bench.entry.draft.text).toBe('');
		expect(bench.entry.draft.correcting).toBeUndefined();
		await settle();
		expect(sent).toEqual([]);
	});
});

describe('several bumps in one entry', () => {
	it('are as many readings of the same points, one after the other', async () => {
		const [bench, sent] = await opened(done);
		bench.entry.choose({
			red: { id: 'post-plus' },
			black: { id: 'motor-stud' },
			condition: 'CRANKING'
		} as Probe);
		bench.entry.setAmps('154');
		bench.entry.type('0.31 0.29 0.30');
		bench.entry.save();
		await settle();
		expect(sent.map((s) => s.body['typed'])).toEqual(['0.31', '0.29', '0.30']);
		expect(new Set(sent.map((s) => s.body['takenAtMs'])).size).toBe(3);
		expect(sent.every((s) => s.body['amps'] === 154 && s.body['red'] === 'post-plus')).toBe(true);
	});

	it('are not saved while one of them is no voltage', async () => {
		const [bench, sent] = await opened(done);
		bench.entry.choose({
			red: { id: 'post-plus' },
			black: { id: 'motor-stud' },
			condition: 'CRANKING'
		} as Probe);
		bench.entry.type('0.31 0.2.9');
		bench.entry.save();
		await settle();
		expect(sent).toEqual([]);
		expect(bench.message).toBe('0.2.9 is not a voltage: type bumps such as 0.31 0.29 0.30.');
		expect(bench.entry.draft.text).toBe('0.31 0.2.9');
	});
});

describe('a reading of another vehicle', () => {
	it('stands in that case first, then is struck out here', async () => {
		const [bench, sent] = await opened(done);
		await bench.record.move(row(), { id: 'twin', vehicle: 'Twin van' });
		await settle();
		expect(sent.map((s) => s.path.replace(/[0-9a-f-]{36}$/, ''))).toEqual([
			'/api/cases/twin/readings/',
			'/api/cases/c/strikes/'
		]);
		expect(sent[0]?.body).toMatchObject({ typed: '2.7', takenAtMs: 1000, amps: 154 });
		expect(sent[1]?.body).toMatchObject({ reason: 'Moved to Twin van' });
	});

	it('says that a current goes not along which no clamp showed', async () => {
		const [bench, sent] = await opened(done);
		await bench.record.move(row({ ampsKnownBy: 'shunt: starter cable' }), {
			id: 'twin',
			vehicle: 'Twin van'
		});
		expect(bench.message).toContain('Moved without its current');
		await settle();
		expect(sent[0]?.body['amps']).toBeUndefined();
	});

	it('stays where it is if the other case has no such point', async () => {
		const [bench, sent] = await opened(
			() => new Response(JSON.stringify({ detail: 'There is no point (motor-stud).' }), { status: 400 })
		);
		await bench.record.move(row(), { id: 'twin', vehicle: 'Twin van' });
		await settle();
		expect(sent).toHaveLength(1);
		expect(bench.message).toBe('Not moved to Twin van: There is no point (motor-stud).');
	});
});
