import type { SeatView } from '../api/client';
import { send } from '../api/send';
import { STARTER_TURNS } from '../format/words';
import type { CaseState } from './case.svelte';
import { newId } from './ids';

/** The wing's end of the line to the helper in the seat. */
export class SeatLine {
	#seat = $state.raw<SeatView | null>(null);
	#seatAt = $state(0);

	constructor(private readonly host: CaseState) {}

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
		this.host.message = '';
		const sent = await send<SeatView>(`/api/cases/${this.host.id}/seat/orders/${newId()}`, {
			kind,
			seconds
		});
		if (sent.kind === 'done') this.heard(sent.data);
		else {
			this.host.message =
				sent.kind === 'refused'
					? sent.reason
					: 'The order did not go out: call it across. Dantro cannot be reached.';
		}
	}

	/** Begins a crank, or ends it: by the seat if there is one, else by the timer alone. */
	crank(): void {
		const seat = this.#seat;
		if (seat?.joined) {
			const idle = seat.order === 'STOP' || (seat.order === 'READY' && seat.running);
			if (idle && !STARTER_TURNS.has(this.host.entry.condition)) {
				this.host.message = 'Not ordered: choose the condition Cranking first, with the engine off.';
				return;
			}
			void (idle ? this.order('CRANK', 5) : this.order('STOP', 0));
		} else {
			this.host.record.state('CRANK', this.host.stated('CRANK')?.value === 'START' ? 'STOP' : 'START');
		}
	}
}
