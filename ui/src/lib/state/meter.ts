import { ask } from '../api/ask';
import { api, type Condition } from '../api/client';
import type { CaseState } from './case.svelte';

const NO_METER = 'Dantro cannot be reached: the simulated meter shows nothing until it is back.';

/** The meter of a simulated vehicle: its display goes into the entry. */
export class SimulatedMeter {
	constructor(private readonly host: CaseState) {}

	/** Puts the simulated meter's display into the entry, as if it had been read off. */
	async measure(): Promise<void> {
		const leads = this.host.entry.leads;
		if (!leads) return;
		const shown = api.GET('/api/cases/{caseId}/simulated-meter', {
			params: { path: { caseId: this.host.id }, query: { ...leads, ...this.host.entry.draft.ammeter } }
		});
		const { data, wrong } = await ask(shown, NO_METER);
		if (!data) {
			this.host.message = wrong;
			return;
		}
		const now = this.host.entry.leads;
		if (now?.red !== leads.red || now.black !== leads.black || now.condition !== leads.condition) return;
		this.host.message = '';
		this.host.entry.take({
			text: data.typed,
			range: data.range,
			...(data.amps === undefined ? {} : { amps: String(data.amps), ampsIn: leads.condition })
		});
	}

	/** The simulated meter at the posts in any condition. */
	async measureAt(condition: Condition): Promise<void> {
		const posts = this.host.view?.posts;
		if (!posts) return;
		const shown = api.GET('/api/cases/{caseId}/simulated-meter', {
			params: { path: { caseId: this.host.id }, query: { ...posts, condition } }
		});
		const { data, wrong } = await ask(shown, NO_METER);
		if (data) this.host.entry.take({ text: data.typed, range: data.range });
		else this.host.message = wrong;
	}
}
