import { ask, type Asked } from '../api/ask';
import { api, type Condition, type Probe } from '../api/client';

const LOST = 'Dantro cannot be reached: what a healthy vehicle shows there is said when it is back.';

/** What a healthy vehicle shows with the leads on two points in a condition. */
export function expectation(
	caseId: string,
	red: string,
	black: string,
	condition: Condition
): Promise<Asked<Probe>> {
	const asked = api.GET('/api/cases/{caseId}/expectation', {
		params: { path: { caseId }, query: { red, black, condition } }
	});
	return ask(asked, LOST);
}
