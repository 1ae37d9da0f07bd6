import type { CaseView, Step } from '../api/client';

/** Whoever has looked at a step for so long is on the way to it. */
const ON_THE_WAY_MS = 3000;

/**
 * The step that somebody works by. What others enter, or what is judged meanwhile, may make the plan another one: the step
 * stays all the same until its own entry is saved or it is let go, unless it has become unsafe.
 */
export class StepInHand {
	#held = $state.raw<Step | null>(null);
	#shownSince = performance.now();
	#entered = false;

	get held(): Step | null {
		return this.#held;
	}

	letGo(): void {
		this.#held = null;
		this.#shownSince = performance.now();
	}

	/** @param own true for the answer to what was entered here @param typing true while digits stand in the entry */
	update(shown: CaseView | null, view: CaseView, own: boolean, typing: boolean): void {
		this.#entered ||= own;
		if (own || !shown) return this.letGo();
		const step = this.#held ?? shown.next;
		const opening = shown.judgement.preparing && !this.#entered;
		const working = typing || (!opening && performance.now() - this.#shownSince >= ON_THE_WAY_MS);
		if (same(step, view.next)) this.#held = null;
		else if (!working || unsafe(step, view)) this.letGo();
		else this.#held = step;
	}
}

function same(one: Step, other: Step): boolean {
	return (
		one.kind === other.kind &&
		one.title === other.title &&
		one.part === other.part &&
		one.probe?.red.id === other.probe?.red.id &&
		one.probe?.black.id === other.probe?.black.id &&
		one.probe?.condition === other.probe?.condition
	);
}

function unsafe(step: Step, view: CaseView): boolean {
	return step.probe !== undefined && view.forbidden.includes(step.probe.condition);
}
