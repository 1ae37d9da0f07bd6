import { replace } from 'svelte-spa-router';
import {
	api,
	problemText,
	type Intake,
	type KnownVehicle,
	type NewCase,
	type Topic
} from '../../lib/api/client';
import type { AppState } from '../../lib/state/app.svelte';
import { caseOf } from '../../lib/state/case.svelte';
import { workshopNow } from '../../lib/state/clock';
import { newId } from '../../lib/state/ids';

const LOST = 'Dantro cannot be reached. Your entries stay here; try again when it is back.';
const COLDEST = -50;
const HOTTEST = 60;

/** What is typed before a case exists; kept in the browser until it does. */
type Typed = {
	vehicle: string;
	plate: string;
	complaint: string;
	celsius: string;
	concern: NewCase['concern'];
	/** A circuit's id, or that of the case whose circuit is taken over. */
	chosen?: string | undefined;
	/** True if it is another vehicle of the same name. */
	another: boolean;
	said: Partial<Record<Topic, string>>;
};
type Wrong = { vehicle?: string; complaint?: string; celsius?: string };

const EMPTY: Typed = {
	vehicle: '',
	plate: '',
	complaint: '',
	celsius: '20',
	concern: 'STARTING',
	another: false,
	said: {}
};

/** What keeps a case from being opened, field by field. */
export function wrongIn(typed: Pick<Typed, 'vehicle' | 'complaint' | 'celsius'>): Wrong {
	const wrong: Wrong = {};
	if (!typed.vehicle.trim()) wrong.vehicle = 'Give the vehicle a name or its plate.';
	if (!typed.complaint.trim()) wrong.complaint = 'Say what it does, or tap one of these.';
	const celsius = celsiusIn(typed.celsius);
	if (celsius === null) {
		wrong.celsius = typed.celsius.trim() ? 'A number, such as 20 or −5.' : 'How warm is it, in °C?';
	} else if (celsius < COLDEST || celsius > HOTTEST) {
		wrong.celsius = `Between ${COLDEST} and ${HOTTEST} °C.`.replace('-', '−');
	}
	return wrong;
}

/** A plate without what people put between its letters. */
export function bare(plate: string): string {
	return plate.replace(/[^\p{L}\p{N}]/gu, '').toUpperCase();
}

/** A temperature as typed, or null if it is none; nothing typed is not zero. */
function celsiusIn(text: string): number | null {
	const value = Number(text.trim().replace(',', '.').replace('−', '-'));
	return text.trim() === '' || !Number.isFinite(value) ? null : value;
}

/** The form of a new case: what is typed, what the workshop knows of the vehicle, and the start. */
export class NewCaseForm {
	typed = $state<Typed>({ ...EMPTY });
	circuits = $state.raw<{ id: string; title: string }[]>([]);
	/** What customers usually say, and what is asked at the door. */
	intake = $state.raw<Intake>({ complaints: [], asked: [] });
	#found = $state.raw<KnownVehicle[]>([]);
	#ofPlate = $state.raw<KnownVehicle[]>([]);
	message = $state('');
	wrong = $state.raw<Wrong>({});
	#id = newId();

	constructor(
		private readonly app: AppState,
		private readonly storage: Storage
	) {
		const kept = storage.getItem(this.#key);
		if (kept) this.typed = { ...EMPTY, ...(JSON.parse(kept) as Partial<Typed>) };
	}

	/** The vehicle of this plate, or else of this name, that was here last: its circuit and its figures are taken over. */
	get known(): KnownVehicle | undefined {
		const plate = bare(this.typed.plate);
		const ofPlate = this.#ofPlate.find((v) => plate !== '' && bare(v.plate) === plate);
		if (ofPlate) return ofPlate;
		const name = this.typed.vehicle.trim().toLowerCase();
		return name === '' ? undefined : this.#found.find((v) => v.name.toLowerCase() === name);
	}
	get before(): KnownVehicle | undefined {
		return this.typed.another ? undefined : this.known;
	}
	get names(): string[] {
		return this.#found.map((v) => v.name).filter((name, n, all) => all.indexOf(name) === n);
	}
	get circuit(): string {
		const { chosen } = this.typed;
		const offered = chosen === this.before?.lastCase || this.circuits.some((c) => c.id === chosen);
		return (offered ? chosen : undefined) ?? this.before?.lastCase ?? 'petrol-car';
	}

	/** Keeps what is typed over a reload, a closed dialog and a wrong key. */
	keep(): void {
		this.storage.setItem(this.#key, JSON.stringify(this.typed));
	}

	/** Takes over what was said; of several complaints the last one counts. */
	complain(said: Intake['complaints'][number]): void {
		this.typed.complaint = said.words;
		this.typed.concern = said.concern;
		const others = this.intake.complaints.map((c) => [c.topic, undefined]);
		this.typed.said = { ...this.typed.said, ...Object.fromEntries(others), [said.topic]: said.value };
	}

	/** What can be chosen: circuits, a customer's words, what is asked at the door. */
	async loadChoices(): Promise<void> {
		if (this.circuits.length > 0) return;
		await this.#asking(async () => {
			const [circuits, intake] = await Promise.all([api.GET('/api/circuits'), api.GET('/api/intake')]);
			if (circuits.data && intake.data) {
				this.circuits = circuits.data;
				this.intake = intake.data;
			} else this.message = problemText(circuits.error ?? intake.error);
		});
	}

	/** Those of which a piece of the name is typed; an answer that comes late is not shown. */
	async findVehicles(name: string): Promise<void> {
		await this.#asking(async () => {
			const { data } = await api.GET('/api/vehicles', { params: { query: { name } } });
			if (data && name === this.typed.vehicle.trim()) this.#found = data;
		});
	}

	/** Those with a piece of plate. */
	async findPlate(plate: string): Promise<void> {
		if (bare(plate) === '') return;
		await this.#asking(async () => {
			const { data } = await api.GET('/api/vehicles', { params: { query: { name: plate } } });
			if (data && plate === this.typed.plate.trim()) this.#ofPlate = data;
		});
	}

	/** Opens the case and goes to it; what is wrong is said at its field. */
	async start(): Promise<void> {
		this.wrong = wrongIn(this.typed);
		if (Object.keys(this.wrong).length > 0) return;
		await this.#asking(async () => {
			const { data, error } = await api.PUT('/api/cases/{caseId}', {
				params: { path: { caseId: this.#id } },
				body: this.#body()
			});
			if (data) await this.#opened(data.id);
			else this.message = problemText(error);
		});
	}

	#body(): NewCase {
		const { vehicle, plate, complaint, celsius, concern } = this.typed;
		const asBefore = this.before?.lastCase === this.circuit;
		return {
			vehicle,
			plate: plate.trim() || undefined,
			complaint,
			circuit: asBefore ? 'petrol-car' : this.circuit,
			circuitOf: asBefore ? this.before?.lastCase : undefined,
			onVehicle: this.before?.id,
			concern,
			celsius: celsiusIn(celsius) ?? 20,
			by: this.app.device,
			openedAtMs: workshopNow()
		};
	}

	async #opened(id: string): Promise<void> {
		const opened = caseOf(id, this.app);
		for (const [topic, value] of Object.entries(this.typed.said)) {
			if (value) opened.record.state(topic as Topic, value);
		}
		this.typed = { ...EMPTY };
		this.#id = newId();
		this.storage.removeItem(this.#key);
		await replace(`/case/${id}`);
	}

	async #asking(ask: () => Promise<void>): Promise<void> {
		this.message = '';
		try {
			await ask();
		} catch {
			this.message = LOST;
		}
	}

	get #key(): string {
		return `dantro:${this.app.database}:newcase`;
	}
}
