import type { SeatView } from '../api/client';
import { send } from '../api/send';
import { faceOf, LOST_MILLIS, type Face } from '../seat/face';
import { newId } from './ids';

const TICK_MILLIS = 200;
const REOPEN_MILLIS = 5000;

/** The helper's end of the line: listens for beats, says that it is there, answers orders. */
export class SeatState {
	#view = $state.raw<SeatView | null>(null);
	#message = $state('');
	#beatAt = $state(0);
	/** When the server last took a word of ours. */
	#heardAt = $state(0);
	#now = $state(performance.now());
	#stream: EventSource | null = null;
	#openedAt = 0;
	#saidAt = 0;
	readonly #screen = newId();

	constructor(readonly caseId: string) {}

	get view(): SeatView | null {
		return this.#view;
	}
	get face(): Face {
		return faceOf(this.#view, this.#now - this.#beatAt, this.#now - this.#heardAt);
	}
	get message(): string {
		return this.#message;
	}

	/** Joins, and stays joined until the returned function is called. */
	join(): () => void {
		this.#open();
		const tick = setInterval(() => this.#tick(), TICK_MILLIS);
		return () => {
			clearInterval(tick);
			this.#stream?.close();
		};
	}

	async acknowledge(): Promise<void> {
		const order = this.#view?.orderId;
		if (order && this.face.asks) await this.#put(`acknowledged/${order}`);
	}

	async letGo(): Promise<void> {
		await this.#put('let-go');
	}

	#open(): void {
		this.#stream?.close();
		this.#openedAt = performance.now();
		this.#stream = new EventSource(`/api/seat/${this.caseId}/orders?screen=${this.#screen}`);
		this.#stream.addEventListener('beat', (event) => this.#take(JSON.parse(event.data) as SeatView));
	}

	#tick(): void {
		this.#now = performance.now();
		const silent = this.#now - this.#beatAt;
		if (silent > REOPEN_MILLIS && this.#now - this.#openedAt > REOPEN_MILLIS) this.#open();
		// Only a screen that hears the beats says that it is there.
		if (silent <= LOST_MILLIS && this.#now - this.#saidAt > 900) {
			this.#saidAt = this.#now;
			void this.#put(`screens/${this.#screen}`);
		}
	}

	#take(view: SeatView): void {
		if (this.#view === null) this.#heardAt = performance.now();
		this.#view = view;
		this.#beatAt = this.#now = performance.now();
	}

	async #put(path: string): Promise<void> {
		const sent = await send<SeatView>(`/api/seat/${this.caseId}/${path}`, {});
		if (sent.kind === 'lost') {
			this.#message = 'Not answered: the workshop’s computer cannot be reached.';
			return;
		}
		this.#heardAt = performance.now();
		this.#message = sent.kind === 'refused' ? sent.reason : '';
	}
}
