import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it } from 'vitest';
import type { CaseView, ReadingRow } from '../../lib/api/client';
import { bench, point, probe, step } from '../../test/bench';
import RepairCard from './RepairCard.svelte';
import SlipQuestion from './SlipQuestion.svelte';
import Standby from './Standby.svelte';
import ToSee from './ToSee.svelte';

afterEach(cleanup);

const tap = (name: RegExp | string) => fireEvent.click(screen.getByRole('button', { name }));

describe('where a lead cannot be placed', () => {
	const points = [point('switch-in'), point('switch-out'), point('post-plus')] as CaseView['points'];
	const across = probe('switch-in', 'switch-out');

	it('a point is left out of the plan by one tap', async () => {
		const { state, made } = bench({ points });
		render(Standby, { bench: state, probe: across, probes: [] });
		await tap(/No probe gets to switch out/);
		expect(made.record.state).toHaveBeenCalledWith('OUT_OF_REACH', 'switch-out');
	});

	it('a second joins the first, and each can be taken back', async () => {
		const { state, made } = bench({ points, outOfReach: ['switch-out'] });
		render(Standby, { bench: state, probe: across, probes: [] });
		expect(screen.queryByText(/No probe gets to switch out/)).toBeNull();
		await tap(/No probe gets to switch in/);
		expect(made.record.state).toHaveBeenLastCalledWith('OUT_OF_REACH', 'switch-out,switch-in');
		await tap(/switch out can be reached after all/);
		expect(made.record.state).toHaveBeenLastCalledWith('OUT_OF_REACH', '-');
	});

	it('the next best reading is taken instead', async () => {
		const { state, made } = bench({ points });
		const other = probe('post-plus', 'switch-in', 'Post to switch');
		render(Standby, { bench: state, probe: across, probes: [other] });
		await tap(/Post to switch/);
		expect(made.entry.choose).toHaveBeenCalledWith(other);
	});
});

describe('a question about a reading', () => {
	const reading = {
		id: 'r',
		typed: '2.81',
		redName: 'battery + post',
		blackName: 'motor stud',
		conditionWords: 'cranking',
		slip: {
			sentence: '2.81 V would be a fault. What did the meter show?',
			choices: [
				{ answer: 'MEANT', label: '0.281 V' },
				{ answer: 'AS_READ', label: '2.81 V' }
			]
		}
	} as unknown as ReadingRow;

	it('takes the focus, presets nothing, and is answered by a tap', async () => {
		const { state, made } = bench();
		render(SlipQuestion, { bench: state, reading });
		expect(document.activeElement?.textContent).toContain('2.81 V would be a fault');
		expect(screen.queryByRole('button', { pressed: true })).toBeNull();
		await tap(/0.281 V/);
		expect(made.record.answer).toHaveBeenCalledWith('r', 'MEANT');
	});

	it('shows digits that were typed meanwhile: they are kept for the next reading', () => {
		const { state } = bench({}, { draft: { text: '12.4' } });
		render(SlipQuestion, { bench: state, reading });
		expect(screen.getByRole('status').textContent).toContain('12.4');
	});
});

describe('a repair', () => {
	const parts = (kind: string) => [{ id: 'stud-joint', kind }] as unknown as CaseView['parts'];

	it('of a joint is cleaned unless something else is said', async () => {
		const { state, made } = bench({ parts: parts('joint') });
		render(RepairCard, { bench: state, step: step({ kind: 'REPAIR', title: 'Repair', part: 'stud-joint' }) });
		await tap('Record the repair');
		expect(made.record.repair).toHaveBeenCalledWith('stud-joint', 'CLEANED', '');
	});

	it('of a device replaces it, with what was found', async () => {
		const { state, made } = bench({ parts: parts('component') });
		render(RepairCard, { bench: state, step: step({ kind: 'REPAIR', title: 'Repair', part: 'stud-joint' }) });
		await fireEvent.input(screen.getByLabelText('Note'), { target: { value: 'green inside' } });
		await tap('Record the repair');
		expect(made.record.repair).toHaveBeenCalledWith('stud-joint', 'REPLACED', 'green inside');
	});
});

describe('what is to be seen', () => {
	it('is stated by one of its answers; of parts that cannot be told apart the bad one is named', async () => {
		const { state, made } = bench();
		render(ToSee, {
			bench: state,
			step: step({
				kind: 'PROVE',
				toSee: [
					{
						topic: 'OPENED',
						words: 'Opened up: the bad one is',
						choices: [
							{ value: 'ignition-switch', words: 'ignition switch' },
							{ value: '-', words: 'none of them' }
						]
					}
				]
			})
		});
		expect(screen.queryByRole('button', { pressed: true })).toBeNull();
		await tap('ignition switch');
		expect(made.record.state).toHaveBeenCalledWith('OPENED', 'ignition-switch');
	});

	it('is typed where it is a number, and saved when the field is left', async () => {
		const { state, made } = bench();
		render(ToSee, {
			bench: state,
			step: step({
				kind: 'PROVE',
				toSee: [{ topic: 'STANDING_CURRENT', words: 'Current asleep', choices: [], unit: 'mA' }]
			})
		});
		const field = screen.getByLabelText('Current asleep, mA');
		await fireEvent.input(field, { target: { value: ' 35 ' } });
		await fireEvent.blur(field);
		expect(made.record.state).toHaveBeenCalledWith('STANDING_CURRENT', '35');
	});
});
