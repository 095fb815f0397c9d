import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import { adjustedWhole, agitationOf, fixFor, handsAt, isBefore, nextMove, stepCues, usualSteps } from '.';

const develop = { name: 'Develop', seconds: 600, agitation: { first: 30, inversions: 4 } };

describe('a bath', () => {
	// Common practice: the first half minute without a pause, then four inversions each minute.
	it('is moved at its beginning and at each minute', () => {
		expect([0, 29, 31, 59, 60, 69, 71].map((at) => handsAt(develop, at))).toEqual([
			'agitate',
			'agitate',
			'rest',
			'rest',
			'agitate',
			'agitate',
			'rest'
		]);
		expect(handsAt(develop, 601)).toBe('rest');
		expect(handsAt(usualSteps({ kind: 'staining-developer' }, 600)[0], 1)).toBe('gentle');
	});

	it('says how long until the hands move again, and nothing where they don’t', () => {
		expect([10, 31, 59, 61, 75, 541, 580].map((at) => nextMove(develop, at))).toEqual([
			null,
			29,
			1,
			null,
			45,
			null,
			null
		]);
		expect(nextMove({ name: 'Stop', seconds: 600, agitation: { first: 60, inversions: 0 } }, 90)).toBeNull();
		expect(nextMove({ name: 'Wash', seconds: 600 }, 90)).toBeNull();
	});

	it('moves next when it says, whatever its agitation', () => {
		fc.assert(
			fc.property(
				real(0, 1200),
				fc.integer({ min: 0, max: 120 }),
				fc.integer({ min: 1, max: 8 }),
				(elapsed, first, inversions) => {
					const step = { name: 'Develop', seconds: 1200, agitation: { first, inversions } };
					const next = nextMove(step, elapsed);
					if (next === null) return;
					expect(handsAt(step, elapsed + next + 1e-6)).toBe('agitate');
					expect(handsAt(step, elapsed + next / 2)).toBe('rest');
				}
			)
		);
	});

	it('is moved as its recipe says, and gently or without a pause where that is chosen', () => {
		const own = { kind: 'fine-grain-developer' as const, agitation: { first: 10, inversions: 3 } };
		expect(agitationOf(own, 'usual', 600)).toEqual({ first: 10, inversions: 3 });
		expect(agitationOf(own, 'gentle', 600)).toEqual({ first: 10, inversions: 3, gentle: true });
		expect(agitationOf(own, 'constant', 600)).toEqual({ first: 600, inversions: 0 });
		expect(usualSteps(own, 600)[0].agitation).toEqual(own.agitation);
		expect(usualSteps(own, 600)[2].agitation).toEqual({ first: 30, inversions: 4 });
	});

	it('is moved as often and as quickly as its recipe says', () => {
		// By hand: the first half minute, then two turns in five seconds every half minute.
		const quick = { ...develop, agitation: { first: 30, inversions: 2, every: 30, within: 5 } };
		expect([29, 31, 34, 36, 59, 61, 66].map((at) => handsAt(quick, at))).toEqual([
			...['agitate', 'agitate', 'agitate', 'rest', 'rest', 'agitate', 'rest']
		]);
		expect(nextMove(quick, 40)).toBe(20);
		expect(
			stepCues({ ...quick, seconds: 120 }).flatMap(({ at, kind }) => (kind === 'half' ? [at] : []))
		).toEqual([30, 60, 90]);
	});

	it('comes with water before it and with three changes of water after it, where that is chosen', () => {
		// Common practice: 5, 10 and 20 turns, each in fresh water; the fixer for twice the time that it takes to clear.
		const names = usualSteps({ kind: 'general-developer' }, 600, 'usual', {
			prewash: true,
			wash: 'changes'
		}).map(({ name }) => name);
		expect(names).toEqual([
			...['Prewash', 'Develop', 'Stop', 'Fix', 'Wash, 5 turns', 'Wash, 10 turns', 'Wash, 20 turns', 'Dry']
		]);
		expect(names.map((name) => isBefore({ name })).indexOf(false)).toBe(1);
		expect(fixFor(90)).toBe(180);
	});

	it('is heard at its beginning, at each minute, before its end and at it', () => {
		const cues = stepCues(develop);
		expect(cues[0]).toEqual({ at: 0, kind: 'open' });
		expect(cues.filter(({ kind }) => kind === 'half').map(({ at }) => at)).toEqual([
			60, 120, 180, 240, 300, 360, 420, 480, 540
		]);
		expect(cues.at(-1)).toEqual({ at: 600, kind: 'close' });
	});

	it('is heard in order, whatever its length', () => {
		fc.assert(
			fc.property(real(0.5, 5000), fc.integer({ min: 0, max: 8 }), (seconds, inversions) => {
				const at = stepCues({ name: 'Any', seconds, agitation: { first: 10, inversions } }).map(
					(cue) => cue.at
				);
				expect(at).toEqual(at.toSorted((a, b) => a - b));
				expect(at.at(-1)).toBe(seconds);
				for (const each of at) expect(each).toBeGreaterThanOrEqual(0);
			})
		);
	});
});

describe('a temperature that changed on the way', () => {
	// Source: worked by hand: half of ten minutes is done; the other half at eight minutes is four.
	it('changes what is left, and nothing of what is done', () => {
		expect(adjustedWhole(300, 600, 480)).toBe(540);
		expect(adjustedWhole(0, 600, 480)).toBe(480);
		expect(adjustedWhole(600, 600, 480)).toBe(600);
		expect(adjustedWhole(300, 600, 600)).toBe(600);
	});
});
