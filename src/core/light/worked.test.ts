import { describe, expect, it } from 'vitest';
import { foldingInstant, programmed, twinLens } from '../../../tests/fixtures/automatic';
import { fixedCamera } from '../../../tests/fixtures/bag';
import { place, placeKind } from './place';
import { daylightColour, directColour } from './sun/colour';
import {
	agedLight,
	answerLight,
	clickedBy,
	contradictionIn,
	faceOf,
	zoneAt,
	lightNote,
	resolveLight,
	type CombinedReading,
	type Light
} from '.';

const near = (value: number, digits = 2) => expect.closeTo(value, digits) as number;

describe('a click, worked by hand', () => {
	// Source: the programme of the eye: wide open to 1/40 s, then straight in to f/16 at 1/500 s; half way in
	// stops lies √(2.8·16) = f/6.69 at 1/√(40·500) = 1/141 s.
	it.each([
		[1, 2.8],
		[1 / 40, 2.8],
		[1 / Math.sqrt(40 * 500), Math.sqrt(2.8 * 16)],
		[1 / 400, 2 ** ((2 * Math.log2(2.8) + (Math.log2(10) / Math.log2(12.5)) * 2 * Math.log2(16 / 2.8)) / 2)],
		[1 / 500, 16],
		[1 / 4000, 16],
		[30, 2.8]
	])('of %s s was at f/%s where the eye sets both', (seconds, f) => {
		expect(clickedBy(programmed(), seconds, 0.0001, {})!.reading.f).toBeCloseTo(f, 4);
	});

	it('was at the aperture that was set, the nearest that there is, or the first', () => {
		const f = (camera: Parameters<typeof clickedBy>[0], set?: number) =>
			clickedBy(camera, 0.1, 0.001, set === undefined ? {} : { f: set })!.reading.f;
		expect([f(twinLens()), f(twinLens(), 15), f(twinLens(), 8.2), f(twinLens(), 100)]).toEqual([
			5.6, 16, 8, 22
		]);
		const ring = foldingInstant({ aperture: { kind: 'range', widest: 4, smallest: 16 } });
		expect([f(ring), f(ring, 7)]).toEqual([4, 7]);
	});

	it('keeps what was set, and leaves out what was not', () => {
		const dialled = foldingInstant({}, { iso: [75, 150], meterBehindFilter: true });
		const over = { name: 'ND 0.6', stops: 2 };
		const beside = { name: 'on the pack', stops: 1, overMeter: false };
		const set = { iso: 150, compensation: -0.5, filters: [over, beside] };
		expect(clickedBy(dialled, 1, 0.1, set)!.reading).toMatchObject({
			iso: 150,
			compensation: -0.5,
			filterStops: 2,
			seconds: 1,
			secondsSd: 0.1
		});
		const plain = clickedBy(dialled, 1, 0.1, { compensation: 0, filters: [] })!.reading;
		expect(plain.iso).toBe(75);
		expect(Object.keys(plain).sort()).toEqual([
			'f',
			'iso',
			'method',
			'offset',
			'scatter',
			'seconds',
			'secondsSd'
		]);
	});

	// By hand, stops from the end: 1/150 is 0.26 from 1/180 and 1/140 is 0.36; 12 s is 0.22 from 14 s and 11 s 0.35.
	it.each([
		[1 / 400, 0.0001, 'fastest'],
		[1 / 150, 0.0001, 'fastest'],
		[1 / 140, 0.0001, null],
		[12, 0.01, 'slowest'],
		[11, 0.01, null],
		[20, 0.01, 'slowest'],
		// A finger that is off by 0.05 s cannot tell 1/60 s from 1/180 s.
		[1 / 60, 0.05, 'fastest'],
		[1, 0.05, null]
	] as const)('of %s s, give or take %s, ran into %s', (seconds, sd, limit) => {
		const clicked = clickedBy(foldingInstant(), seconds, sd, {})!;
		expect(clicked.limit).toBe(limit);
		expect(clicked.reading.seconds).toBe(Math.min(14, Math.max(1 / 180, seconds)));
	});

	it('says nothing where no eye sets the time', () => {
		const aperture = programmed({ shutter: { kind: 'speeds', seconds: [1 / 60] } }, { sets: 'aperture' });
		expect(clickedBy(aperture, 1 / 60, 0.001, {})).toBeNull();
		expect(clickedBy(programmed({}, { sets: 'aperture' }), 1 / 60, 0.001, {})).toBeNull();
		expect(clickedBy(fixedCamera({ bulb: true }), 1, 0.1, {})).toBeNull();
		const ranged = fixedCamera({ shutter: { kind: 'range', fastest: 1 / 100, slowest: 1 } });
		expect(clickedBy(ranged, 0.1, 0.01, {})).toBeNull();
		expect(clickedBy(foldingInstant({ bulb: true }), 1, 0.1, {})!.reading.seconds).toBe(1);
	});

	// Source: the exposure equation by hand: 6 − 0.678 + 0.5 + 0.2 + 2 = 8.02, and √(0.3² + 0.1² + 0.0721²) = 0.324.
	it('is the light on the eye', () => {
		const click: Light = {
			method: 'click',
			seconds: 1,
			secondsSd: 0.05,
			f: 8,
			iso: 160,
			compensation: 0.5,
			filterStops: 2,
			offset: { stops: 0.2, sd: 0.1 },
			scatter: 0.3
		};
		expect(resolveLight(click)).toMatchObject({ ev: near(8.022, 3), sd: near(0.3244, 3) });
		const bare: Light = { method: 'click', seconds: 1, secondsSd: 0.05, f: 8, iso: 100 };
		// Common practice for an eye that nobody tested: √(0.4² + 0.5² + 0.0721²) = 0.644.
		expect(resolveLight(bare)).toMatchObject({ ev: near(6, 9), sd: near(0.6444, 3) });
	});
});

describe('readings weighed together, worked by hand', () => {
	const by = (method: 'eye' | 'number', ev: number, sd: number, kelvin?: number): Light =>
		method === 'eye' ? { method, ev, sd } : { ev, sd, ...(kelvin === undefined ? {} : { kelvin }) };
	const together = (...readings: Light[]): CombinedReading => ({ method: 'combined', readings });

	// By hand: (12/0.09 + 15/0.25)/(1/0.09 + 1/0.25) = 12.79; √(1/15.11) = 0.2573, times the Birge ratio
	// √((0.794/0.3)² + (2.206/0.5)²) = 5.145.
	it('are in doubt by as much as they contradict each other', () => {
		const light = resolveLight(together(by('eye', 12, 0.3), by('number', 15, 0.5)));
		expect(light).toMatchObject({ ev: near(12.794, 3), sd: near(1.3236, 3) });
		// Three of one way share its doubt, 0.3: √(((0.97)² + (0.03)² + (2.0)²)/0.09/2) about their mean.
		const three = resolveLight(together(by('eye', 11, 0.3), by('eye', 12, 0.3), by('eye', 14, 0.3)));
		const mean = 37 / 3;
		const spread = ((11 - mean) ** 2 + (12 - mean) ** 2 + (14 - mean) ** 2) / 0.09;
		expect(three).toMatchObject({ ev: near(mean, 9), sd: near(0.3 * Math.sqrt(spread / 2), 9) });
	});

	it('are contradicted by the worst pair alone', () => {
		const light = together(by('eye', 12, 0.3), by('eye', 13.2, 0.3), by('eye', 10, 0.3));
		expect(contradictionIn(light)).toEqual({ between: [1, 2], stops: near(3.2, 9) });
		// Just twice their doubt together is none yet: 2·√(0.3² + 0.4²) = 1.
		expect(contradictionIn(together(by('eye', 12, 0.3), by('eye', 13, 0.4)))).toBeNull();
		expect(contradictionIn(together(by('eye', 12, 0.3), by('eye', 13.01, 0.4)))).not.toBeNull();
	});

	// By hand in mired: (200·4 + 400·1)/5 = 240, 4167 K, where the doubts are 0.5 and 1.
	it('mix their colours in mired, those that know one', () => {
		const light = resolveLight(
			together(by('number', 9, 0.5, 5000), by('number', 9, 1, 2500), by('eye', 9, 0.1))
		);
		expect(light.kelvin).toBeCloseTo(1e6 / 240, 6);
		expect(resolveLight(together(by('number', 9, 0.5, 5000), by('eye', 9, 1))).kelvin).toBeCloseTo(5000, 6);
		expect('kelvin' in resolveLight(together(by('eye', 9, 1), by('number', 9, 1)))).toBe(false);
	});
});

describe('a reading some time later, worked by hand', () => {
	const HOUR = 3_600_000;
	const start = Date.parse('2026-05-02T12:00:00+01:00');
	const after = (light: Light, hours: number, where: { latitude: number; longitude: number } | null = null) =>
		agedLight(light, start, start + hours * HOUR, where);
	const sd = (light: Light) => resolveLight(light).sd;

	// Common practice of this program: the weather ⅓ stop in an hour by the root of time, the sun ½ an hour.
	it('is in doubt by the weather and the sun', () => {
		expect(sd(after({ ev: 14, sd: 0.5 }, 1))).toBeCloseTo(Math.sqrt(0.25 + 1 / 9 + 0.25), 9);
		expect(sd(after({ ev: 14, sd: 0.5 }, 4))).toBeCloseTo(Math.sqrt(0.25 + 4 / 9 + 4), 9);
		expect(sd(after({ ev: 14, sd: 0.5 }, 100))).toBe(6);
		expect(sd(after({ ev: 9, sd: 0.5 }, 1))).toBeGreaterThan(0.7);
	});

	it('stays as it is by lamplight, of which nobody said where', () => {
		const dim: Light = { ev: 8.9, sd: 0.5 };
		expect(after(dim, 5)).toBe(dim);
		expect(sd(after(dim, 5, { latitude: 54, longitude: -4 }))).toBeGreaterThan(0.5);
	});

	it('stays as it is for as long as nobody can tell', () => {
		const light: Light = { ev: 14, sd: 0.5 };
		expect(after(light, 1 / 60)).toBe(light);
		expect(after(light, 1 / 20)).not.toBe(light);
		expect(after(light, -3)).toBe(light);
	});

	it('ages on the eye as on the subject, where the eye stands elsewhere', () => {
		const both = after({ ev: 14, sd: 0.5, meterEv: 10, meterSd: 0.3 }, 1);
		expect(resolveLight(both)).toMatchObject({
			ev: 14,
			meterEv: 10,
			meterSd: near(Math.sqrt(0.09 + 1 / 9 + 0.25), 9)
		});
		expect(resolveLight(after({ ev: 14, sd: 0.5, meterEv: 10, meterSd: 0.3 }, 200)).meterSd).toBe(6);
		expect('meterSd' in after({ ev: 14, sd: 0.5 }, 1)).toBe(false);
	});

	it('goes with the clock by the sun, in doubt by the weather alone', () => {
		const sun: Light = {
			method: 'sun',
			latitude: 54,
			longitude: -4,
			at: new Date(start).toISOString(),
			sky: 'clear',
			subject: 'facing'
		};
		const later: Light = { ...sun, at: new Date(start + HOUR).toISOString() };
		expect(sd(after(sun, 1))).toBeCloseTo(Math.hypot(sd(later), 1 / 3), 6);
		expect(resolveLight(after(sun, 1)).ev).toBeCloseTo(resolveLight(later).ev, 6);
		const planned: Light = { ...sun, at: new Date(start + 3 * HOUR).toISOString() };
		expect(after(planned, 1)).toBe(planned);
	});
});

describe('the face of the line', () => {
	it('is landmarks where nothing else is told', () => {
		const face = faceOf({ ev: 9, sd: 0.5 }, 0.5, zoneAt);
		expect(face).toMatchObject({ drags: 'the light', quantity: false });
		expect(face.marks.length).toBeGreaterThan(5);
		expect(face.lightAt(7)).toEqual({ method: 'eye', ev: 7, sd: 0.5 });
		expect(face.wordsAt(14.64)).toBe('sun');
		expect(faceOf(null, 1, zoneAt).drags).toBe('the light');
	});

	it('is the sky where shadows were read, and a picture’s own light near it', () => {
		const read: Light = { method: 'shadows', school: 'shadow-edge', condition: 'sharp' };
		const face = faceOf(read, 0.5, zoneAt);
		expect(face).toMatchObject({ drags: 'the sky', quantity: false });
		expect(face.marks.map(({ words }) => words)[0]).toBe('sharp, dark shadows');
		const [sharp, soft] = face.marks;
		expect(face.lightAt(sharp.ev - 0.16)).toEqual(read);
		expect(face.lightAt(sharp.ev - 0.2)).toMatchObject({ method: 'eye', sd: 0.5 });
		expect(face.lightAt(soft.ev)).toMatchObject({ condition: 'soft' });
		expect(face.wordsAt(soft.ev + 0.1)).toBe(soft.words);
	});

	it('is metres from a lamp', () => {
		const face = faceOf({ method: 'lamp', reading: { ev: 7, sd: 0.3 }, from: 1, to: 2 }, 0.3, zoneAt);
		expect(face).toMatchObject({ drags: 'the lamp', quantity: true });
		// Source: the inverse square by hand: twice as far is two stops less.
		expect(face.lightAt(7)).toMatchObject({ to: near(1, 6) });
		expect(face.wordsAt(3)).toBe('4 m');
		expect(face.lightAt(-20)).toMatchObject({ to: 100 });
		expect(face.lightAt(30)).toMatchObject({ to: 0.2 });
	});

	it('is the clock by the sun, of the half of the day that it was read in', () => {
		const at = (clock: string): Light => ({
			method: 'sun',
			latitude: 54,
			longitude: -4,
			at: `2026-05-02T${clock}:00+01:00`,
			sky: 'clear',
			subject: 'facing'
		});
		const evening = faceOf(at('19:00'), 0.5, zoneAt);
		expect(evening).toMatchObject({ drags: 'the clock', quantity: true });
		expect(evening.wordsAt(resolveLight(at('19:30')).ev)).toBe('19:30');
		expect(evening.wordsAt(resolveLight(at('16:00')).ev)).toBe('16:00');
		const hours = (face: typeof evening) => face.marks.map(({ words }) => Number(words.slice(0, 2)));
		// The hours nearest to night come first: in the evening the latest, in the morning the earliest.
		const late = hours(evening).filter((hour) => hour >= 14);
		expect(late).toEqual(late.toSorted((a, b) => b - a));
		const early = hours(faceOf(at('08:00'), 0.5, zoneAt)).filter((hour) => hour >= 2);
		expect(early).toEqual(early.toSorted((a, b) => a - b));
	});
});

describe('what is said of a light', () => {
	it('is where it comes from', () => {
		const meter = { method: 'meter', iso: 100, ev: 12 } as const;
		expect(lightNote({ ...meter, kind: 'incident' })).toBe('incident meter');
		expect(lightNote({ ...meter, kind: 'reflected' })).toBe('reflected meter');
		expect(lightNote({ method: 'lamp', reading: { ev: 7 }, from: 1, to: 2.345 })).toBe('by lamp at 2.3 m');
		expect(() => placeKind('nowhere')).toThrow('no place is called nowhere');
		expect(place.read({ method: 'place', place: 'home-interior' })).toEqual({ ev: 6, sd: 1, kelvin: 2800 });
		expect(place.read({ method: 'place', place: 'night-traffic' })).toEqual({ ev: 5, sd: 1 });
		expect(place.read({ method: 'place', place: 'gallery' })).toMatchObject({ ev: 9.5, sd: 1.5 });
	});

	it('is its colour and its range, where they are known', () => {
		expect(answerLight({ method: 'place', place: 'home-interior' })).toMatchObject({ kelvin: 2800 });
		const spots: Light = { method: 'spots', iso: 100, darkest: 6, brightest: 11 };
		expect(answerLight(spots).range).toHaveLength(2);
		const plain = answerLight({ method: 'eye', ev: 9, sd: 1 });
		expect(Object.keys(plain).sort()).toEqual(['ev', 'method', 'note', 'sd']);
	});

	// A tone belongs to what a meter saw of a subject, and not to light that falls on it.
	it('is corrected by the tone of the spot where it was read off the subject', () => {
		const read = (kind: 'incident' | 'reflected') =>
			resolveLight({ method: 'meter', kind, iso: 100, ev: 12, tone: 1.5 } as Light).ev;
		expect([read('reflected'), read('incident')]).toEqual([10.5, 12]);
	});
});

describe('the colour of daylight', () => {
	// Common practice of this program, straight between its heights: half way from 0° to 5° lies 2900 K.
	it.each([
		[-5, 2300],
		[0, 2300],
		[2.5, 2900],
		[5, 3500],
		[20, 5000],
		[32.5, 5250],
		[45, 5500],
		[67.5, 5650],
		[90, 5800]
	])('straight from a sun at %s° is %s K', (altitude, kelvin) => {
		expect(directColour(altitude)).toBeCloseTo(kelvin, 9);
	});

	// By hand in mired at 45°: a fifth of 10⁶/5500 and four fifths of 10⁶/8000 are 136.4.
	it('mixes with the sky’s in mired', () => {
		expect(daylightColour({ lux: 100, direct: 20 }, 45, 'clear')).toBeCloseTo(1e6 / 136.3636, 0);
		expect(daylightColour({ lux: 100, direct: 0 }, 45, 'overcast')).toBeCloseTo(6500, 6);
		expect(daylightColour({ lux: 100, direct: 100 }, 45, 'clear')).toBeCloseTo(5500, 6);
	});
});
