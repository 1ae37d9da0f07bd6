import { createContext } from 'svelte';
import { workshopNow } from './clock';
import {
	api,
	problemText,
	type CaseView,
	type Condition,
	type NewReading,
	type Profile,
	type Probe,
	type RepairAction,
	type SeatView,
	type SlipAnswer,
	type Topic
} from '../api/client';
import { parseTyped } from '../format/typed';
import { moves, STARTER_TURNS, STILL } from '../format/words';
import type { AppState } from './app.svelte';
import { Copies } from './copies';
import { newId } from './ids';
import { Outbox } from './outbox.svelte';
import { putJson } from './seat.svelte';

/** What has been entered but not saved; kept in the browser with every keystroke. */
type Draft = {
	text: string;
	amps: string;
	/** The condition in which that current flowed; in another one it says nothing. */
	ampsIn?: Condition;
	range?: NewReading['range'];
	/** Which value of a moving display is typed; the settled one unless said. */
	statistic?: NewReading['statistic'];
	/** The range the technician's own meter stands on; none if it ranges by itself. */
	meter?: NewReading['range'];
	/** How the current is measured, if not by a zeroed clamp that shows amperes in its usual place. */
	ammeter?: NewReading['ammeter'];
	simulated?: boolean;
	/** The technician's own choice of points and condition, if any. */
	red?: string;
	black?: string;
	condition?: Condition;
};

const UNREACHABLE = 'Dantro cannot be reached. What you enter is kept and sent when it is back.';
const EMPTY: Draft = { text: '', amps: '' };

/** What ends a case: whatever was being entered gives way to the plan. */
const ENDS: ReadonlySet<Topic> = new Set<Topic>(['ENDED', 'LEFT', 'CLOSED_UNVERIFIED']);

/** One case on screen: the server's view, the draft of the next reading, and the verbs. */
export class CaseState {
	#view = $state.raw<CaseView | null>(null);
	#draft = $state.raw<Draft>(EMPTY);
	#chosen = $state.raw<Probe | null>(null);
	/** True once leads or condition were set by hand: they stay so until the plan is followed again. */
	#own = false;
	#message = $state('');
	#outbox: Outbox;
	#copies: Copies;
	#asOfMs = $state(0);
	#otherLoop = $state(false);
	#seat = $state.raw<SeatView | null>(null);
	#seatAt = $state(0);

	constructor(
		readonly id: string,
		private readonly database: string,
		private readonly device: string,
		private readonly storage: Storage,
		send: typeof fetch
	) {
		this.#draft = JSON.parse(storage.getItem(this.#draftKey) ?? 'null') ?? EMPTY;
		this.#copies = new Copies(database, storage);
		this.#outbox = new Outbox(database, storage, send, (outcome) => {
			if ('view' in outcome) {
				if (outcome.letter.caseId === id) this.#show(outcome.view);
			} else {
				this.#refused(outcome.letter.body, outcome.refused);
			}
		});
	}

	get view(): CaseView | null {
		return this.#view;
	}
	/** When the view is a copy from before a reload without a connection: of which moment; else 0. */
	get asOfMs(): number {
		return this.#asOfMs;
	}
	get draft(): Draft {
		return this.#draft;
	}
	get message(): string {
		return this.#message;
	}
	get outbox(): Outbox {
		return this.#outbox;
	}
	/** The technician's own choice, else the proposed probe, if the step has one. */
	get probe(): Probe | null {
		return this.#chosen ?? this.#view?.next.probe ?? null;
	}
	/** Where the leads stand now, also while the expectation for them is still on its way. */
	get #leads(): { red: string; black: string; condition: Condition } | null {
		const { red, black } = this.#draft;
		if (red && black) return { red, black, condition: this.condition };
		const probe = this.probe;
		return probe && { red: probe.red.id, black: probe.black.id, condition: probe.condition };
	}
	/** The same, and the battery's posts where the step asks for no reading. */
	get #standing(): { red?: string; black?: string } {
		const posts = this.#view?.posts;
		return {
			red: this.#draft.red ?? this.probe?.red.id ?? posts?.red,
			black: this.#draft.black ?? this.probe?.black.id ?? posts?.black
		};
	}
	get ownChoice(): boolean {
		return this.#chosen !== null;
	}
	get condition(): Condition {
		const usual = this.#view?.concern === 'CHARGING' ? 'RAISED_LOADED' : 'CRANKING';
		return this.#draft.condition ?? this.#view?.next.probe?.condition ?? usual;
	}
	/** The current that was entered for the condition at hand. */
	get amps(): string {
		const { amps, ampsIn } = this.#draft;
		return ampsIn === undefined || ampsIn === this.condition ? amps : '';
	}
	/** Peaks exist only where the display moves. */
	get statistic(): NewReading['statistic'] {
		return moves(this.condition) ? (this.#draft.statistic ?? 'SETTLED') : 'SETTLED';
	}
	/** The loop on screen: the one the complaint is about, or the vehicle's other one. */
	get profile(): Profile | null {
		const view = this.#view;
		return (this.#otherLoop ? view?.otherProfile : undefined) ?? view?.profile ?? null;
	}
	get hasOtherLoop(): boolean {
		return this.#view?.otherProfile !== undefined;
	}
	/** The reading with a question that nobody has answered. */
	get asked() {
		return this.#view?.readings.find((r) => r.state === 'ASKED') ?? null;
	}
	/** The newest thing on record that can be undone. */
	get last(): { id: string; label: string } | null {
		const view = this.#view;
		if (!view) return null;
		const events = [
			...view.readings
				.filter((r) => r.state !== 'STRUCK')
				.map((r) => ({ id: r.id, label: r.shown, at: r.takenAtMs })),
			...view.repairs
				.filter((r) => !r.struck)
				.map((r) => ({ id: r.id, label: 'the repair', at: r.doneAtMs })),
			...view.photos.map((p) => ({ id: p.id, label: 'the picture', at: p.atMs })),
			...view.tests.filter((t) => !t.struck).map((t) => ({ id: t.id, label: 'the test', at: t.doneAtMs })),
			...view.statements.flatMap((s) =>
				s.stated && s.group !== 'TIMER' ? [{ id: s.stated.id, label: `“${s.title}”`, at: s.stated.atMs }] : []
			)
		];
		return events.sort((a, b) => a.at - b.at).at(-1) ?? null;
	}
	/** The name of the point under red while black has not been placed yet. */
	get halfPlaced(): string | null {
		const { red, black } = this.#draft;
		return red && !black ? (this.#point(red)?.name ?? red) : null;
	}
	get unsaved() {
		return this.#outbox.letters.filter((l) => l.caseId === this.id);
	}

	/** What the seat's line last said. */
	get seat(): SeatView | null {
		return this.#seat;
	}
	/** When it said so, on this page's own clock. */
	get seatAt(): number {
		return this.#seatAt;
	}

	heard(seat: SeatView): void {
		this.#seat = seat;
		this.#seatAt = performance.now();
	}

	/** Gives the seat an order; never kept for later, since a late order is a wrong one. */
	async order(kind: SeatView['order'], seconds: number): Promise<void> {
		this.#message = '';
		try {
			const { view, refused } = await putJson(`/api/cases/${this.id}/seat/orders/${newId()}`, {
				kind,
				seconds
			});
			if (view) this.heard(view);
			else this.#message = refused ?? '';
		} catch {
			this.#message = 'The order did not go out: call it across. Dantro cannot be reached.';
		}
	}

	/** Begins a crank, or ends it: by the seat if there is one, else by the timer alone. */
	crank(): void {
		const seat = this.#seat;
		if (seat?.joined) {
			const idle = seat.order === 'STOP' || (seat.order === 'READY' && seat.running);
			if (idle && !STARTER_TURNS.has(this.condition)) {
				this.#message = 'Not ordered: choose the condition Cranking first, with the engine off.';
				return;
			}
			void (idle ? this.order('CRANK', 5) : this.order('STOP', 0));
		} else {
			this.state('CRANK', this.stated('CRANK')?.value === 'START' ? 'STOP' : 'START');
		}
	}

	/** Fetches the case. */
	async load(): Promise<void> {
		try {
			const { data, error } = await api.GET('/api/cases/{caseId}', { params: { path: { caseId: this.id } } });
			if (data) {
				this.#show(data);
				if (this.#message === UNREACHABLE) this.#message = '';
			} else this.#message = problemText(error);
		} catch {
			this.#message = UNREACHABLE;
			this.#fromCopy();
		}
		if (this.#draft.red && this.#draft.black && !this.#chosen) await this.#expect();
		await this.#outbox.flush();
	}

	type(text: string): void {
		this.#edit({ text, simulated: false, range: undefined });
		this.#message = '';
	}

	setAmps(amps: string): void {
		this.#edit({ amps, ampsIn: this.condition });
	}

	setStatistic(statistic: NewReading['statistic']): void {
		this.#edit({ statistic });
	}

	setMeter(meter: NewReading['range']): void {
		this.#edit({ meter });
	}

	/** Takes another way to measure the current; what it is set to goes on record. */
	setAmmeter(ammeter: NewReading['ammeter'], checked: string): void {
		this.#edit({ ammeter, amps: '' });
		if (checked && this.stated('CLAMP_CHECKED')?.value !== checked) this.state('CLAMP_CHECKED', checked);
	}

	async setCondition(condition: Condition): Promise<void> {
		this.#own = true;
		this.#edit({ condition, ...this.#standing });
		await this.#expect();
	}

	showLoop(loop: Profile['loop']): void {
		this.#otherLoop = this.#view?.profile.loop !== loop;
	}

	/** Puts one lead on any point of the circuit. */
	async put(lead: 'red' | 'black', point: string): Promise<void> {
		this.#message = '';
		this.#own = true;
		this.#edit({
			...this.#standing,
			condition: this.condition,
			[lead]: point
		});
		await this.#expect();
	}

	/** Places the leads one after the other: red first, then black. */
	async place(point: string): Promise<void> {
		this.#message = '';
		this.#own = true;
		const { red, black } = this.#draft;
		if (!red || black) {
			this.#edit({ red: point, black: undefined });
			this.#chosen = null;
		} else if (point !== red) {
			this.#edit({ black: point });
			await this.#expect();
		}
	}

	/** Takes over a reading that the program offers. */
	choose(probe: Probe): void {
		this.#message = '';
		this.#own = false;
		this.#edit({ red: probe.red.id, black: probe.black.id, condition: probe.condition });
		this.#chosen = probe;
	}

	/** Where the leads go next, chosen on another view. */
	async aim(pair: { red: string; black: string; condition: Condition }): Promise<void> {
		this.#own = false;
		this.#edit(pair);
		await this.#expect();
	}

	/** Puts the leads where a reading was taken, to take it once more. */
	async readAgain(readingId: string): Promise<void> {
		const reading = this.#view?.readings.find((r) => r.id === readingId);
		if (!reading) return;
		this.#message = '';
		this.#edit({ red: reading.red, black: reading.black, condition: reading.condition });
		await this.#expect();
	}

	/** The last reading's points and condition once more. */
	async repeat(): Promise<void> {
		const last = this.#view?.readings
			.filter((r) => r.state !== 'STRUCK')
			.toSorted((a, b) => a.takenAtMs - b.takenAtMs)
			.at(-1);
		if (last) await this.readAgain(last.id);
	}

	async swap(): Promise<void> {
		const leads = this.#leads;
		if (!leads) return;
		this.#edit({ red: leads.black, black: leads.red, condition: leads.condition });
		await this.#expect();
	}

	/** Back to the proposed probe. */
	followPlan(): void {
		this.#message = '';
		this.#chosen = null;
		this.#own = false;
		this.#edit({ red: undefined, black: undefined, condition: undefined });
	}

	/** Puts the simulated meter's display into the entry, as if it had been read off. */
	async measure(): Promise<void> {
		const leads = this.#leads;
		if (!leads) return;
		const { data, error } = await api.GET('/api/cases/{caseId}/simulated-meter', {
			params: { path: { caseId: this.id }, query: { ...leads, ...this.#draft.ammeter } }
		});
		if (!data) {
			this.#message = problemText(error);
			return;
		}
		const now = this.#leads;
		if (now?.red !== leads.red || now.black !== leads.black || now.condition !== leads.condition) return;
		this.#message = '';
		this.#edit({
			text: data.typed,
			simulated: true,
			range: data.range,
			...(data.amps === undefined ? {} : { amps: String(data.amps), ampsIn: leads.condition })
		});
	}

	/** The simulated meter at the posts in any condition. */
	async measureAt(condition: Condition): Promise<void> {
		const posts = this.#view?.posts;
		if (!posts) return;
		const { data, error } = await api.GET('/api/cases/{caseId}/simulated-meter', {
			params: { path: { caseId: this.id }, query: { ...posts, condition } }
		});
		if (data) this.#edit({ text: data.typed, simulated: true, range: data.range });
		else this.#message = problemText(error);
	}

	/** Saves what is typed as read between two points in a condition; false if it is not a voltage yet. */
	saveAt(red: string, black: string, condition: Condition, statistic: NewReading['statistic']): boolean {
		if (!parseTyped(this.#draft.text)) {
			this.#message = 'Type what the meter shows, such as 12.6 or 9.8.';
			return false;
		}
		this.#record(red, black, condition, statistic, undefined);
		this.#clear('');
		return true;
	}

	save(): void {
		const leads = this.#leads;
		if (!leads || this.asked) return;
		if (this.halfPlaced) {
			this.#message = 'Nothing saved: black has no place yet.';
			return;
		}
		if (!parseTyped(this.#draft.text)) {
			this.#message = 'Type what the meter shows, such as 0.27 or 270 mV.';
			return;
		}
		const amps = this.#amps(leads.condition);
		if (amps === null) {
			this.#message = `The current (${this.amps}) is not a number of amperes, such as 131.`;
			return;
		}
		const peak = this.statistic === 'MINIMUM' || this.statistic === 'INRUSH';
		this.#record(leads.red, leads.black, leads.condition, this.statistic, peak ? undefined : amps);
		const kept = this.#own && this.#chosen ? { ...leads, statistic: this.#draft.statistic } : undefined;
		this.#clear(this.amps, leads.condition, kept);
	}

	#record(
		red: string,
		black: string,
		condition: Condition,
		statistic: NewReading['statistic'],
		amps: number | undefined
	): void {
		const body: NewReading = {
			red,
			black,
			condition,
			typed: this.#draft.text,
			statistic,
			amps,
			ammeter: amps === undefined ? undefined : this.#draft.ammeter,
			range: this.#draft.simulated ? this.#draft.range : this.#draft.meter,
			source: this.#draft.simulated ? 'SIMULATED' : 'TYPED',
			by: this.device,
			takenAtMs: workshopNow()
		};
		this.#write('readings', body, this.#draft.text);
	}

	answer(readingId: string, answer: SlipAnswer): void {
		this.#put(`readings/${readingId}/answer`, { answer, by: this.device }, 'your answer');
	}

	strike(target: string, reason: string): void {
		this.#write(
			'strikes',
			{ target, restores: false, reason, by: this.device, struckAtMs: workshopNow() },
			'a strike'
		);
	}

	undo(): void {
		if (this.last) this.strike(this.last.id, 'Undone');
	}

	restore(target: string): void {
		this.#write(
			'strikes',
			{ target, restores: true, reason: '', by: this.device, struckAtMs: workshopNow() },
			'an undo'
		);
	}

	repair(part: string, action: RepairAction, note: string): void {
		this.#write('repairs', { part, action, note, by: this.device, doneAtMs: workshopNow() }, 'the repair');
		this.#clear('');
	}

	/** Records something said or seen beside readings. */
	state(topic: Topic, value: string): void {
		if (ENDS.has(topic)) this.followPlan();
		this.#write(
			'statements',
			{ topic, value, note: '', by: this.device, saidAtMs: workshopNow() },
			'an answer'
		);
	}

	/** Keeps a picture of something that was looked at. */
	photo(topic: Topic, base64: string): void {
		try {
			this.#write('photos', { topic, base64, by: this.device, takenAtMs: workshopNow() }, 'a picture');
		} catch {
			this.#message =
				'The picture is not kept: this browser has no room left. Wait until the others are sent.';
		}
	}

	/** What was stated last on a topic. */
	stated(topic: Topic) {
		return this.#view?.statements.find((s) => s.topic === topic)?.stated;
	}

	complaintTest(passed: boolean): void {
		this.followPlan();
		this.#write(
			'complaint-tests',
			{ passed, note: '', by: this.device, doneAtMs: workshopNow() },
			'the test'
		);
	}

	#amps(condition: Condition): number | undefined | null {
		const text = this.amps
			.trim()
			.replace(',', '.')
			.replace(/\s*(a|mv)$/i, '');
		if (text === '' || STILL.has(condition)) return undefined;
		const value = Number(text);
		return Number.isFinite(value) ? value : null;
	}

	async #expect(): Promise<void> {
		const { red, black } = this.#draft;
		const condition = this.condition;
		if (!red || !black) return;
		const { data, error } = await api.GET('/api/cases/{caseId}/expectation', {
			params: { path: { caseId: this.id }, query: { red, black, condition } }
		});
		// Meanwhile the leads may stand elsewhere, or the plan is followed again.
		if (this.#draft.red !== red || this.#draft.black !== black || this.condition !== condition) return;
		if (data) this.#chosen = data;
		else this.#message = problemText(error);
	}

	#write(collection: string, body: unknown, label: string): void {
		this.#put(`${collection}/${newId()}`, body, label);
	}

	#put(path: string, body: unknown, label: string): void {
		this.#message = '';
		void this.#outbox.add({
			id: newId(),
			caseId: this.id,
			path: `/api/cases/${this.id}/${path}`,
			body,
			label
		});
	}

	/** Shows what the server said, unless it is older than what is on screen: answers may cross. */
	#show(view: CaseView): void {
		const shown = this.#view;
		const older =
			shown !== null &&
			(view.entries < shown.entries ||
				(view.entries === shown.entries && view.judgement.preparing && !shown.judgement.preparing));
		if (older && this.#asOfMs === 0) return;
		this.#view = view;
		this.#asOfMs = 0;
		this.#copies.keep(view, workshopNow());
	}

	/** After a reload without a connection: what this browser saw last. */
	#fromCopy(): void {
		if (this.#view) return;
		const copy = this.#copies.of(this.id);
		if (!copy) return;
		this.#view = copy.view;
		this.#asOfMs = copy.atMs;
	}

	/** A refused reading goes back into the entry, so that nothing typed is lost. */
	#refused(body: unknown, reason: string): void {
		this.#message = reason;
		if (body && typeof body === 'object' && 'typed' in body && this.#draft.text === '') {
			this.#edit({ text: String(body.typed) });
		}
	}

	#point(id: string) {
		return this.#view?.points.find((p) => p.id === id);
	}

	/** A fresh entry; the current stays with the next reading of the same crank, leads of one's own choice where they are. */
	#clear(amps: string, ampsIn?: Condition, kept?: Partial<Draft>): void {
		this.#draft = { ...EMPTY, amps, ampsIn, meter: this.#draft.meter, ammeter: this.#draft.ammeter, ...kept };
		if (!kept) {
			this.#chosen = null;
			this.#own = false;
		}
		this.storage.setItem(this.#draftKey, JSON.stringify(this.#draft));
	}

	get #draftKey(): string {
		return `dantro:${this.database}:draft:${this.id}`;
	}

	#edit(change: Partial<Draft>): void {
		this.#draft = { ...this.#draft, ...change };
		this.storage.setItem(this.#draftKey, JSON.stringify(this.#draft));
	}
}

/** The one case that is open: every view of a page shares it. */
export const [getCase, setCase] = createContext<CaseState>();

/** The case behind a page, on this browser's storage and network. */
export function caseOf(id: string, app: AppState): CaseState {
	return new CaseState(id, app.database, app.device, window.localStorage, window.fetch.bind(window));
}
