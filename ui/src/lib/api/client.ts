import createClient from 'openapi-fetch';
import { learnTime } from '../state/clock';
import type { components, paths } from './schema';

/** The server's views under the names the interface uses. */
export type CaseView = components['schemas']['CaseView'];
export type KnownVehicle = components['schemas']['VehicleView'];
export type CaseCard = components['schemas']['CaseCard'];
export type Profile = components['schemas']['ProfileView'];
export type ProfileSide = components['schemas']['ProfileSideView'];
export type ProfilePoint = components['schemas']['ProfilePointView'];
export type ProfileStep = components['schemas']['ProfileStepView'];
export type Step = components['schemas']['StepView'];
export type Probe = components['schemas']['ProbeView'];
export type Judgement = components['schemas']['JudgementView'];
export type Doubt = components['schemas']['DoubtView'];
export type WhatIf = components['schemas']['WhatIfView'];
export type Statement = components['schemas']['StatementView'];
export type Topic = Statement['topic'];
export type LimitsView = components['schemas']['LimitsView'];
export type LimitsRow = components['schemas']['RowView'];
export type DrawMatrix = components['schemas']['MatrixView'];
export type Ruling = components['schemas']['RulingView'];
export type ChargingView = components['schemas']['ChargingView'];
export type GroundBranch = components['schemas']['BranchView'];
export type OutputStep = components['schemas']['OutputStepView'];
export type SeatView = components['schemas']['SeatView'];
export type Me = components['schemas']['MeView'];
export type Device = components['schemas']['DeviceView'];
export type Cranks = CaseView['cranks'][number];
export type FigureVerdict = components['schemas']['FigureView'];
export type RunRow = components['schemas']['RunRow'];
export type Part = components['schemas']['PartView'];
export type Gate = components['schemas']['GateView'];
export type ReadingRow = components['schemas']['ReadingView'];
export type Slip = components['schemas']['SlipView'];
export type Repair = components['schemas']['RepairView'];
export type NewReading = components['schemas']['NewReading'];
export type NewCase = components['schemas']['NewCase'];
export type CircuitView = components['schemas']['CircuitView'];
export type CircuitRun = components['schemas']['RunView'];
export type CircuitPart = CircuitRun['parts'][number];
export type CircuitEdit = components['schemas']['NewEdit'];
export type CableSize = components['schemas']['CableSizeView'];
export type Condition = Probe['condition'];
export type Standing = Part['standing'];
export type RepairAction = Repair['action'];
export type MeterRange = NonNullable<NewReading['range']>;
export type SlipAnswer = NonNullable<Slip['answer']>;

export const api = createClient<paths>({ baseUrl: '/' });
api.use({ onResponse: ({ response }) => learnTime(response.headers.get('date')) });

/** What the server says when it refuses: a sentence for the person, and the fields it is about. */
export type Problem = { detail: string; code?: string; fields?: { field: string; message: string }[] };

/** The sentence of a refusal, or a plain one when the server did not give any. */
export function problemText(problem: unknown): string {
	if (problem && typeof problem === 'object' && 'detail' in problem && typeof problem.detail === 'string') {
		return problem.detail;
	}
	return 'Dantro did not answer as expected. Try again.';
}
