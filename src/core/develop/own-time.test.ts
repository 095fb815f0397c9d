import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { real } from '../../../tests/fixtures/arbitraries';
import { feels, ownTime, ownTimed, timeFelt, type JudgedDevelopment, type NegativeLook } from '.';

const table = [
	{ celsius: 18, seconds: 720 },
	{ celsius: 22, seconds: 480 }
];
const looks = (count: number, contrast: -1 | 0 | 1): NegativeLook[] =>
	Array.from({ length: count }, () => ({ contrast }));
const roll = (more: Partial<JudgedDevelopment> = {}): JudgedDevelopment => ({
	...{ took: 720, celsius: [18], push: 0, looks: looks(6, -1), ...more }
});

describe('a person’s own developing time', () => {
	// By hand: six flat negatives want a sixth more, ln(7/6) = 0.154; a roll tells to √(0.07² + 0.15²/6) = 0.093, the
	// table to 0.15: 0.154 · 115.6/(115.6 + 44.4) = 0.111, so 1.118 ± 0.079.
	it('is longer by what flat negatives say, and surer with each roll', () => {
		const one = ownTime({ times: table }, [roll()])!;
		expect(one.factor).toBeCloseTo(1.118, 2);
		expect(one.sd).toBeCloseTo(0.079, 3);
		expect([one.negatives, one.rolls]).toEqual([6, 1]);
		const more = ownTime(
			{ times: table },
			Array.from({ length: 30 }, () => roll())
		)!;
		expect(more.factor).toBeCloseTo(7 / 6, 2);
		expect(more.sd).toBeLessThan(one.sd / 3);
	});

	it('is what was done where the negatives are right: colder, pushed and gently, each as its table has it', () => {
		const right = { looks: looks(40, 0) };
		// A push of a stop takes 1.4 of the time, gently a tenth more, in a tenth more than that.
		const told = ownTime(
			{ times: table },
			Array.from({ length: 40 }, () =>
				roll({ ...right, took: 480 * 1.4 * 1.1 * 1.1, celsius: [22], push: 1, movement: 'gentle' })
			)
		)!;
		expect(told.factor).toBeCloseTo(1.1, 2);
		expect(ownTimed({ seconds: 600, sd: 30, beyond: false }, told).seconds).toBeCloseTo(600 * told.factor, 9);
	});

	it('is longer the flatter, shorter the harsher, and none where nothing tells', () => {
		fc.assert(
			fc.property(real(200, 2000), (took) => {
				const [flat, even, harsh] = ([-1, 0, 1] as const).map(
					(contrast) => ownTime({ times: table }, [roll({ took, looks: looks(3, contrast) })])!.factor
				);
				expect(flat).toBeGreaterThan(even);
				expect(even).toBeGreaterThan(harsh);
			})
		);
		expect(ownTime({ times: table }, [roll({ looks: [{ density: 1 }] })])).toBeNull();
		expect(ownTime({ times: table }, [roll({ celsius: [40] })])).toBeNull();
		expect(ownTime({}, [roll()])).toBeNull();
	});
});

describe('a picture whose warmth is felt', () => {
	// By hand: in the logarithm between 1080 s at 13 °C and 360 s at 28 °C it is 647 s at 20 °C, 749 s at 18 °C.
	it('takes what the table says, in more doubt the less its temperature is known', () => {
		const pack = [
			{ celsius: 13, seconds: 1080 },
			{ celsius: 28, seconds: 360 }
		];
		const told = timeFelt(pack, 20, 2)!;
		expect(told.seconds).toBeCloseTo(647, 0);
		expect(told.sd).toBeGreaterThan(749 - 647);
		expect(told.sd).toBeLessThan(749 - 647 + 10);
		expect(timeFelt(pack, 20, 4)!.sd).toBeGreaterThan(told.sd);
		expect(timeFelt(pack, 5, 4)).toBeNull();
		for (const { celsius } of feels) expect(celsius).toBeGreaterThan(0);
	});
});
