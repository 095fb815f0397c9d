import fc from 'fast-check';
import { draws } from '../../../tests/fixtures/few';
import { describe, expect, it } from 'vitest';
import { anyCameras, doubts, evs, films, real } from '../../../tests/fixtures/arbitraries';
import { colourNegative400, fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import { controlsOf, dialSpeeds, slowestByHand, type Camera } from '../camera';
import { effectiveSpeedStops, latitudeOf, type Film } from '../film';
import { match, type Intent, type Outcome } from '.';

/** What the order of settings promises, written down again from its words, over the settings as they are listed. */
function takenByTheWords(
	camera: Camera,
	film: Film,
	intent: Intent,
	settings: readonly Outcome[]
): Outcome[] {
	const { usable } = latitudeOf(film);
	const worth = ({ chances }: Outcome) => (chances.good + chances.usable) / 2;
	const outside = ({ error }: Outcome) => Math.max(0, usable[0] - error, error - usable[1]);
	const verdicts = { 'just-enough': 0, usable: 1, 'too-dark': 2, 'too-light': 2 };
	// (1) The best verdict there is, else the least distance outside usable.
	const verdict = Math.min(...settings.map((each) => verdicts[each.verdict]));
	const nearest = Math.min(...settings.map(outside));
	const exposed = settings.filter((each) =>
		verdict < 2 ? verdicts[each.verdict] === verdict : outside(each) <= nearest + 1e-9
	);
	// (2) Within 0.1 of the highest worth: those without spoilers, if any, and not timed by hand, if any.
	const highest = Math.max(...exposed.map(worth));
	const worthy = exposed.filter((each) => worth(each) >= highest - 0.1);
	const unless = (some: Outcome[], flawed: (each: Outcome) => boolean) => {
		const without = some.filter((each) => !flawed(each));
		return without.length > 0 ? without : some;
	};
	const unspoiled = unless(worthy, ({ spoilers }) => spoilers.length > 0);
	const taken = unless(unspoiled, ({ handTimed }) => handTimed);
	const harm = ({ spoilers }: Outcome) =>
		spoilers.reduce(
			(sum, { kind, by }) => sum + Math.max(1e-3, kind === 'near' || kind === 'far' ? Math.log2(by!) : by!),
			0
		);
	if (taken.every(({ spoilers }) => spoilers.length > 0)) {
		const leastHarm = Math.min(...taken.map(harm));
		return taken.filter((each) => harm(each) <= leastHarm + 1e-9);
	}
	// (3) Within 0.02 of the highest worth left; then the wheel nearest 0, steady to spare, the sharp zone, the middle aperture.
	const left = Math.max(...taken.map(worth));
	const tied = taken.filter((each) => worth(each) >= left - 0.02);
	const turned = ({ compensation }: Outcome) => Math.abs(compensation ?? 0);
	const least = (some: Outcome[], of: (each: Outcome) => number, slack = 2e-6) =>
		some.filter((each) => of(each) <= Math.min(...some.map(of)) + slack);
	const speeds = dialSpeeds(camera);
	const own = 100 * 2 ** effectiveSpeedStops(film);
	const away = (iso: number) => Math.abs(Math.log2(iso / own));
	const neutral = speeds.toSorted((a, b) => away(a) - away(b))[0];
	const dialled = ({ iso }: Outcome) =>
		speeds.length > 1 ? Math.abs(Math.log2((iso ?? neutral) / neutral)) : 0;
	const spare = slowestByHand(camera) / 2;
	const unsteady = ({ seconds }: Outcome) =>
		intent.handheld === false || spare === Infinity ? 0 : Math.max(0, Math.log2(seconds / spare));
	const subject = intent.subjectDistance;
	const unsharp = ({ sharp }: Outcome) =>
		Math.max(0, 1 / (subject ?? 2) - 1 / sharp.from) +
		Math.max(0, (sharp.to === null ? 0 : 1 / sharp.to) - (subject === undefined ? 0 : 1 / subject));
	const placed = least(least(tied, dialled), turned);
	const straight = least(least(placed, unsteady), unsharp);
	const ends = controlsOf(camera).flatMap(({ aperture }) =>
		aperture.kind === 'listed' ? aperture.values : [aperture.from, aperture.to]
	);
	const middle = (Math.log2(Math.min(...ends)) + Math.log2(Math.max(...ends))) / 2;
	const apart = ({ f }: Outcome) => Math.abs(Math.log2(f) - middle);
	return straight.filter((each) => apart(each) <= Math.min(...straight.map(apart)) + 2e-6);
}

const intents: fc.Arbitrary<Intent> = fc.record({
	handheld: fc.boolean(),
	subjectDistance: fc.option(real(0.4, 10), { nil: undefined }),
	subjectSpeed: fc.option(real(0, 3), { nil: undefined })
});

describe('the setting that is taken', () => {
	it('is one that the words of its order leave, whatever the camera, film, light and wish', () => {
		fc.assert(
			fc.property(anyCameras, films, evs, doubts, intents, (camera, film, ev, sd, intent) => {
				const { best, settings } = match(camera, film, { ev, sd }, {}, intent);
				const left = takenByTheWords(camera, film, intent, settings);
				expect(left).toContainEqual(best);
				// Last, the smaller error of those that are left.
				const errors = left.map(({ error }) => Math.abs(error));
				if (best.spoilers.length === 0) {
					expect(Math.abs(best.error)).toBeLessThanOrEqual(Math.min(...errors) + 1e-9);
				}
			}),
			{ numRuns: draws(300) }
		);
	});

	// By hand: 35 mm on 35 mm film is steady to 1/17.5 s: 1/4 s is 2.13 stops too long, 1/8 s 1.13.
	it('is the least shaken where every one would shake', () => {
		const camera = steppedCamera({ shutter: { kind: 'speeds', seconds: [1 / 4, 1 / 8] } });
		const { best } = match(camera, colourNegative400, { ev: 6 });
		expect(best.spoilers).toEqual([{ kind: 'shake', by: expect.closeTo(1.13, 2) }]);
	});

	it('is not darkened for it by more than a tenth of its worth', () => {
		const camera = fixedCamera({ shutter: { kind: 'speeds', seconds: [1, 1 / 8] } });
		const { best } = match(camera, colourNegative400, { ev: 4.9 });
		expect(best.seconds).toBe(1);
	});
});
