import { workshopNow } from './clock';
import { api, problemText, type CircuitEdit, type CircuitView } from '../api/client';
import type { AppState } from './app.svelte';

/** What was typed for one part; kept as text until it is a number. */
export type PartDraft = {
	metres?: string;
	/** Cross-section in m², chosen from a list. */
	area?: number;
	material?: CircuitEdit['material'];
	milliohms?: string;
	fuse?: string;
};
type Draft = {
	parts: Record<string, PartDraft>;
	access: Record<string, NonNullable<CircuitEdit['access']>>;
	/** Points left out and joints added, in the order they were asked for. */
	shape: CircuitEdit[];
};

const EMPTY: Draft = { parts: {}, access: {}, shape: [] };
const QUIET_MILLISECONDS = 150;
const UNREACHABLE = 'Dantro cannot be reached. Your changes stay here; try again when it is back.';

/** The number in a field, empty for nothing typed, null if it is not a number. */
export function numberIn(text: string | undefined): number | undefined | null {
	if (text === undefined || text.trim() === '') return undefined;
	const value = Number(text.trim().replace(',', '.'));
	return Number.isFinite(value) ? value : null;
}

/** One case's circuit on screen: as saved, as drafted, and what the draft would lose. */
export class CircuitState {
	#view = $state.raw<CircuitView | null>(null);
	#draft = $state.raw<Draft>(EMPTY);
	#message = $state('');
	#saving = $state(false);
	#version = $state(0);
	#request = 0;
	#timer: ReturnType<typeof setTimeout> | undefined;

	constructor(
		readonly id: string,
		private readonly database: string,
		private readonly by: string,
		private readonly storage: Storage
	) {
		this.#draft = JSON.parse(storage.getItem(this.#key) ?? 'null') ?? EMPTY;
	}

	get view(): CircuitView | null {
		return this.#view;
	}
	get message(): string {
		return this.#message;
	}
	/** The version that is saved. */
	get version(): number {
		return this.#version;
	}
	get saving(): boolean {
		return this.#saving;
	}
	get changes(): number {
		const { parts, access, shape } = this.#draft;
		return Object.keys(parts).length + Object.keys(access).length + shape.length;
	}

	part(id: string): PartDraft {
		return this.#draft.parts[id] ?? {};
	}

	/** The circuit as saved; figures that count with a draft stay until the draft is counted anew. */
	async load(): Promise<void> {
		try {
			const { data, error } = await api.GET('/api/cases/{caseId}/circuit', {
				params: { path: { caseId: this.id } }
			});
			if (!data) {
				this.#message = problemText(error);
				return;
			}
			if (data.version < this.#version) return;
			this.#version = data.version;
			if (this.changes === 0 || !this.#view) this.#view = data;
			if (this.changes > 0) await this.#preview();
		} catch {
			this.#message = UNREACHABLE;
		}
	}

	change(part: string, change: PartDraft): void {
		const parts = { ...this.#draft.parts, [part]: { ...this.part(part), ...change } };
		this.#edit({ parts });
	}

	setAccess(point: string, access: NonNullable<CircuitEdit['access']>): void {
		this.#edit({ access: { ...this.#draft.access, [point]: access } });
	}

	leaveOut(point: string): void {
		this.#edit({ shape: [...this.#draft.shape, { operation: 'LEAVE_OUT', point }] });
	}

	addJoint(part: string, name: string): void {
		this.#edit({ shape: [...this.#draft.shape, { operation: 'ADD_JOINT', part, name }] });
	}

	async discard(): Promise<void> {
		this.#draft = EMPTY;
		this.#keep();
		this.#message = '';
		await this.load();
	}

	/** Keeps the draft as the next version of the circuit. */
	async save(): Promise<void> {
		const edits = this.#edits();
		if (!edits) return;
		this.#saving = true;
		try {
			const { data, error } = await api.PUT('/api/cases/{caseId}/circuit/{version}', {
				params: { path: { caseId: this.id, version: this.#version + 1 } },
				body: { edits, by: this.by, changedAtMs: workshopNow() }
			});
			if (data) {
				this.#draft = EMPTY;
				this.#keep();
				this.#version = data.version;
				this.#view = data;
				this.#message = '';
			} else {
				this.#message = problemText(error);
			}
		} catch {
			this.#message = UNREACHABLE;
		} finally {
			this.#saving = false;
		}
	}

	/** The draft as edits; null with a message if something typed is not a number. */
	#edits(): CircuitEdit[] | null {
		const edits: CircuitEdit[] = [];
		for (const [part, draft] of Object.entries(this.#draft.parts)) {
			const metres = numberIn(draft.metres);
			const milliohms = numberIn(draft.milliohms);
			const fuse = numberIn(draft.fuse);
			if (metres === null || milliohms === null || fuse === null) {
				const wrong = [draft.metres, draft.milliohms, draft.fuse].find((t) => numberIn(t) === null) ?? '';
				this.#message = `"${wrong}" is not a number. Type a number such as 1.2.`;
				return null;
			}
			edits.push({
				operation: 'CHANGE_PART',
				part,
				lengthMetres: metres,
				areaSquareMetres: draft.area,
				material: draft.material,
				ohms: milliohms === undefined ? undefined : milliohms / 1e3,
				fuseAmps: fuse
			});
		}
		for (const [point, access] of Object.entries(this.#draft.access)) {
			edits.push({ operation: 'SET_ACCESS', point, access });
		}
		return [...edits, ...this.#draft.shape];
	}

	/** What the draft would lose; a later request wins over an earlier one. */
	async #preview(): Promise<void> {
		const edits = this.#edits();
		if (!edits) return;
		const request = ++this.#request;
		try {
			const { data, error } = await api.POST('/api/cases/{caseId}/circuit/preview', {
				params: { path: { caseId: this.id } },
				body: { edits }
			});
			if (request !== this.#request) return;
			if (data) {
				this.#view = data;
				this.#message = '';
			} else {
				this.#message = problemText(error);
				this.#dropRefusedShape();
			}
		} catch {
			this.#message = UNREACHABLE;
		}
	}

	/** A point that cannot go comes back at once; a number that was typed stays to be corrected. */
	#dropRefusedShape(): void {
		const last = this.#draft.shape.at(-1);
		if (last?.operation === 'LEAVE_OUT') {
			this.#draft = { ...this.#draft, shape: this.#draft.shape.slice(0, -1) };
			this.#keep();
		}
	}

	#edit(change: Partial<Draft>): void {
		this.#draft = { ...this.#draft, ...change };
		this.#keep();
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.#preview(), QUIET_MILLISECONDS);
	}

	#keep(): void {
		this.storage.setItem(this.#key, JSON.stringify(this.#draft));
	}

	get #key(): string {
		return `dantro:${this.database}:circuit:${this.id}`;
	}
}

/** The circuit behind a view, on this browser's storage. */
export function circuitOf(id: string, app: AppState): CircuitState {
	return new CircuitState(id, app.database, app.device, window.localStorage);
}
