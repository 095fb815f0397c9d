import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { logarithmic, real } from '../../../tests/fixtures/arbitraries';
import { filmOf, losesNothing } from '../../../tests/fixtures/bag';
import {
	agedSpeed,
	castOf,
	correctedTime,
	developingSeconds,
	effectiveSpeed,
	effectiveSpeedStops,
	factsOf,
	filmSpeedFor,
	filmTypes,
	fitOf,
	framesAdapted,
	framesOn,
	formatsOf,
	goesInto,
	footage,
	asLoaded,
	isColour,
	isDevelopedLater,
	isNegative,
	isSeenAtOnce,
	latitudeOf,
	lostTones,
	miredOf,
	pushRangeOf,
	reciprocityDoubt,
	reciprocityLoss,
	speedDoubt,
	spoolSeconds,
	type Film
} from '.';

describe('what a film forgives', () => {
	// Source: common practice, stops of error by type.
	it.each([
		['colour-negative', [-1 / 2, 2], [-1, 3]],
		['bw-negative', [-1 / 2, 3 / 2], [-1, 3]],
		['reversal', [-1 / 3, 1 / 3], [-1, 1 / 2]],
		['instant', [-1 / 3, 1 / 3], [-1, 2 / 3]],
		['peel-apart', [-1 / 3, 1 / 3], [-2 / 3, 2 / 3]]
	] as const)('%s holds %s well and %s somehow', (type, good, usable) => {
		expect(latitudeOf(filmOf(type, 100))).toEqual({ good, usable });
	});

	it('is the person’s own where they know better', () => {
		const latitude = { good: [-1, 1], usable: [-2, 2] } as const;
		expect(latitudeOf(filmOf('instant', 100, { latitude: latitude as never }))).toBe(latitude);
	});

	it('is never narrower than what is good', () => {
		for (const { good, usable } of filmTypes.map((type) => factsOf(type).latitude)) {
			expect(usable[0]).toBeLessThanOrEqual(good[0]);
			expect(usable[1]).toBeGreaterThanOrEqual(good[1]);
		}
	});
});

describe('speed', () => {
	it('is the box speed with what development and age change', () => {
		expect(effectiveSpeedStops(filmOf('instant', 400))).toBe(2);
		expect(effectiveSpeedStops(filmOf('bw-negative', 400, { processStops: -1 }))).toBe(1);
		expect(effectiveSpeed(filmOf('bw-negative', 400, { processStops: -1 }))).toBe(200);
		expect(speedDoubt(filmOf('instant', 400))).toBe(0.15);
		expect(speedDoubt(filmOf('instant', 400, { speedSd: 0.7 }))).toBe(0.7);
	});
});

describe('reciprocity failure', () => {
	const film = (exponent: number) => filmOf('bw-negative', 100, { reciprocity: { from: 1, exponent } });

	// Source: Schwarzschild’s law with p = 1.31, as published in data sheets of the kind: 10 s becomes 20.4 s.
	it('stretches a metered time by its exponent', () => {
		expect(correctedTime(film(1.31), 10)).toBeCloseTo(20.4, 1);
		expect(correctedTime(film(1.31), 0.5)).toBe(0.5);
		expect(correctedTime(filmOf('bw-negative', 100, losesNothing), 10)).toBe(10);
	});

	// Source: common practice, a factor of exponent for ten seconds metered: black-and-white 1.3, colour
	// print 1.15, slide and instant 1.2, peel-apart 1.25.
	it.each([
		['bw-negative', 20],
		['colour-negative', 14.1],
		['reversal', 15.8],
		['instant', 15.8],
		['peel-apart', 17.8]
	] as const)('is typical of %s where the film does not say: 10 s become %s s', (type, seconds) => {
		expect(correctedTime(filmOf(type, 100), 10)).toBeCloseTo(seconds, 1);
	});

	// Source: the derivative of Schwarzschild’s law by hand: log2(300)·0.1/1.3² = 0.487 stop at five minutes.
	it('is in doubt by a tenth of its exponent, and not where it is said to lose nothing', () => {
		expect(reciprocityDoubt(filmOf('bw-negative', 400), 300)).toBeCloseTo(0.487, 3);
		expect(reciprocityDoubt(filmOf('bw-negative', 400), 1)).toBe(0);
		expect(reciprocityDoubt(filmOf('bw-negative', 400, losesNothing), 300)).toBe(0);
		fc.assert(
			fc.property(real(1.05, 1.6), logarithmic(1.1, 3000), (exponent, seconds) => {
				const step = 1e-5;
				const slope =
					(reciprocityLoss(film(exponent + step), seconds) -
						reciprocityLoss(film(exponent - step), seconds)) /
					(2 * step);
				expect(reciprocityDoubt(film(exponent), seconds)).toBeCloseTo(0.1 * slope, 6);
			})
		);
	});

	// Source: Schwarzschild’s law by hand, from 2 s on with p = 1.5: 8 s metered are 2·4^1.5 = 16 s, 16 s lose ⅓·log2 8 = 1.
	it('begins where the film says', () => {
		const late = filmOf('reversal', 100, { reciprocity: { from: 2, exponent: 1.5 } });
		expect(correctedTime(late, 8)).toBeCloseTo(16, 9);
		expect(correctedTime(late, 2)).toBe(2);
		expect(correctedTime(late, 1.9)).toBe(1.9);
		expect(reciprocityLoss(late, 16)).toBeCloseTo(1, 9);
		expect(reciprocityLoss(late, 2)).toBe(0);
		expect(reciprocityDoubt(late, 16)).toBeCloseTo((3 * 0.1) / 2.25, 9);
		expect(reciprocityDoubt(late, 1)).toBe(0);
	});

	it('loses in speed exactly what the longer time makes up for', () => {
		fc.assert(
			fc.property(real(1, 1.6), logarithmic(0.01, 3000), (exponent, metered) => {
				const held = correctedTime(film(exponent), metered);
				expect(Math.log2(held / metered)).toBeCloseTo(reciprocityLoss(film(exponent), held), 9);
			})
		);
	});

	it('never gains, and never loses less for longer', () => {
		fc.assert(
			fc.property(real(1, 1.6), logarithmic(0.01, 3000), real(1, 4), (exponent, seconds, more) => {
				const loss = reciprocityLoss(film(exponent), seconds);
				expect(loss).toBeGreaterThanOrEqual(0);
				expect(reciprocityLoss(film(exponent), seconds * more)).toBeGreaterThanOrEqual(loss);
			})
		);
	});
});

describe('cine film', () => {
	it('of 25 feet runs 125 s a side at 16 frames a second', () => {
		// Common practice: 80 frames to the foot of regular 8 mm.
		expect(spoolSeconds({ feet: 25, sides: 1, framesPerSecond: 16 })).toBe(125);
		expect(spoolSeconds({ feet: 50, sides: 2, framesPerSecond: 20 })).toBe(400);
		const spool = { feet: 25, sides: 2, framesPerSecond: 16 };
		expect(footage(spool, 0)).toEqual({ side: 1, feet: 0 });
		expect(footage(spool, 130)).toEqual({ side: 2, feet: 1 });
		expect(footage(spool, 100)).toEqual({ side: 1, feet: 20 });
		expect(footage(spool, 125)).toEqual({ side: 2, feet: 0 });
		expect(footage({ ...spool, framesPerSecond: 32 }, 65)).toEqual({ side: 2, feet: 1 });
		expect(footage(spool, 1000)).toEqual({ side: 2, feet: 25 });
	});
});

describe('what a film is', () => {
	it('shows colour, is printed from and is seen at once by its type', () => {
		const of = (is: (film: Film) => boolean) => filmTypes.filter((type) => is(filmOf(type, 100)));
		expect(of(isColour)).toEqual(['colour-negative', 'reversal', 'instant', 'peel-apart']);
		expect(of(isNegative)).toEqual(['colour-negative', 'bw-negative']);
		expect(of(isSeenAtOnce)).toEqual(['instant', 'peel-apart']);
		expect(of(isDevelopedLater)).toEqual(['colour-negative', 'bw-negative', 'reversal', 'bw-reversal']);
		expect(goesInto(filmOf('bw-reversal', 100), { type: 'colour-negative' })).toBe(true);
		// Common practice: it forgives as a slide does, and loses over long times as black-and-white does.
		expect(latitudeOf(filmOf('bw-reversal', 100))).toEqual(latitudeOf(filmOf('reversal', 100)));
		expect(correctedTime(filmOf('bw-reversal', 100), 10)).toBeCloseTo(20, 0);
	});

	it('goes where its own kind of holder goes', () => {
		expect(goesInto(filmOf('reversal', 100), { type: 'bw-negative' })).toBe(true);
		expect(goesInto(filmOf('instant', 100), { type: 'peel-apart' })).toBe(false);
		expect(goesInto(filmOf('peel-apart', 100), { type: 'reversal' })).toBe(false);
		expect(goesInto(filmOf('instant', 100), { type: 'instant' })).toBe(true);
	});

	it('goes by its format where both are known', () => {
		const roll = { ...filmOf('bw-negative', 100), format: '120' };
		expect(goesInto(roll, { format: '120' })).toBe(true);
		expect(goesInto(roll, { format: '620', type: 'bw-negative' })).toBe(true);
		expect(goesInto(roll, { format: '35 mm', type: 'bw-negative' })).toBe(false);
		// With adapters it goes, and nobody is offered it.
		const small = { ...roll, format: '35 mm' };
		expect(fitOf(small, { format: '120' })).toMatchObject({ goes: true, offered: false });
		expect(goesInto(small, { format: '120' })).toBe(false);
		const bare = { ...filmOf('instant', 640), format: 'instant pack without battery' };
		expect(fitOf(bare, { format: 'instant pack with battery' })).toMatchObject({
			goes: true,
			offered: false
		});
		expect(goesInto(bare, { format: 'instant pack without battery' })).toBe(true);
		const cine = { ...filmOf('bw-reversal', 100), format: '16 mm' };
		expect(fitOf(cine, { format: 'regular 8' }).goes).toBe(false);
		expect(formatsOf('peel-apart')).toEqual(['peel-apart pack', 'small peel-apart pack']);
	});

	// Common practice: negatives are pushed and pulled a stop, what is the picture itself is not.
	it('is pushed by its type, or as it says', () => {
		expect(pushRangeOf(filmOf('bw-negative', 100))).toEqual([-1, 1]);
		expect(pushRangeOf(filmOf('colour-negative', 100))).toEqual([-1, 1]);
		expect(pushRangeOf(filmOf('instant', 100))).toEqual([0, 0]);
		expect(pushRangeOf(filmOf('bw-negative', 100, { pushRange: [0, 3] }))).toEqual([0, 3]);
	});

	it('is as fast as its load is developed', () => {
		const film = filmOf('bw-negative', 125, { processStops: 0.5 });
		expect(asLoaded(film, { process: { stops: -1 } }).processStops).toBe(-0.5);
		expect(asLoaded(filmOf('bw-negative', 125), { process: { stops: 1 } }).processStops).toBe(1);
		expect(asLoaded(film, { process: { stops: 0 } })).toBe(film);
		// A pack of its own age, pulled beside it: half a stop and one more, as unsure as its age.
		const aged = { stops: -0.6, sd: 0.34 };
		const old = asLoaded(filmOf('colour-negative', 400), { aged, process: { stops: -1 } });
		expect(old.processStops).toBeCloseTo(-1.6, 9);
		expect(old.speedSd).toBe(0.34);
		expect(asLoaded({ ...film, speedSd: 0.5 }, { aged }).speedSd).toBe(0.5);
		expect(asLoaded(film, {})).toBe(film);
	});

	// By hand: two stops over on ISO 100 would have been right on ISO 25.
	it('would have been right at another speed', () => {
		expect(filmSpeedFor(filmOf('instant', 100), 2)).toBe(25);
		expect(filmSpeedFor(filmOf('instant', 100), -2)).toBe(400);
	});
});

describe('what a film draws', () => {
	// By hand for slide film, which draws three stops below grey and two and a half above it.
	it('loses what lies beyond its ends, and an error moves both', () => {
		const slide = filmOf('reversal', 100);
		expect(lostTones(slide, [-4, 2], 0)).toEqual({ shadows: 1, highlights: 0 });
		expect(lostTones(slide, [-3, 2.5], 0)).toEqual({ shadows: 0, highlights: 0 });
		expect(lostTones(slide, [-3, 2.5], 1)).toEqual({ shadows: 0, highlights: 1 });
		expect(lostTones(slide, [-3, 2.5], -1)).toEqual({ shadows: 1, highlights: 0 });
	});
});

describe('the colour of light', () => {
	// Source: the definition of mired, 10⁶/K: 3200 K is 312.5, 5500 K is 181.8, so lamplight is 130.7 warm.
	it('is a cast on colour film, and none on black-and-white', () => {
		expect(miredOf(3200)).toBe(312.5);
		expect(castOf(filmOf('reversal', 100), 3200)).toBeCloseTo(130.7, 1);
		expect(castOf(filmOf('reversal', 100, { balance: 3200 }), 3200)).toBe(0);
		expect(castOf(filmOf('reversal', 100, { balance: 3200 }), 5500)).toBeCloseTo(-130.7, 1);
		expect(castOf(filmOf('bw-negative', 100), 3200)).toBeNull();
	});
});

describe('film beyond its date', () => {
	// Common practice: a stop in ten years at room temperature for colour, half of that for black-and-white.
	it.each([
		['colour-negative', 20, 'room', -2],
		['bw-negative', 20, 'room', -1],
		['colour-negative', 10, 'warm', -1.5],
		['colour-negative', 40, 'fridge', -2],
		['colour-negative', 40, 'freezer', -0.5],
		['colour-negative', 300, 'room', -8],
		['colour-negative', 0, 'room', 0],
		['colour-negative', -5, 'room', 0]
	] as const)('%s of %s years, kept %s, has lost %s', (type, years, kept, stops) => {
		const aged = agedSpeed(filmOf(type, 400), years, kept);
		expect(aged.stops).toBeCloseTo(stops, 9);
		expect(Object.is(aged.stops, -0)).toBe(false);
		// In doubt by half of what it lost, beside what fresh film is: 0.15.
		expect(aged.sd).toBeCloseTo(Math.sqrt(0.15 ** 2 + (stops / 2) ** 2), 9);
	});
});

describe('instant film', () => {
	it('develops twice as long ten degrees colder, other film not at all', () => {
		// Common practice.
		expect(developingSeconds('instant', 11)! / developingSeconds('instant', 21)!).toBeCloseTo(2, 9);
		expect(developingSeconds('peel-apart', 21)).toBeLessThan(120);
		expect(developingSeconds('bw-negative', 20)).toBeNull();
		expect(developingSeconds('instant', -80)).toBe(developingSeconds('instant', 0));
		expect(developingSeconds('instant', 90)).toBe(developingSeconds('instant', 40));
		expect(developingSeconds('instant', 21)).toBe(600);
		expect(developingSeconds('instant', 31)).toBeCloseTo(300, 9);
	});
});

describe('frames on a roll or a pack', () => {
	// Source: numbers on backing paper and boxes (ISO 732, 1007, 1200 and the trade's packs, from memory).
	it.each([
		['120', 56, 56, 12],
		['120', 42, 56, 15],
		['620', 57, 83, 8],
		['120', 70, 56, 10],
		['127', 40, 40, 12],
		['127', 65, 40, 8],
		['35 mm', 36, 24, 36],
		['35 mm', 24, 18, 72],
		['110 cartridge', 17, 13, 24],
		['126 cartridge', 28, 28, 24],
		['instant pack with battery', 79, 79, 8],
		['instant wide', 99, 62, 10]
	])('of %s, %s × %s mm, are %s', (format, width, height, count) => {
		expect(framesOn(format, { width, height })).toBe(count);
	});

	// Source: common practice: a cassette gives about 20 square frames in a body for roll film, 14 or 15 long ones,
	// 7 panoramas; all 24 mm high between the holes.
	it.each([
		[56, 56, 22],
		[84, 56, 15],
		[56, 42, 28],
		[168, 56, 7]
	])('of 35 mm film in a body of %s × %s mm are about %s', (width, height, count) => {
		for (const format of ['120', '620']) {
			const adapted = framesAdapted('35 mm', format, { width, height })!;
			expect(adapted).toMatchObject({ count, across: 24 });
			expect(Math.min(Math.abs(adapted.along - width), Math.abs(adapted.along - height))).toBe(0);
		}
		expect(framesAdapted('120', '620', { width, height })).toBeNull();
		expect(framesAdapted('35 mm', '126 cartridge', { width, height })).toBeNull();
	});

	it('are not known of a size or a format that is not', () => {
		expect(framesOn('120', { width: 20, height: 20 })).toBeNull();
		expect(framesOn('own film', { width: 56, height: 56 })).toBeNull();
		expect(framesOn(undefined, { width: 56, height: 56 })).toBeNull();
		expect(framesOn('120', undefined)).toBeNull();
	});
});
