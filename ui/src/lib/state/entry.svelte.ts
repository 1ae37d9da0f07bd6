import type { Condition, NewReading, Probe, ReadingRow } from '../api/client';
import { bumpsOf } from '../format/typed';
import { moves } from '../format/words';
import type { CaseState } from './case.svelte';
import { workshopNow } from './clock';
import { expectation } from './expectation';
import { correction } from './correction';
import { ampsTyped, KeptDraft, wrongWith, type Draft } from './draft.svelte';

type Leads = Pick<NewReading, 'red' | 'black' | 'condition'>;

/** The next reading of a case: where the leads stand, in which condition, what is typed, and how it is saved. */
export class Entry {
	#draft: KeptDraft;
	#chosen = $state.raw<Probe | null>(null);
	/** True once leads or condition were set by hand: they stay so until the plan is followed again. */
	#own = false;

	constructor(
		private readonly host: CaseState,
		storage: Storage,
		key: string
	) {
		this.#draft = new KeptDraft(storage, key);
	}

	get draft(): Draft {
		return this.#draft.now;
	}
	/** The technician's own choice, else the proposed probe, if the step has one. */
	get probe(): Probe | null {
		return this.#chosen ?? this.host.step?.probe ?? null;
	}
	/** Where the leads stand now, also while the expectation for them is still on its way. */
	get leads(): Leads | null {
		const { red, black } = this.#draft.now;
		if (red && black) return { red, black, condition: this.condition };
		const { probe } = this;
		return probe && { red: probe.red.id, black: probe.black.id, condition: probe.condition };
	}
	/** The same, and the battery's posts where the step asks for no reading. */
	get #standing(): { red?: string; black?: string } {
		const posts = this.host.view?.posts;
		return {
			red: this.#draft.now.red ?? this.probe?.red.id ?? posts?.red,
			black: this.#draft.now.black ?? this.probe?.black.id ?? posts?.black
		};
	}
	get ownChoice(): boolean {
		return this.#chosen !== null;
	}
	get condition(): Condition {
		const usual = this.host.view?.concern === 'CHARGING' ? 'RAISED_LOADED' : 'CRANKING';
		return this.#draft.now.condition ?? this.host.step?.probe?.condition ?? usual;
	}
	/** The current that was entered for the condition at hand. */
	get amps(): string {
		const { amps, ampsIn } = this.#draft.now;
		return ampsIn === undefined || ampsIn === this.condition ? amps : '';
	}
	/** Peaks exist only where the display moves. */
	get statistic(): NewReading['statistic'] {
		return moves(this.condition) ? (this.#draft.now.statistic ?? 'SETTLED') : 'SETTLED';
	}
	/** The name of the point under red while black has not been placed yet. */
	get halfPlaced(): string | null {
		const { red, black } = this.#draft.now;
		return red && !black ? (this.host.view?.points.find((p) => p.id === red)?.name ?? red) : null;
	}

	type(text: string): void {
		this.#draft.edit({ text, simulated: false, range: undefined });
		this.host.message = '';
	}

	setAmps(amps: string): void {
		this.#draft.edit({ amps, ampsIn: this.condition });
	}

	/** Sets which value of a moving display is typed, or the meter's range. */
	set(change: Pick<Draft, 'statistic' | 'meter'>): void {
		this.#draft.edit(change);
	}

	/** Takes another way to measure the current; what it is set to goes on record. */
	setAmmeter(ammeter: NewReading['ammeter'], checked: string): void {
		this.#draft.edit({ ammeter, amps: '' });
		const known = this.host.stated('CLAMP_CHECKED')?.value;
		if (checked && known !== checked) this.host.record.state('CLAMP_CHECKED', checked);
	}

	async setCondition(condition: Condition): Promise<void> {
		this.#own = true;
		this.#draft.edit({ condition, ...this.#standing });
		await this.#expect();
	}

	/** Puts one lead on any point of the circuit. */
	async put(lead: 'red' | 'black', point: string): Promise<void> {
		this.host.message = '';
		this.#own = true;
		this.#draft.edit({
			...this.#standing,
			condition: this.condition,
			[lead]: point
		});
		await this.#expect();
	}

	/** Places the leads one after the other: red first, then black. */
	async place(point: string): Promise<void> {
		this.host.message = '';
		this.#own = true;
		const { red, black } = this.#draft.now;
		if (!red || black) {
			this.#draft.edit({ red: point, black: undefined });
			this.#chosen = null;
		} else if (point !== red) {
			this.#draft.edit({ black: point });
			await this.#expect();
		}
	}

	/** Takes over a reading that the program offers. */
	choose(probe: Probe): void {
		this.host.message = '';
		this.#own = false;
		this.#draft.edit({ red: probe.red.id, black: probe.black.id, condition: probe.condition });
		this.#chosen = probe;
	}

	/** Where the leads go next, chosen on another view. */
	async aim(pair: Leads): Promise<void> {
		this.#own = false;
		this.#draft.edit(pair);
		await this.#expect();
	}

	/** Puts the leads where a reading was taken, to take it once more. */
	async readAgain(readingId: string): Promise<void> {
		const again = this.host.view?.readings.find((r) => r.id === readingId);
		if (!again) return;
		this.host.message = '';
		this.#draft.edit({ red: again.red, black: again.black, condition: again.condition });
		await this.#expect();
	}

	/** Opens a saved reading with all that was entered; what is saved then takes its place, at its own time. */
	async correct(row: ReadingRow): Promise<void> {
		const { draft, message } = correction(row);
		this.host.message = message;
		this.#own = false;
		this.#chosen = null;
		this.#draft.renew(draft);
		await this.#expect();
	}

	/** The last reading's points and condition once more. */
	async repeat(): Promise<void> {
		const taken = this.host.view?.readings.filter((r) => r.state !== 'STRUCK') ?? [];
		const last = taken.toSorted((a, b) => a.takenAtMs - b.takenAtMs).at(-1);
		if (last) await this.readAgain(last.id);
	}

	async swap(): Promise<void> {
		const leads = this.leads;
		if (!leads) return;
		this.#draft.edit({ red: leads.black, black: leads.red, condition: leads.condition });
		await this.#expect();
	}

	/** Back to the proposed probe. */
	followPlan(): void {
		this.host.message = '';
		this.host.takeStep();
		this.#chosen = null;
		this.#own = false;
		const text = this.#draft.now.correcting ? '' : this.#draft.now.text;
		this.#draft.edit({ red: undefined, black: undefined, condition: undefined, correcting: undefined, text });
	}

	/** Saves what is typed as read between two points in a condition; false if it is not a voltage yet. */
	saveAt(red: string, black: string, condition: Condition, statistic: NewReading['statistic']): boolean {
		this.host.message = wrongWith(this.#draft.now.text, '', condition);
		if (this.host.message) return false;
		this.#record({ red, black, condition }, statistic);
		this.reset();
		return true;
	}

	save(): void {
		const leads = this.leads;
		if (!leads || this.host.asked) return;
		const half = this.halfPlaced ? 'Nothing saved: black has no place yet.' : '';
		this.host.message = half || wrongWith(this.#draft.now.text, this.amps, leads.condition);
		if (this.host.message) return;
		const amps = ampsTyped(this.amps, leads.condition) ?? undefined;
		const peak = ['MINIMUM', 'INRUSH'].includes(this.statistic);
		this.#record(leads, this.statistic, peak ? undefined : amps);
		const kept = this.#own && this.#chosen ? { ...leads, statistic: this.#draft.now.statistic } : undefined;
		this.reset(this.amps, leads.condition, kept);
	}

	#record(leads: Leads, statistic: NewReading['statistic'], amps?: number): void {
		const { correcting, text } = this.#draft.now;
		const from = correcting?.takenAtMs ?? workshopNow();
		if (correcting) this.host.record.strike(correcting.id, 'Corrected');
		for (const [after, typed] of bumpsOf(text).entries()) {
			const body = this.#draft.reading(typed, leads, statistic, amps);
			const signed = { ...body, by: this.host.device, takenAtMs: from + after };
			this.host.record.write('readings', signed, typed);
		}
	}

	async #expect(): Promise<void> {
		const { red, black } = this.#draft.now;
		const condition = this.condition;
		if (!red || !black) return;
		const { data, wrong } = await expectation(this.host.id, red, black, condition);
		// Meanwhile the leads may stand elsewhere, or the plan is followed again.
		const { leads } = this;
		if (leads?.red !== red || leads.black !== black || leads.condition !== condition) return;
		if (data) this.#chosen = data;
		else this.host.message = wrong;
	}

	/** What to expect at leads that stood before the page was opened. */
	async resume(): Promise<void> {
		if (this.#draft.now.red && this.#draft.now.black && !this.#chosen) await this.#expect();
	}

	/** Puts what was refused back, unless something else is typed by now. */
	giveBack(text: string): void {
		if (this.#draft.now.text === '') this.#draft.edit({ text });
	}

	/** A fresh entry; the current stays with the next reading of the same crank, leads of one's own choice where they are. */
	reset(amps = '', ampsIn?: Condition, kept?: Partial<Draft>): void {
		this.#draft.renew({ amps, ampsIn, ...kept });
		if (!kept) {
			this.#chosen = null;
			this.#own = false;
		}
	}

	/** Takes over what the simulated meter shows, as if it had been read off. */
	take(shown: Partial<Draft>): void {
		this.#draft.edit({ ...shown, simulated: true });
	}
}
