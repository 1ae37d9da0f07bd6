import { createContext } from 'svelte';
import { api, problemText, type CaseView, type Profile, type Step, type Topic } from '../api/client';
import { keptFor, type Kept } from '../device/kept';
import type { AppState } from './app.svelte';
import { workshopNow } from './clock';
import { Entry } from './entry.svelte';
import { SimulatedMeter } from './meter';
import { StepInHand } from './step.svelte';
import { Outbox } from './outbox.svelte';
import { CaseRecord } from './record';
import { SeatLine } from './seatline.svelte';

const UNREACHABLE = 'Dantro cannot be reached. What you enter is kept and sent when it is back.';

/** One case on screen: the server's view of it, and what is done to it through its parts. */
export class CaseState {
	#view = $state.raw<CaseView | null>(null);
	/** What went wrong last, for the person; empty if nothing did. */
	message = $state('');
	#asOfMs = $state(0);
	#otherLoop = $state(false);
	readonly #hand = new StepInHand();
	readonly entry: Entry;
	readonly meter = new SimulatedMeter(this);
	readonly record = new CaseRecord(this);
	readonly line = new SeatLine(this);
	readonly outbox: Outbox;

	constructor(
		readonly id: string,
		database: string,
		readonly device: string,
		storage: Storage,
		private readonly kept: Promise<Kept>,
		fetcher: typeof fetch
	) {
		this.entry = new Entry(this, storage, `dantro:${database}:draft:${id}`);
		this.outbox = new Outbox(kept, fetcher, (outcome) => {
			if ('view' in outcome) {
				if (outcome.letter.caseId === id) this.#show(outcome.view, true);
			} else {
				this.#refused(outcome.letter.body, outcome.refused);
			}
		});
	}

	get view(): CaseView | null {
		return this.#view;
	}
	/** The one thing to do next: it stays in hand while somebody works by it. */
	get step(): Step | null {
		return this.#hand.held ?? this.#view?.next ?? null;
	}
	/** What the plan came to meanwhile, if that is another step than the one in hand. */
	get moved(): Step | null {
		return this.#hand.held ? (this.#view?.next ?? null) : null;
	}
	/** Lets go of the step in hand for what the plan says now. */
	takeStep(): void {
		this.#hand.letGo();
	}
	/** When the view is a copy from before a reload without a connection: of which moment; else 0. */
	get asOfMs(): number {
		return this.#asOfMs;
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
	get unsaved() {
		return this.outbox.letters.filter((l) => l.caseId === this.id);
	}

	/** Fetches the case. */
	async load(): Promise<void> {
		try {
			const { data, error } = await api.GET('/api/cases/{caseId}', { params: { path: { caseId: this.id } } });
			if (data) {
				this.#show(data);
				if (this.message === UNREACHABLE) this.message = '';
			} else this.message = problemText(error);
		} catch {
			this.message = UNREACHABLE;
			await this.#fromCopy();
		}
		await this.entry.resume();
		await this.outbox.flush();
	}

	/** The case changed: fetched anew, unless by an entry of this page's own, whose answer brings the case with it. */
	async changed(entry?: string): Promise<void> {
		if (!entry || !this.outbox.isOwn(entry)) await this.load();
	}

	showLoop(loop: Profile['loop']): void {
		this.#otherLoop = this.#view?.profile.loop !== loop;
	}

	/** What was stated last on a topic. */
	stated(topic: Topic) {
		return this.#view?.statements.find((s) => s.topic === topic)?.stated;
	}

	/** Shows what the server said, unless it is older than what is on screen: answers may cross. */
	#show(view: CaseView, own = false): void {
		const shown = this.#view;
		const older =
			shown !== null &&
			(view.entries < shown.entries ||
				(view.entries === shown.entries && view.judgement.preparing && !shown.judgement.preparing));
		if (older && this.#asOfMs === 0) return;
		this.#hand.update(shown, view, own, this.entry.draft.text !== '');
		this.#view = view;
		this.#asOfMs = 0;
		void this.kept.then((k) => k.keep({ id: view.id, atMs: workshopNow(), view }));
	}

	/** After a reload without a connection: what this browser saw last. */
	async #fromCopy(): Promise<void> {
		if (this.#view) return;
		const copy = await (await this.kept).copy(this.id);
		if (!copy || this.#view) return;
		this.#view = copy.view;
		this.#asOfMs = copy.atMs;
	}

	/** A refused reading goes back into the entry, so that nothing typed is lost. */
	#refused(body: unknown, reason: string): void {
		this.message = reason;
		if (body && typeof body === 'object' && 'typed' in body) this.entry.giveBack(String(body.typed));
	}
}

/** The one case that is open: every view of a page shares it. */
export const [getCase, setCase] = createContext<CaseState>();

/** The case behind a page, on this browser's storage and network. */
export function caseOf(id: string, app: AppState): CaseState {
	const { database, device } = app;
	return new CaseState(
		id,
		database,
		device,
		window.localStorage,
		keptFor(database),
		window.fetch.bind(window)
	);
}
