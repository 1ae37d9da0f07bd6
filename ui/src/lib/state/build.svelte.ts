/** Which build of the program this page is, and which one the server has: they part when it was updated meanwhile. */
class Build {
	#served = $state('');
	readonly own: string;

	constructor(script: string | undefined) {
		this.own = buildIn(script);
	}

	learn(served: string | null): void {
		if (served) this.#served = served;
	}

	/** True if the server has another build than this page. */
	get outdated(): boolean {
		return this.own !== '' && this.#served !== '' && this.#served !== this.own;
	}
}

/** The name of a build is that of its first script, which bears its content's; none while developing. */
export function buildIn(script: string | undefined): string {
	return /\/assets\/index-([\w-]+)\.js$/.exec(script ?? '')?.[1] ?? '';
}

export const build = new Build(
	globalThis.document?.querySelector<HTMLScriptElement>('script[type="module"]')?.src
);

export function learnBuild(served: string | null): void {
	build.learn(served);
}
