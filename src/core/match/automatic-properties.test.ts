import fc from 'fast-check';
import { draws } from '../../../tests/fixtures/few';
import { describe, expect, it } from 'vitest';
import { anyCameras, automaticCameras, doubts, evs, films, real } from '../../../tests/fixtures/arbitraries';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { filmOf } from '../../../tests/fixtures/bag';
import type { Camera } from '../camera';
import type { Film } from '../film';
import { bestOutcome, match, outcomeAt, type Intent, type Outcome } from '.';

const instant640 = filmOf('instant', 640);
const at = (camera: Camera, film: Film, ev: number, intent: Intent = {}) =>
	bestOutcome(camera, film, { ev }, intent);

describe('properties', () => {
	const unclamped = ({ clamped }: Outcome) => clamped === null;
	const wheelOf = { darken: -2, lighten: 2, step: 0.5 };

	/** An eye that asks for more than a stop for a stop gives less in more light. */
	const isEager = ({ exposure }: Camera) => exposure.mode === 'auto' && (exposure.response?.slope ?? 1) > 1;

	it('more light never gives a lower error at the same setting, but with a cell that is too eager', () => {
		fc.assert(
			fc.property(anyCameras, films, evs, real(0, 3), (camera, film, ev, more) => {
				fc.pre(!isEager(camera));
				const [{ f, seconds, compensation, iso, position }] = match(camera, film, { ev }).settings;
				const made = { f, seconds, compensation, iso, position };
				const here = outcomeAt(camera, film, { ev }, {}, made);
				expect(outcomeAt(camera, film, { ev: ev + more }, {}, made).error).toBeGreaterThanOrEqual(
					here.error - 1e-6
				);
			}),
			{ numRuns: draws(300) }
		);
	});

	it('without reciprocity failure the wheel moves the error by its stops unless the eye is clamped', () => {
		fc.assert(
			fc.property(evs, real(0.3, 3), (ev, shift) => {
				const camera = foldingInstant({}, { compensation: wheelOf });
				const film = filmOf('instant', 160 * 2 ** shift);
				const [even, dark] = [0, -1].map((compensation) => at(camera, film, ev, { compensation }));
				if (unclamped(even) && unclamped(dark)) expect(dark.error - even.error).toBeCloseTo(-1, 6);
				else expect(dark.error).toBeLessThanOrEqual(even.error + 1e-6);
			})
		);
	});

	it('a filter over lens and eye changes nothing unless the eye is clamped', () => {
		fc.assert(
			fc.property(evs, real(0, 6), (ev, stops) => {
				const filters = [{ name: 'ND', stops, overMeter: true }];
				const bare = at(foldingInstant(), instant640, ev, { compensation: 0 });
				const dark = at(foldingInstant(), instant640, ev, { compensation: 0, filters });
				if (unclamped(bare) && unclamped(dark)) expect(dark.error).toBeCloseTo(bare.error, 6);
			})
		);
	});

	it('an unclamped eye’s chance does not depend on the reading’s doubt', () => {
		fc.assert(
			fc.property(real(6, 9), real(0, 0.6), real(0, 0.6), (ev, a, b) => {
				const chance = (sd: number) =>
					bestOutcome(foldingInstant(), instant640, { ev, sd }, { compensation: 0 }).chances.usable;
				expect(chance(a)).toBeCloseTo(chance(b), 2);
			})
		);
	});

	it('best obeys its order, whatever the camera', () => {
		const rank = { 'just-enough': 0, usable: 1, 'too-dark': 2, 'too-light': 2 };
		fc.assert(
			fc.property(anyCameras, films, evs, doubts, real(-5, 5), (camera, film, ev, sd, other) => {
				const { best, settings } = match(camera, film, { ev, sd, meterEv: ev + other });
				expect(rank[best.verdict]).toBe(Math.min(...settings.map(({ verdict }) => rank[verdict])));
				expect(bestOutcome(camera, film, { ev, sd, meterEv: ev + other })).toEqual(best);
			}),
			{ numRuns: draws(300) }
		);
	});

	it('never leaves the limits of the camera, nor writes a number that is none', () => {
		fc.assert(
			fc.property(automaticCameras, films, evs, doubts, (camera, film, ev, sd) => {
				const answer = match(
					camera,
					film,
					{ ev, sd },
					{ tripod: true, filters: [{ name: 'ND 4', stops: 2 }] }
				);
				expect(JSON.stringify(answer)).not.toMatch(/NaN|Infinity|null,null/);
				expect(JSON.parse(JSON.stringify(answer))).toEqual(answer);
				const wrong = answer.settings.filter(
					({ chances: { good, usable }, secondsRange: [from, to] }) =>
						!(good >= 0 && good <= usable + 1e-9 && usable <= 1 && from <= to)
				);
				expect(wrong).toEqual([]);
			}),
			{ numRuns: draws(300) }
		);
	});
});
