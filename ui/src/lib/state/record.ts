import type { ReadingRow, RepairAction, SlipAnswer, Topic } from '../api/client';
import { send } from '../api/send';
import type { CaseState } from './case.svelte';
import { workshopNow } from './clock';
import { correction } from './correction';
import { newId } from './ids';

/** What ends a case: whatever was being entered gives way to the plan. */
const ENDS: ReadonlySet<Topic> = new Set<Topic>(['ENDED', 'LEFT', 'CLOSED_UNVERIFIED']);

/** The verbs that put something on a case's record; each goes through the outbox. */
export class CaseRecord {
	constructor(private readonly host: CaseState) {}

	answer(readingId: string, answer: SlipAnswer): void {
		this.#put(`readings/${readingId}/answer`, { answer, by: this.host.device }, 'your answer');
	}

	strike(target: string, reason: string): void {
		this.write(
			'strikes',
			{ target, restores: false, reason, by: this.host.device, struckAtMs: workshopNow() },
			'a strike'
		);
	}

	/** Puts a reading on another case's record, then strikes it out here; without an answer nothing is moved. */
	async move(row: ReadingRow, target: { id: string; vehicle: string }): Promise<void> {
		const { text, amps } = correction(row).draft;
		const sent = await send(`/api/cases/${target.id}/readings/${newId()}`, {
			red: row.red,
			black: row.black,
			condition: row.condition,
			typed: text,
			statistic: row.statistic,
			amps: amps ? Number(amps) : undefined,
			range: row.range,
			source: row.source,
			by: this.host.device,
			takenAtMs: row.takenAtMs
		});
		if (sent.kind === 'done') {
			this.strike(row.id, `Moved to ${target.vehicle}`);
			if (row.amps !== undefined && !amps)
				this.host.message = `Moved without its current, which was known by ${row.ampsKnownBy}.`;
		} else if (sent.kind === 'refused') this.host.message = `Not moved to ${target.vehicle}: ${sent.reason}`;
		else this.host.message = sent.why ?? 'Dantro cannot be reached. Nothing was moved.';
	}

	undo(): void {
		const last = this.host.last;
		if (last) this.strike(last.id, 'Undone');
	}

	restore(target: string): void {
		this.write(
			'strikes',
			{ target, restores: true, reason: '', by: this.host.device, struckAtMs: workshopNow() },
			'an undo'
		);
	}

	repair(part: string, action: RepairAction, note: string): void {
		this.write(
			'repairs',
			{ part, action, note, by: this.host.device, doneAtMs: workshopNow() },
			'the repair'
		);
		this.host.entry.reset();
	}

	/** Records something said or seen beside readings. */
	state(topic: Topic, value: string): void {
		if (ENDS.has(topic)) this.host.entry.followPlan();
		this.write(
			'statements',
			{ topic, value, note: '', by: this.host.device, saidAtMs: workshopNow() },
			'an answer'
		);
	}

	/** Keeps a picture of something that was looked at. */
	photo(topic: Topic, base64: string): void {
		this.write('photos', { topic, base64, by: this.host.device, takenAtMs: workshopNow() }, 'a picture');
	}

	/** Erases a picture or other entry for good; without a target all that is personal in the case. */
	erase(target?: string): void {
		this.write('erasures', { target, by: this.host.device, erasedAtMs: workshopNow() }, 'an erasure');
	}

	complaintTest(passed: boolean): void {
		this.host.entry.followPlan();
		this.write(
			'complaint-tests',
			{ passed, note: '', by: this.host.device, doneAtMs: workshopNow() },
			'the test'
		);
	}

	/** Sends a new entry of a collection. */
	write(collection: string, body: unknown, label: string): void {
		this.#put(`${collection}/${newId()}`, body, label);
	}

	#put(path: string, body: unknown, label: string): void {
		this.host.message = '';
		const letter = {
			id: newId(),
			caseId: this.host.id,
			path: `/api/cases/${this.host.id}/${path}`,
			body,
			label
		};
		void this.host.outbox.add(letter).then((kept) => {
			if (!kept && this.host.outbox.stuck) {
				this.host.message = `This browser has no room left for ${label}. Keep this page open until it is sent.`;
			}
		});
	}
}
