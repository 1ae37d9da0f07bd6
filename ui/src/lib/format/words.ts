import type { CircuitPart, Condition, MeterRange, NewReading, RepairAction, Standing } from '../api/client';

/** Words for the server's closed choices; a new choice fails the type check until it has a word. */
export const CONDITION_WORDS: Record<Condition, string> = {
	REST: 'At rest',
	KEY_ON: 'Key on, engine off',
	ENGINE_OFF_LOAD: 'Lights on, engine off',
	CRANKING: 'Cranking',
	START_ATTEMPT: 'Start attempt',
	IDLE: 'Idle, loads off',
	IDLE_LOADED: 'Idle, all loads on',
	RAISED: '2000 rpm, loads off',
	RAISED_SOME: '2000 rpm, some loads on',
	RAISED_LOADED: '2000 rpm, all loads on',
	FULL_OUTPUT: '2500 rpm, all loads on',
	HIGH_SPEED: '3000–4000 rpm',
	PILE_ALTERNATOR: 'Pile at the alternator',
	PILE_STARTER: 'Pile at the starter',
	AFTER_SWITCH_OFF: 'Just switched off'
};

/** The same where a phone leaves no room. */
export const CONDITION_SHORT: Record<Condition, string> = {
	...CONDITION_WORDS,
	KEY_ON: 'Key on',
	ENGINE_OFF_LOAD: 'Lights on',
	START_ATTEMPT: 'Key held',
	IDLE: 'Idle',
	IDLE_LOADED: 'Idle, loads',
	RAISED: '2000 rpm',
	RAISED_SOME: '2000, some loads',
	RAISED_LOADED: '2000, loads',
	FULL_OUTPUT: '2500, loads',
	HIGH_SPEED: '3500 rpm',
	PILE_ALTERNATOR: 'Pile, B+',
	PILE_STARTER: 'Pile, stud',
	AFTER_SWITCH_OFF: 'Just off'
};

/** Conditions in which hardly any current flows, so that a clamp shows nothing of use. */
export const STILL: ReadonlySet<Condition> = new Set<Condition>(['REST', 'KEY_ON', 'AFTER_SWITCH_OFF']);

/** Conditions in which the starter is asked to turn. */
export const STARTER_TURNS: ReadonlySet<Condition> = new Set<Condition>(['CRANKING', 'START_ATTEMPT']);

/** Where a moving display has more than one value: while the starter turns, and while the voltage builds up and settles. */
export function moves(condition: Condition): boolean {
	return STARTER_TURNS.has(condition) || RUNNING.has(condition);
}

/** Conditions with a running engine. */
export const RUNNING: ReadonlySet<Condition> = new Set<Condition>([
	'IDLE',
	'IDLE_LOADED',
	'RAISED',
	'RAISED_SOME',
	'RAISED_LOADED',
	'FULL_OUTPUT',
	'HIGH_SPEED'
]);

export const STATISTIC_WORDS: Record<NewReading['statistic'], string> = {
	SETTLED: 'settled',
	MEAN: 'mean of several',
	MINIMUM: 'lowest',
	INRUSH: 'first peak'
};

export const STANDING_SIGN: Record<Standing, string> = {
	CLEARED: '✓',
	SUSPECT: '!',
	FAULTY: '✕',
	NOT_PROVEN: '·'
};

export const STANDING_WORDS: Record<Standing, string> = {
	CLEARED: 'cleared',
	SUSPECT: 'suspect',
	FAULTY: 'faulty',
	NOT_PROVEN: 'not proven'
};

export const RANGE_WORDS: Record<MeterRange, string> = {
	MILLIVOLTS_200: '200 mV',
	VOLTS_2: '2 V',
	VOLTS_20: '20 V',
	VOLTS_200: '200 V'
};

export const ACCESS_WORDS: Record<CircuitPart['to']['access'], string> = {
	OPEN: 'open',
	REACHABLE: 'reachable',
	TIGHT: 'tight',
	FROM_BELOW: 'from below'
};

export const MATERIAL_WORDS: Record<NonNullable<CircuitPart['material']>, string> = {
	COPPER: 'copper',
	ALUMINIUM: 'aluminium'
};

export const REPAIR_WORDS: Record<RepairAction, string> = {
	CLEANED: 'Cleaned and tightened',
	TIGHTENED: 'Tightened',
	REMADE: 'End remade',
	REROUTED: 'Rerouted',
	REPLACED: 'Replaced',
	PUT_RIGHT: 'Put right'
};

/** What one chooses from: what was put right outside the circuit is said where it was missing. */
export const REPAIR_CHOICES = Object.entries(REPAIR_WORDS).filter(([action]) => action !== 'PUT_RIGHT');
