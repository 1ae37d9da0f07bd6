import type { Condition, MeterRange, RepairAction, Standing } from '../api/client';

/** Words for the server's closed choices; a new choice fails the type check until it has a word. */
export const CONDITION_WORDS: Record<Condition, string> = {
	REST: 'At rest',
	KEY_ON: 'Key on, engine off',
	ENGINE_OFF_LOAD: 'Lights on, engine off',
	CRANKING: 'Cranking',
	START_ATTEMPT: 'Start attempt'
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

export const REPAIR_WORDS: Record<RepairAction, string> = {
	CLEANED: 'Cleaned and tightened',
	TIGHTENED: 'Tightened',
	REMADE: 'End remade',
	REPLACED: 'Replaced'
};
