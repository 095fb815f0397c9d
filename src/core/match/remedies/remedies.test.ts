import fc from 'fast-check';
import { draws } from '../../../../tests/fixtures/few';
import { describe, expect, it } from 'vitest';
import { anyCameras, evs, films } from '../../../../tests/fixtures/arbitraries';
import { foldingInstant, twinLens } from '../../../../tests/fixtures/automatic';
import { colourNegative400, filmOf, fixedCamera, steppedCamera } from '../../../../tests/fixtures/bag';
import type { Camera, Filter } from '../../camera';
import type { Film } from '../../film';
import { flashDistance, flashError, flashRange, together } from '../../flash';
import type { Light } from '../../light';
import { bestOutcome, match, type Bag, type Change, type Intent, type Remedy } from '..';

const nd = (stops: number): Filter => ({ name: `ND ${stops}`, stops });
const instant160 = filmOf('instant', 160);
const instant640 = filmOf('instant', 640);

const remedies = (camera: Camera, film: Film, light: Light, bag: Bag = {}, intent: Intent = {}) =>
	match(camera, film, light, bag, intent).remedies;
const kinds = ({ changes }: Remedy) => changes.map(({ kind }) => kind).join('+');
const withOnly = (found: Remedy[], kind: Change['kind']) =>
	found.find(({ changes }) => changes.length === 1 && changes[0].kind === kind && !changes[0].missing);

describe('what is offered', () => {
	it('is nothing where all is well', () => {
		const sure = fixedCamera({ offset: { stops: 0, sd: 0.05 } });
		expect(
			remedies(sure, colourNegative400, { ev: 12.3, sd: 0.1 }, { filters: [nd(2)], tripod: true })
		).toEqual([]);
	});

	// Source: common practice: film two stops faster than the body wants a two-stop filter on the pack.
	it('is the two-stop filter for film two stops too fast', () => {
		const [first] = remedies(
			foldingInstant({}, { compensation: undefined }),
			instant640,
			{ ev: 10 },
			{ filters: [nd(1), nd(2), nd(3)] }
		);
		expect(first.changes).toMatchObject([{ kind: 'filter', name: 'ND 2' }]);
		expect(first.changes[0].stops).toBeCloseTo(-2, 6);
		expect(first.outcome.verdict).toBe('just-enough');
	});

	it('is the wheel before all else, where it was left turned', () => {
		const [first] = remedies(
			foldingInstant(),
			instant160,
			{ ev: 10 },
			{ filters: [nd(1)] },
			{ compensation: 1.5 }
		);
		expect(first.changes).toMatchObject([
			{ kind: 'compensation', from: 1.5, to: 0, name: 'wheel to the middle' }
		]);
		expect(first.effort).toBe(0);
		expect(first.outcome.error).toBeCloseTo(0, 6);
	});

	it('is two filters together where one is too weak', () => {
		const found = remedies(fixedCamera(), filmOf('instant', 400), { ev: 14.56 }, { filters: [nd(1), nd(2)] });
		const stacked = found.find((remedy) => kinds(remedy) === 'filter+filter')!;
		expect(stacked.changes.reduce((sum, { stops }) => sum + stops, 0)).toBeCloseTo(-3, 6);
		expect(stacked.effort).toBe(2);
		expect(stacked.outcome.verdict).toBe('just-enough');
	});

	it('is a support for a hand that shakes, though it makes no frame lighter', () => {
		const slow = fixedCamera({ shutter: { kind: 'fixed', seconds: 1 / 4 } });
		const found = withOnly(remedies(slow, colourNegative400, { ev: 8 }, { tripod: true }), 'tripod')!;
		expect(found.outcome.spoilers).toEqual([]);
		expect(found.changes[0].stops).toBeCloseTo(0, 6);
	});

	it('is a step back from what is nearer than the sharp zone', () => {
		const found = withOnly(
			remedies(fixedCamera(), colourNegative400, { ev: 12 }, {}, { subjectDistance: 0.8 }),
			'distance'
		)!;
		expect(found.changes[0].to).toBeCloseTo(1.71, 2);
		expect(found.outcome.spoilers).toEqual([]);
	});

	it('is a faster film or a push, and says that it takes more', () => {
		const found = remedies(
			fixedCamera(),
			filmOf('bw-negative', 100),
			{ ev: 12 },
			{ films: [colourNegative400] }
		);
		const [push, film] = [withOnly(found, 'development'), withOnly(found, 'film')];
		expect(push).toMatchObject({ effort: 2, changes: [{ name: 'push 1 stop', to: 1 }] });
		expect(film).toMatchObject({ effort: 3, changes: [{ name: 'Film 400' }] });
		expect(film!.outcome.error).toBeCloseTo(0.44, 2);
	});

	it('is never a push of film that takes none', () => {
		const found = remedies(fixedCamera(), instant160, { ev: 10 });
		expect(found.some((remedy) => kinds(remedy).includes('development'))).toBe(false);
	});

	it('is a contrast filter on black-and-white alone', () => {
		const filters: Filter[] = [{ name: 'Orange', stops: 2, kind: 'contrast' }];
		const offered = (film: Film) =>
			withOnly(remedies(fixedCamera(), film, { ev: 14.8 }, { filters }), 'filter');
		expect(offered(filmOf('bw-negative', 400))?.changes[0].name).toBe('Orange');
		expect(offered(colourNegative400)).toBeUndefined();
	});

	// Source: published definition of mired: 10⁶/3200 − 10⁶/5500 = 131 of warm cast, which a filter of −131 takes.
	it('is a conversion filter only where it mends a cast', () => {
		const filters: Filter[] = [{ name: 'Blue', stops: 2, kind: 'conversion', mired: -131 }];
		const offered = (kelvin: number) =>
			withOnly(remedies(fixedCamera(), colourNegative400, { ev: 15, kelvin }, { filters }), 'filter');
		expect(offered(3200)).toBeDefined();
		expect(offered(5500)).toBeUndefined();
	});

	it('is other light, said by where it begins', () => {
		const found = withOnly(remedies(fixedCamera(), colourNegative400, { ev: 8 }), 'light')!;
		expect(found.changes[0].name).toMatch(/^light from EV 11 up, such as/);
		expect(found.outcome.verdict).toBe('just-enough');
	});

	// Source: the inverse square law: 2 stops more light at half the distance.
	it('is a lamp brought nearer, by the square of its distance', () => {
		const lamp: Light = { method: 'lamp', reading: { ev: 8 }, from: 2, to: 2, modifierStops: 1 };
		const found = withOnly(remedies(fixedCamera(), colourNegative400, lamp), 'lamp')!;
		expect(found.changes[0].from).toBe(2);
		const gained = 2 * Math.log2(2 / found.changes[0].to!);
		expect(found.changes[0].stops).toBeCloseTo(gained, 6);
		expect(found.outcome.verdict).toBe('just-enough');
	});

	it('is a better reading, a trial frame or a bracket where the exposure is right but in doubt', () => {
		const light: Light = { ev: 12, sd: 1.5 };
		const manual = fixedCamera({ aperture: { kind: 'stops', f: [5.6, 6.3, 7.1, 8, 9, 10, 11, 13, 14, 16] } });
		const found = remedies(manual, filmOf('instant', 400), light);
		const all = found.map(kinds);
		expect(all).toContain('reading');
		expect(all).toContain('trial');
		for (const remedy of found) expect(remedy.changes[0].stops).toBe(0);
		const slides = remedies(manual, filmOf('reversal', 400), { ev: 12, sd: 1 / 3 }).map(kinds);
		expect(slides).toContain('bracket');
		expect(slides).not.toContain('trial');
	});

	it('is nothing that still fails when nothing suffices', () => {
		const { best, remedies: found } = match(
			fixedCamera(),
			filmOf('reversal', 25),
			{ ev: 3 },
			{ films: [filmOf('reversal', 400)] }
		);
		expect(best.verdict).toBe('too-dark');
		// Four stops faster, and as black as before: that mends nothing.
		expect(found.map(kinds)).toEqual(['light']);
		expect(found[0].changes[0].to).toBeGreaterThan(12);
	});
});

describe('flash', () => {
	// Source: the published definition of guide numbers; common practice: 16 at one eighth power, ISO 400, f/8.8
	// is right at about 1.3 m.
	it('follows its guide number', () => {
		expect(flashDistance(16, 8.8, 2, 1 / 8)).toBeCloseTo(1.29, 2);
		expect(flashDistance(20, 10, 0)).toBe(2);
		expect(flashError(2, 4)).toBe(-2);
		flashRange(2, [-1, 1]).forEach((end, index) => expect(end).toBeCloseTo(Math.SQRT2 * (index + 1), 9));
		expect(together(-1, -1)).toBeCloseTo(0, 9);
	});

	it('lights the subject and leaves the background to the eye', () => {
		const bag: Bag = { flash: { guideNumber: 16, powers: [1, 1 / 2, 1 / 4, 1 / 8] } };
		const found = withOnly(
			remedies(fixedCamera(), colourNegative400, { ev: 6 }, bag, { subjectDistance: 3 }),
			'flash'
		)!;
		const [change] = found.changes;
		expect(found.outcome.verdict).toBe('just-enough');
		expect(change.background).toBeCloseTo(-5.56, 1);
		expect(change.range![0]).toBeLessThan(3);
		expect(change.range![1]).toBeGreaterThan(3);
	});

	it('does not reach what is far, and waits for its sync', () => {
		const far = remedies(
			fixedCamera(),
			colourNegative400,
			{ ev: 2 },
			{ flash: { guideNumber: 8, powers: [1] } },
			{ subjectDistance: 30 }
		);
		expect(far.find((remedy) => kinds(remedy) === 'flash')?.outcome.verdict).not.toBe('just-enough');
		const quick = steppedCamera({ flash: { guideNumber: 12, sync: 1 / 60 } });
		const synced = withOnly(
			remedies(quick, colourNegative400, { ev: 3 }, {}, { subjectDistance: 3 }),
			'flash'
		)!;
		expect(synced.outcome.seconds).toBeGreaterThanOrEqual(1 / 61);
	});
});

describe('every list of remedies', () => {
	const bag: Bag = {
		filters: [nd(1), nd(2), nd(4)],
		films: [filmOf('colour-negative', 100), filmOf('bw-negative', 800), filmOf('instant', 160)],
		tripod: true,
		flash: { guideNumber: 14, powers: [1, 1 / 4] }
	};
	const lists = fc.tuple(anyCameras, films, evs).map(([camera, film, ev]) => ({
		camera,
		film,
		ev,
		answer: match(camera, film, { ev }, bag)
	}));

	/** Goes by effort, has at most eight, and none that another beats. */
	function isInOrder(found: readonly Remedy[]) {
		const worth = ({ outcome }: Remedy) => (outcome.chances.good + outcome.chances.usable) / 2;
		const works = ({ outcome }: Remedy) => ['just-enough', 'usable'].includes(outcome.verdict);
		expect(found.length).toBeLessThanOrEqual(8);
		found
			.slice(1)
			.forEach((later, index) => expect(later.effort).toBeGreaterThanOrEqual(found[index].effort));
		for (const a of found.filter(works)) {
			for (const b of found.filter(works)) {
				const beaten =
					a !== b &&
					kinds(a) !== 'light' &&
					// What is to be bought beats only what is to be bought.
					!a.changes[0].missing &&
					a.effort <= b.effort &&
					worth(a) > worth(b) &&
					a.outcome.spoilers.length <= b.outcome.spoilers.length;
				expect(beaten).toBe(false);
			}
		}
		for (const { changes } of found) expect(changes.length).toBeLessThanOrEqual(2);
	}

	/** Applies a change as its reader would, from its fields alone. */
	function applied(change: Change, asked: { camera: Camera; film: Film; light: Light; intent: Intent }) {
		const { filters = [] } = asked.intent;
		const intent = (changes: Intent) => ({ ...asked, intent: { ...asked.intent, ...changes } });
		switch (change.kind) {
			case 'filter': {
				const made = change.missing ? nd(change.to!) : bag.filters!.find(({ name }) => name === change.name)!;
				return intent({ filters: [...filters, made] });
			}
			case 'film': {
				const { type } = asked.film;
				const made = { name: 'Found', type, iso: change.to! };
				return {
					...asked,
					film: change.missing ? made : bag.films!.find(({ name }) => name === change.name)!
				};
			}
			case 'development':
				return {
					...asked,
					film: { ...asked.film, processStops: (asked.film.processStops ?? 0) + change.to! - change.from! }
				};
			case 'tripod':
				return intent({ handheld: false });
			case 'light':
				return { ...asked, light: { ev: change.to! } };
			default:
				return null;
		}
	}

	it('is in order and keeps its promise: each remedy, applied, gives the outcome that it showed', () => {
		let checked = 0;
		fc.assert(
			fc.property(lists, ({ camera, film, ev, answer }) => {
				isInOrder(answer.remedies);
				for (const { changes, outcome } of answer.remedies) {
					const done = changes.reduce<ReturnType<typeof applied>>(
						(asked, change) => asked && applied(change, asked),
						{ camera, film, light: { ev }, intent: {} }
					);
					if (!done) continue;
					const again = bestOutcome(done.camera, done.film, done.light, done.intent);
					expect(again.error).toBeCloseTo(outcome.error, 6);
					expect(again.verdict).toBe(outcome.verdict);
					expect(again.chances.good).toBeCloseTo(outcome.chances.good, 6);
					const stops = changes.reduce((sum, change) => sum + change.stops, 0);
					expect(answer.best.error + stops).toBeCloseTo(outcome.error, 6);
					checked += 1;
				}
			}),
			{ numRuns: draws(120) }
		);
		expect(checked).toBeGreaterThan(draws(120) / 4);
	});

	it('of the twin-lens fooled by its shade has what really helps', () => {
		const found = remedies(
			twinLens(),
			filmOf('instant', 800),
			{ ev: 15, meterEv: 11 },
			{ filters: [nd(3), nd(4)] }
		);
		expect(withOnly(found, 'filter')?.outcome.verdict).toBe('just-enough');
	});
});
