import { DateTime } from 'luxon';
import { reach } from '../match';
import { sunlight, sunPosition, zoneAt, type Exposed, type Ground, type Sky } from '../light';
import { changesAlong, changesIn, type Piece } from './changes';
import { skiesOfYear, type SkyShares } from './skies';
import { wayIn, type Pair } from './way';

/** A year with a camera and a film at a place. */
export interface YearQuestion extends Pair {
	place: { latitude: number; longitude: number };
	year: number;
	/** One sky all the year, or for each month, January first, which part of its days has which. */
	sky: Sky | SkyShares[];
	subject: Exposed;
	/** What lies around; absent: grass, earth, stone. */
	ground?: Ground;
	/** Minutes between the times that are counted. */
	stepMinutes?: number;
}

/** The part of an hour, over a month, in which a camera works, 0 … 1. */
export interface HourShare {
	/** Just enough. */
	good: number;
	/** Just enough or usable. */
	usable: number;
}

export interface YearPlan {
	/** IANA name of the place's time zone. */
	timeZone: string;
	/** January first; hours by the place's clock, from 0 to 23. */
	months: { month: number; hours: HourShare[] }[];
}

/** Where the sun stands through a year, and to which month and hour each time belongs. */
export interface SunYear {
	timeZone: string;
	/** Geometric, degrees. */
	altitudes: Float64Array;
	/** Month from 0, times 24, and the hour. */
	cells: Uint16Array;
}

const DEFAULT_STEP = 5;
const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;
const HOURS = 24;
const MONTHS = 12;

/** Stretches of a year in which the place's clock keeps the same distance from UTC. */
function offsetsOf(from: number, to: number, zone: string): Piece<number>[] {
	const offsetAt = (instant: number) => DateTime.fromMillis(instant, { zone }).offset;
	return changesIn(from, to, DAY, offsetAt, String);
}

/** Times between which the sun's way is drawn as a curve, minutes at most. */
const KNOT_MINUTES = 15;
const RADIAN = Math.PI / 180;

/**
 * Heights of the sun at even times. Between knots, the sine of the height is a cubic through four of them:
 * it is smooth even where the sun passes overhead, and off by less than a thousandth of a degree.
 * Source: Meeus, Astronomical Algorithms, chapter 3 (interpolation), in Lagrange's form.
 *
 * @returns degrees
 */
function heightsAt(
	place: YearQuestion['place'],
	from: number,
	stepMinutes: number,
	count: number
): Float64Array {
	const every = Math.max(1, Math.floor(KNOT_MINUTES / stepMinutes));
	const spacing = every * stepMinutes * MINUTE;
	const sineAt = (knot: number) =>
		Math.sin(sunPosition(from + knot * spacing, place.latitude, place.longitude).altitude * RADIAN);
	const heights = new Float64Array(count);
	let [a, b, c, d] = [-1, 0, 1, 2].map(sineAt);
	for (let knot = 0; knot * every < count; knot++) {
		for (let part = 0; part < every && knot * every + part < count; part++) {
			const t = part / every;
			const sine =
				(-t * (t - 1) * (t - 2) * a) / 6 +
				((t + 1) * (t - 1) * (t - 2) * b) / 2 -
				((t + 1) * t * (t - 2) * c) / 2 +
				((t + 1) * t * (t - 1) * d) / 6;
			heights[knot * every + part] = Math.asin(Math.min(1, Math.max(-1, sine))) / RADIAN;
		}
		[a, b, c, d] = [b, c, d, sineAt(knot + 3)];
	}
	return heights;
}

/**
 * The sun through a year at a place.
 *
 * @param place degrees, + north and + east
 * @param stepMinutes minutes between two times
 * @example sunYear({ latitude: 54.6, longitude: -4.2 }, 2026, 60).altitudes.length // 8760
 */
export function sunYear(place: YearQuestion['place'], year: number, stepMinutes = DEFAULT_STEP): SunYear {
	const { latitude, longitude } = place;
	const timeZone = zoneAt(latitude, longitude);
	const start = DateTime.fromObject({ year }, { zone: timeZone });
	const [from, to] = [start.toMillis(), start.plus({ years: 1 }).toMillis()];
	const count = Math.ceil((to - from) / (stepMinutes * MINUTE));
	// In the middle of each step: counted at its beginning, a morning would come half a step late.
	const first = from + (stepMinutes * MINUTE) / 2;
	const altitudes = heightsAt(place, first, stepMinutes, count);
	const cells = new Uint16Array(count);
	const offsets = offsetsOf(from, to, timeZone);
	let piece = 0;
	let [day, month] = [NaN, 0];
	for (let index = 0; index < count; index++) {
		const instant = first + index * stepMinutes * MINUTE;
		while (piece < offsets.length - 1 && instant >= offsets[piece].to) piece++;
		const local = instant + offsets[piece].first * MINUTE;
		const today = Math.floor(local / DAY);
		if (today !== day) [day, month] = [today, new Date(local).getUTCMonth()];
		cells[index] = month * HOURS + Math.floor((local - today * DAY) / HOUR);
	}
	return { timeZone, altitudes, cells };
}

/** Below the first the sun gives no other light; no sun stands above the second. */
const [DARK, ZENITH] = [-18, 90];
/** Heights are looked at at most this many stops apart, and degrees. */
const LOOK_STOPS = 1 / 12;
const LOOK_DEGREES = 5;
/** A change is found to this, degrees: a quarter of a minute of the sun's way, where times are minutes apart. */
export const EXACT_HEIGHT = 0.06;
/** Beyond its reach nothing is matched; this much of it is, as both are worked out in floating point, stops. */
export const REACH_MARGIN = 0.02;
/** Degrees between heights that could be looked at. */
const FINE = 0.02;

type Works = 'just-enough' | 'usable' | '';

/**
 * Heights of the sun that are looked at: near each other where the light changes fast.
 *
 * @param stops at most between two of them
 * @returns degrees, lowest first
 */
export function looksAt(
	{ subject, ground }: Pick<YearQuestion, 'subject' | 'ground'>,
	sky: Sky,
	stops = LOOK_STOPS
): number[] {
	const evAt = (altitude: number) => sunlight(altitude, sky, subject, ground).ev;
	const looks = [DARK];
	let last = { altitude: DARK, ev: evAt(DARK) };
	for (let index = 1; index <= (ZENITH - DARK) / FINE; index++) {
		const altitude = DARK + index * FINE;
		const ev = evAt(altitude);
		if (Math.abs(ev - last.ev) < stops && altitude - last.altitude < LOOK_DEGREES) continue;
		looks.push(altitude);
		last = { altitude, ev };
	}
	return [...looks, ZENITH];
}

/** Heights of the sun from which on a pair works in another way, lowest first. */
function heightsOf(question: YearQuestion, sky: Sky): { from: number; works: Works }[] {
	const { camera, film, subject, ground, intent } = question;
	const { usable } = reach(camera, film, { filters: intent?.filters, exposures: intent?.exposures });
	const worksAt = (altitude: number): Works => {
		const { ev, sd } = sunlight(altitude, sky, subject, ground);
		// Outside its reach nothing has to be matched.
		if (!usable.some(([from, to]) => ev >= from - REACH_MARGIN && ev <= to + REACH_MARGIN)) return '';
		return wayIn(question, ev, sd).works?.verdict ?? '';
	};
	const pieces = changesAlong(looksAt(question, sky), worksAt, String, EXACT_HEIGHT);
	return pieces.map(({ from, first }) => ({ from, works: first }));
}

/** How many of the times of each cell there are, and in how many a pair works. */
interface Counts {
	all: Uint32Array;
	good: Uint32Array;
	usable: Uint32Array;
}

function countsUnder(question: YearQuestion, sky: Sky, sun: SunYear): Counts {
	const heights = heightsOf(question, sky);
	const [all, good, usable] = [0, 1, 2].map(() => new Uint32Array(MONTHS * HOURS));
	let at = 0;
	for (let index = 0; index < sun.cells.length; index++) {
		const [altitude, cell] = [sun.altitudes[index], sun.cells[index]];
		while (at > 0 && altitude < heights[at].from) at--;
		while (at < heights.length - 1 && altitude >= heights[at + 1].from) at++;
		all[cell]++;
		const { works } = heights[at];
		if (works === '') continue;
		usable[cell]++;
		if (works === 'just-enough') good[cell]++;
	}
	return { all, good, usable };
}

/** The skies of a year with the part of the days that each has, by month from 0; none that never comes. */
export function partsOf(sky: YearQuestion['sky']): { sky: Sky; part: (month: number) => number }[] {
	if (typeof sky === 'string') return [{ sky, part: () => 1 }];
	const whole = sky.map((shares) => skiesOfYear.reduce((sum, each) => sum + shares[each], 0));
	return skiesOfYear
		.map((each) => ({ sky: each, part: (month: number) => sky[month][each] / whole[month] }))
		.filter(({ part }) => whole.some((_, month) => part(month) > 0));
}

/**
 * How much of each hour of each month of a year a camera with a film works: under one sky, or to be expected
 * where each month has its share of skies. The moon is left out: it comes to another hour every night.
 *
 * @param question places in degrees, + north and + east; months and hours are those of the place
 * @param sun where the sun stands; give it where several pairs are asked at one place
 * @returns shares of the times counted, 0 … 1; an hour that a month's clock never shows counts as 0
 * @throws nothing for what its schema passes
 * @example planYear({ camera: aBox, film, place: { latitude: 54.6, longitude: -4.2 }, year: 2026, sky: 'clear', subject: 'facing' }).months[5].hours[12].good // 1
 */
export function planYear(
	question: YearQuestion,
	sun = sunYear(question.place, question.year, question.stepMinutes)
): YearPlan {
	const parts = partsOf(question.sky).map(({ sky, part }) => ({
		part,
		counts: countsUnder(question, sky, sun)
	}));
	const expected = (month: number, cell: number, of: 'good' | 'usable') =>
		parts.reduce(
			(sum, { part, counts }) =>
				sum + (counts.all[cell] ? (part(month) * counts[of][cell]) / counts.all[cell] : 0),
			0
		);
	const share = (month: number, hour: number): HourShare => ({
		good: expected(month, month * HOURS + hour, 'good'),
		usable: expected(month, month * HOURS + hour, 'usable')
	});
	const months = Array.from({ length: MONTHS }, (_, month) => ({
		month: month + 1,
		hours: Array.from({ length: HOURS }, (__, hour) => share(month, hour))
	}));
	return { timeZone: sun.timeZone, months };
}

/**
 * Hours a day, on the mean of a month, in which a camera works.
 *
 * @example hoursADay(plan.months[5].hours, 'usable') // 16.2
 */
export function hoursADay(hours: readonly HourShare[], of: keyof HourShare): number {
	return hours.reduce((sum, hour) => sum + hour[of], 0);
}
