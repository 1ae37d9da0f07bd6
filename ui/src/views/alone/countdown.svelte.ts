import { allowSound, soundGo, soundStop, tone } from '../../lib/device/signals';
import type { CaseState } from '../../lib/state/case.svelte';

const READY_SECONDS = 5;

/** Counts down to a crank and through it, with a tone for each second; the crank goes on record. */
export class Countdown {
	/** Seconds since it began; null while nothing runs. */
	#gone = $state<number | null>(null);
	/** True once a crank was counted through. */
	cranked = $state(false);

	constructor(private readonly bench: CaseState) {}

	get crankSeconds(): number {
		return this.bench.view?.crankTime.usualSeconds ?? 0;
	}
	get running(): boolean {
		return this.#gone !== null;
	}
	get cranking(): boolean {
		return this.#gone !== null && this.#gone >= READY_SECONDS;
	}
	/** Seconds left of what runs now. */
	get left(): number {
		const whole = this.cranking ? READY_SECONDS + this.crankSeconds : READY_SECONDS;
		return this.#gone === null ? 0 : whole - this.#gone;
	}

	begin(): void {
		allowSound();
		this.#gone = 0;
		tone(660, 120);
	}

	/** Waits for the next second; to be called in an effect. */
	tick(): (() => void) | undefined {
		const before = this.#gone;
		if (before === null) return undefined;
		const next = setTimeout(() => this.#step(before + 1), 1000);
		return () => clearTimeout(next);
	}

	stop(): void {
		if (this.cranking) this.bench.record.state('CRANK', 'STOP');
		soundStop();
		this.cranked = this.cranking;
		this.#gone = null;
	}

	#step(at: number): void {
		if (at < READY_SECONDS) tone(660, 120);
		if (at === READY_SECONDS) {
			soundGo();
			this.bench.record.state('CRANK', 'START');
		}
		if (at >= READY_SECONDS + this.crankSeconds) return this.stop();
		this.#gone = at;
	}
}
