import type { NewCase, Topic } from '../../lib/api/client';

type Concern = NewCase['concern'];

/** What customers say, which loop it is about, and as which symptom it goes on record. */
export const COMPLAINTS: readonly [string, Concern, string][] = [
	['cranks slowly', 'STARTING', 'SLOW'],
	['nothing happens at the key', 'STARTING', 'NOTHING'],
	['single click, no crank', 'STARTING', 'CLICK'],
	['cranks, then dies', 'STARTING', 'DIES'],
	['only now and then', 'STARTING', 'INTERMITTENT'],
	['battery flat in the morning', 'CHARGING', 'FLAT_MORNING'],
	['charge lamp on', 'CHARGING', 'LAMP_ON'],
	['charge lamp dim', 'CHARGING', 'LAMP_DIM'],
	['charges too little', 'CHARGING', 'UNDERCHARGES'],
	['bulbs blow, battery smells', 'CHARGING', 'OVERCHARGES'],
	['lights flicker', 'CHARGING', 'UNSTEADY'],
	['dies while driving', 'CHARGING', 'DIES_DRIVING'],
	['nothing: a check', 'CHARGING', 'CHECK']
];

/** What is quickly said at the door. */
export const QUICK: { topic: Topic; words: string; choices: { value: string; words: string }[] }[] = [
	{
		topic: 'ENGINE',
		words: 'Engine',
		choices: [
			{ value: 'COLD', words: 'cold' },
			{ value: 'WARM', words: 'warm' }
		]
	},
	{
		topic: 'CHARGER',
		words: 'On a charger today',
		choices: [
			{ value: 'NO', words: 'no' },
			{ value: 'YES', words: 'yes' }
		]
	},
	{
		topic: 'CLAMP',
		words: 'DC clamp at hand',
		choices: [
			{ value: 'YES', words: 'yes' },
			{ value: 'NO', words: 'no' }
		]
	}
];
