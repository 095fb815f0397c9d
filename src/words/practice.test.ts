import { describe, expect, it } from 'vitest';
import { drillKinds, sceneFor, skills } from '../core/practice';
import { formatAperture, formatTime } from '../core/units';
import {
	agitationInWords,
	amountInWords,
	answerInWords,
	apertureRule,
	calledInWords,
	goodInOneInWords,
	sceneInWords,
	changedInWords,
	clockInWords,
	developedInWords,
	drillInWords,
	eyeErrorInWords,
	guessInWords,
	leftInWords,
	namedInWords,
	ownDoubtInWords,
	processInWords,
	schoolSays,
	skillInWords,
	stockInWords,
	timedInWords,
	dilutionInWords,
	refillInWords,
	withinInWords
} from '.';
import { bestOutcome } from '../core/match';
import { colourNegative400, fixedCamera } from '../../tests/fixtures/bag';

describe('what practice says', () => {
	// Source: the rule itself: f/16 at 1/ISO s is log2(256·100) = 14.64; f/5.6 is three stops less.
	it.each([
		[14.64, 'f/16 at 1/ISO'],
		[13.64, 'f/11 at 1/ISO'],
		[11.64, 'f/5.6 at 1/ISO'],
		[10.14, 'f/3.5 at 1/ISO'],
		// No lens is f/0.8: at ISO 400 EV 5 is 7, and f/2 takes 4/128 s.
		[5, `${formatAperture(2)} at ${formatTime(1 / 30)}, ISO 400`]
	])('EV %s is %s', (ev, words) => {
		expect(apertureRule(ev)).toBe(words);
	});

	it('names every drawn light, and what shows in it without its light', () => {
		expect(calledInWords('dusk')).toBe(
			'After sunset: no rule holds, and a stop goes every few minutes. Meter it.'
		);
		expect(calledInWords('lamps')).toBe('Lamps at home: by kind of place “at home in the evening”, 6.');
		for (const skill of skills) {
			const scene = sceneFor(skill, 3);
			const shows = sceneInWords(scene);
			expect(shows).toContain('a person with a grey card');
			expect(shows.includes('desks')).toBe(skill === 'room');
			expect(shows.includes('lamps')).toBe(skill === 'lamps');
			expect(shows.includes('boat')).toBe(skill === 'water');
			expect(calledInWords(skill)).toContain(skillInWords[skill]);
		}
		expect(answerInWords('sharp', 14.67)).toBe('Sharp shadows: EV 14⅔, f/16 at 1/ISO');
	});

	it('says what an eye is good to in one kind of light', () => {
		expect(goodInOneInWords({ guesses: 12, goodTo: 0.5, holds: true })).toBe('good to ⅔ stop; 12 guesses');
		expect(goodInOneInWords({ guesses: 12, goodTo: 1.2, holds: false })).toBe(
			'good to 1⅓ stops, not yet to ⅔; 12 guesses'
		);
	});

	it('tells a guess by which way it was off, and a small error as none', () => {
		const read = { ev: 12, sd: 0.3, by: 'meter' as const };
		expect(guessInWords({ ev: 12.1, read })).toBe('Right.');
		expect(guessInWords({ ev: 13.3, read })).toBe('You guessed 1⅓ stops brighter than it was.');
		expect(guessInWords({ ev: 11.34, read })).toBe('You guessed ⅔ stop darker than it was.');
	});

	it('tells how guesses run, and where that truly lies', () => {
		expect(eyeErrorInWords({ bias: 0.1, biasWithin: [-0.2, 0.4] })).toBe('right on average');
		expect(eyeErrorInWords({ bias: 0.1, biasWithin: [0.05, 0.15] })).toBe('right on average');
		expect(eyeErrorInWords({ bias: -1, biasWithin: [-1.5, -0.5] })).toBe('1 stop too dark on average');
		// Not before it can be known.
		expect(eyeErrorInWords({ bias: 0 })).toBe('not known from one guess');
		expect(eyeErrorInWords({ bias: 0.1, biasWithin: [-1, 1.2] })).toBe(
			'perhaps right on average, too few guesses to tell'
		);
		expect(eyeErrorInWords({ bias: 1, biasWithin: [-0.5, 2.5] })).toBe(
			'perhaps 1 stop too bright, too few guesses to tell'
		);
		expect(withinInWords([-0.34, 0.7])).toBe('likely ⅓ stop too dark to ⅔ stop too bright');
		expect(withinInWords([-0.1, 0.7])).toBe('likely up to ⅔ stop too bright');
		expect(withinInWords([0.3, 0.35])).toBe('likely ⅓ stop too bright');
		expect(withinInWords([-1.35, -0.66])).toBe('likely ⅔ to 1⅓ stops too dark');
		expect(withinInWords([-0.1, 0.1])).toBe('likely none');
	});

	it('tells a doubt beside the usual one, and whether it runs', () => {
		const doubt = { of: 'eye', sd: 0.4, usual: 1, bias: 0.02, guesses: 12 };
		expect(ownDoubtInWords(doubt)).toBe('give or take ⅓ instead of 1, from 12 guesses');
		expect(ownDoubtInWords({ ...doubt, sd: 1.02, bias: -0.4 })).toBe(
			'give or take 1, as usual, from 12 guesses; it runs ⅓ stop too dark'
		);
	});

	it('names a light with its school and all that was said of it', () => {
		const named = { method: 'shadows', school: 'shadow-edge', condition: 'sharp' } as const;
		expect(namedInWords(named)).toBe('Sharp, dark shadows (shadow edge)');
		expect(namedInWords({ ...named, backlit: true, ground: 'water' })).toBe(
			'Sharp, dark shadows, sun behind the subject, glittering water (shadow edge)'
		);
		expect(namedInWords({ ...named, deepShade: true })).toContain('under a tree');
		expect(schoolSays('exposure-guide', 15)).toBe('Exposure guide 15');
	});

	it('has a name for every skill and every card', () => {
		for (const skill of skills) expect(skillInWords[skill].length).toBeGreaterThan(3);
		for (const card of drillKinds) expect(drillInWords[card].length).toBeGreaterThan(3);
	});
});

describe('what the tray says', () => {
	it('shows amounts as they are measured, and times as clocks do', () => {
		expect(amountInWords({ name: 'A', amount: 58.8235, unit: 'ml' })).toBe('58.8 ml');
		expect(amountInWords({ name: 'Bromide', amount: 1.256, unit: 'g' })).toBe('1.26 g');
		expect(amountInWords({ name: 'Soda', amount: 20, unit: 'g' })).toBe('20 g');
		expect([0, 59.6, 588, 3600].map(clockInWords)).toEqual(['0:00', '1:00', '9:48', '60:00']);
		expect(timedInWords({ seconds: 588, sd: 29, beyond: true })).toBe(
			'9:48, give or take 0:30; just outside your table'
		);
	});

	it('tells a process by what it does to the film’s speed', () => {
		expect(processInWords({ name: 'Brown bath', stops: -1 })).toBe(
			'in Brown bath: rate the film 1 stop slower'
		);
		expect(processInWords({ name: 'Brown bath', stops: 1, push: 2 })).toBe(
			'in Brown bath, pushed 2 stops: rate the film 1 stop faster'
		);
		expect(processInWords({ name: 'Fine', stops: 0 })).toBe('in Fine: film speed unchanged');
	});

	it('tells a frame by what it was and what it becomes', () => {
		const at = (ev: number) => bestOutcome(fixedCamera(), colourNegative400, { ev, sd: 0.3 });
		expect(changedInWords({ number: 3, before: at(12), after: at(12) })).toBe('Frame 3: just enough still');
		expect(changedInWords({ number: 3, before: at(12), after: at(7) })).toMatch(
			/^Frame 3: just enough → too dark by/
		);
	});

	it('tells a tank how it is moved', () => {
		expect(agitationInWords({ first: 30, inversions: 4 }, 600)).toBe('first 30 s, then 4 turns a minute');
		expect(agitationInWords({ first: 15, inversions: 1, gentle: true }, 600)).toBe(
			'first 15 s, then 1 slow turn a minute'
		);
		expect(agitationInWords({ first: 0, inversions: 2 }, 600)).toBe('2 turns a minute');
		expect(agitationInWords({ first: 60, inversions: 0 }, 3600)).toBe('first 60 s, then let it stand');
		expect(agitationInWords({ first: 0, inversions: 0 }, 3600)).toBe('let it stand');
		expect(agitationInWords({ first: 600, inversions: 0 }, 600)).toBe('all the time');
	});

	it('tells what is left of a bath by what is known of it', () => {
		expect(leftInWords({}, '2026-05-11')).toEqual(['one-shot']);
		expect(leftInWords({ rollsPerLitre: 8, rollsDone: 2, mixedOn: '2026-05-11' }, '2026-05-11')).toEqual([
			'2 rolls done, 8 a litre',
			'mixed today'
		]);
		expect(leftInWords({ stockLeft: 640, mixedOn: '2026-05-01', keepsDays: 30 }, '2026-05-11')).toEqual([
			'one-shot',
			'640 ml of stock left',
			'10 days old',
			'keeps 20 days more'
		]);
		expect(leftInWords({ mixedOn: '2026-05-01', keepsDays: 10 }, '2026-05-11')).toContain('past its best');
		expect(
			leftInWords({ rollsPerLitre: 8, rollsDone: 12, replenish: 22, replenisherLeft: 150 }, '2026-05-11')
		).toEqual(['12 rolls done, replenished', '150 ml of replenisher left']);
	});

	it('tells a dilution, where a time comes from, and what a bath wants after a tank', () => {
		expect([14, 14 / 3, 0].map(dilutionInWords)).toEqual(['1 + 14', '1 + 4.67', '1 + 0']);
		expect(timedInWords({ seconds: 800, sd: 120, beyond: false, from: 9 })).toBe(
			'13:20, give or take 2:00; by rule of thumb from 1 + 9'
		);
		expect(developedInWords({ recipe: 'All round', water: 14, celsius: [20], steps: [] })).toBe(
			'Developed in All round 1 + 14 at 20 °C.'
		);
		expect(refillInWords({ name: 'Fine grain', millilitres: 44 })).toBe(
			'Fine grain: pour off 44 ml, then add 44 ml of replenisher.'
		);
	});

	it('tells who developed what was not developed here', () => {
		expect(developedInWords({ recipe: 'a lab', celsius: [], steps: [] })).toBe('Developed by a lab.');
		expect(developedInWords({ recipe: 'Fine grain', celsius: [20], steps: [] })).toBe(
			'Developed in Fine grain at 20 °C.'
		);
	});

	it('tells a stock by its age, and whether it is past its time', () => {
		expect(stockInWords({ days: 0 })).toBe('Its stock was mixed today.');
		expect(stockInWords({ days: 1, left: 1 })).toBe('Its stock is one day old and keeps for one day more.');
		expect(stockInWords({ days: 40, left: -10 })).toBe(
			'Its stock is 40 days old, past its best by 10 days: try it on a scrap of film first.'
		);
	});
});
