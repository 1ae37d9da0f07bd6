import type { Condition, NewReading } from '../../lib/api/client';

/** One field of the run: what to do, and which value of the display is typed. */
export type Leg = {
	condition: Condition;
	statistic: NewReading['statistic'];
	title: string;
	words: string;
	asks: string;
	crank?: true;
};

/** The run of one person with a meter on the posts, in its order. */
export const LEGS: readonly Leg[] = [
	{
		condition: 'REST',
		statistic: 'SETTLED',
		title: 'At rest',
		words: 'Clip red to the + post, black to the − post. Everything off.',
		asks: 'What does it show?'
	},
	{
		condition: 'KEY_ON',
		statistic: 'SETTLED',
		title: 'Key on',
		words: 'Ignition on, engine off.',
		asks: 'What does it show?'
	},
	{
		condition: 'CRANKING',
		statistic: 'MINIMUM',
		title: 'Cranking',
		words: 'Engine disabled, neutral, brake on. Meter on MIN/MAX. Take this phone to the seat.',
		asks: 'What does MIN show?',
		crank: true
	},
	{
		condition: 'IDLE',
		statistic: 'SETTLED',
		title: 'Idle',
		words: 'Restore and start the engine. All loads off. Wait until the volts stand still.',
		asks: 'What does it show?'
	},
	{
		condition: 'RAISED',
		statistic: 'SETTLED',
		title: '2000 revs',
		words: 'Hold 2000 revs a minute, loads off; read it with MAX or through the screen.',
		asks: 'What does it show?'
	}
];
