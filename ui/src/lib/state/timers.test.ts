import { describe, expect, it } from 'vitest';
import { buildUpPhase, clock, crankPhase, pilePhase, restsSeconds, sleepPhase, surfacePhase } from './timers';

const at = (seconds: number) => 1_000_000 + seconds * 1000;

describe('the crank timer', () => {
	const time = { mostSeconds: 15, restSeconds: 120 };

	it('counts a crank, says stop at fifteen seconds, and forgets one that nobody ended', () => {
		expect(crankPhase('START', at(0), at(4), time)).toEqual({ words: 'Cranking', seconds: 4, now: false });
		expect(crankPhase('START', at(0), at(15), time)).toMatchObject({ now: true, seconds: 15 });
		expect(crankPhase('START', at(0), at(60), time)).toBeNull();
	});

	it('lets the starter cool for two minutes', () => {
		expect(crankPhase('STOP', at(0), at(20), time)).toMatchObject({
			words: 'Let the starter cool',
			seconds: 100
		});
		expect(crankPhase('STOP', at(0), at(120), time)).toBeNull();
		expect(crankPhase(undefined, 0, at(1), time)).toBeNull();
	});

	it('says that nobody cranks while the starter rests by the case', () => {
		const resting = { ...time, restsUntilMs: at(100) };
		expect(crankPhase('STOP', at(0), at(20), resting)).toEqual({
			words: 'The starter rests: no crank',
			seconds: 80,
			now: true
		});
		expect(restsSeconds(at(100), at(100))).toBe(0);
		expect(restsSeconds(undefined, at(20))).toBe(0);
	});

	it('takes a start from a clock that runs ahead as just begun', () => {
		expect(crankPhase('START', at(30), at(0), time)).toMatchObject({ seconds: 0 });
	});
});

describe('the surface charge timer', () => {
	it('asks for a minute of load, two of rest, and then for the reading', () => {
		expect(surfacePhase('START', at(0), at(10))).toMatchObject({
			words: 'Lights and blower on',
			seconds: 50
		});
		expect(surfacePhase('START', at(0), at(61))).toMatchObject({ words: 'All off, wait', seconds: 119 });
		expect(surfacePhase('START', at(0), at(180))).toMatchObject({ now: true });
		expect(surfacePhase('START', at(0), at(3600))).toBeNull();
		expect(surfacePhase(undefined, 0, at(1))).toBeNull();
	});

	it('is shown in minutes and seconds', () => {
		expect([clock(5), clock(65), clock(120)]).toEqual(['0:05', '1:05', '2:00']);
	});
});

describe('the pile timer', () => {
	it('asks for the switch after ten seconds and does not stop asking', () => {
		expect(pilePhase('START', at(0), at(3))).toMatchObject({ words: 'Pile on: read now', seconds: 7 });
		expect(pilePhase('START', at(0), at(10))).toMatchObject({ words: 'Switch the pile off', now: true });
		expect(pilePhase('START', at(0), at(120))).toMatchObject({ now: true });
	});

	it('lets it rest for a minute', () => {
		expect(pilePhase('STOP', at(0), at(15))).toMatchObject({ words: 'Let the pile rest', seconds: 45 });
		expect(pilePhase('STOP', at(0), at(60))).toBeNull();
	});
});

describe('waiting before a charging voltage or a drain is read', () => {
	it('lets the voltage settle, longer with glow plugs', () => {
		expect(buildUpPhase('START', at(0), at(5), false)).toMatchObject({ seconds: 10, now: false });
		expect(buildUpPhase('START', at(0), at(15), false)).toMatchObject({ words: 'It has settled: read now' });
		expect(buildUpPhase('START', at(0), at(15), true)).toMatchObject({ seconds: 105, now: false });
		expect(buildUpPhase('START', at(0), at(300), true)).toBeNull();
	});

	it('waits twenty minutes for the controllers to fall asleep', () => {
		expect(sleepPhase('START', at(0), at(60))).toMatchObject({ seconds: 19 * 60, now: false });
		expect(sleepPhase('START', at(0), at(1200))).toMatchObject({ now: true });
		expect(sleepPhase(undefined, 0, at(1))).toBeNull();
	});
});
