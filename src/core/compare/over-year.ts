import { sunlight, SUNRISE, type Sky } from '../light';
import { reach, type Intent } from '../match';
import {
	changesAlong,
	EXACT_HEIGHT,
	looksAt,
	partsOf,
	REACH_MARGIN,
	wayIn,
	type SunYear,
	type YearQuestion
} from '../plan';
import type { Worlds } from '../learn';
import { noShares, sharesOf, type Shares } from './in-worlds';
import { intentsBy, makingBy, orLit, takenBy, type KnownWay, type Taken } from './known-way';
import { typicalOf, type Time } from './times';
import type { HoursOfYear, HoursThatWork, TypicalSetting } from './types';

/** A year that ways are held against. */
export type YearOfLight = Pick<YearQuestion, 'place' | 'year' | 'sky' | 'subject' | 'ground'>;

const MONTHS = 12;
const HOURS = 24;
/** Heights of the sun are looked at so many stops of its light apart: changes between them are found all the same. */
const LOOK_STOPS = 1 / 3;

/** The heights of the sun in each month of a year, and in each hour of those, lowest first. */
export interface SunByMonth {
	/** Degrees. */
	heights: Float64Array[];
	/** Part of the year's times, 0 … 1. */
	part: number[];
	/** Heights in each hour of each month: the month from 0, times 24, and the hour. */
	cells: Float64Array[];
	/** How many there are in each hour of the day. */
	byHour: number[];
}

/**
 * The sun of a year by month, and by the hour of its days.
 *
 * @example sunByMonth(sunYear(place, 2026)).heights.length // 12
 */
export function sunByMonth({ altitudes, cells }: SunYear): SunByMonth {
	const grouped = (groups: number, of: (cell: number) => number) => {
		const found: number[][] = Array.from({ length: groups }, () => []);
		altitudes.forEach((altitude, at) => found[of(cells[at])].push(altitude));
		return found.map((group) => Float64Array.from(group).sort());
	};
	const heights = grouped(MONTHS, (cell) => Math.floor(cell / HOURS));
	const inCells = grouped(MONTHS * HOURS, (cell) => cell);
	const byHour = new Array<number>(HOURS).fill(0);
	inCells.forEach(({ length }, cell) => (byHour[cell % HOURS] += length));
	return {
		heights,
		part: heights.map(({ length }) => length / altitudes.length),
		...{ cells: inCells, byHour }
	};
}

/** How many of some sorted numbers are less than one. */
function below(sorted: Float64Array, value: number): number {
	let [from, to] = [0, sorted.length];
	while (from < to) {
		const middle = (from + to) >> 1;
		if (sorted[middle] < value) from = middle + 1;
		else to = middle;
	}
	return from;
}

/** At how many of some times the sun is between two heights. */
const count = (times: Float64Array, from: number, to: number): number =>
	below(times, to) - below(times, from);

/** Part of a month's times in which the sun is between two heights. */
const between = (month: Float64Array, from: number, to: number): number =>
	count(month, from, to) / month.length;

/** What a way does while the sun stands at a height, under one sky. */
interface Look {
	works: 'just-enough' | 'usable' | '';
	steady: 'hand' | 'support' | '';
	/** null where it does not work. */
	taken: Taken | null;
}

/** Under one sky: the sky, the part of each month that has it, the heights that are looked at. */
interface UnderSky {
	sky: Sky;
	part: (month: number) => number;
	looks: number[];
	/** Those of them at which frames are tried: chances change more slowly than what works. */
	frames: number[];
}

/** What all ways are held against in one year. */
export interface PreparedYear extends YearOfLight {
	sun: SunByMonth;
	skies: UnderSky[];
}

export const preparedYear = (year: YearOfLight, sun: SunYear): PreparedYear => ({
	...year,
	sun: sunByMonth(sun),
	skies: partsOf(year.sky).map(({ sky, part }) => {
		const looks = looksAt(year, sky, LOOK_STOPS);
		return { sky, part, looks, frames: looks.filter((_, at) => at % 2 === 0) };
	})
});

const NOTHING: Look = { works: '', steady: '', taken: null };

/** By hand before on a support, and just enough before usable. */
const rankOf = ({ works, steady }: Look): number =>
	works === '' ? 0 : (steady === 'hand' ? 3 : 1) + (works === 'just-enough' ? 1 : 0);

/** How a way works in a light with one set of filters; nothing is matched where it cannot. */
function lookWith(way: KnownWay, intent: Intent): (light: { ev: number; sd: number }) => Look {
	const { usable } = reach(way.camera, way.film, { filters: intent.filters, exposures: intent.exposures });
	return ({ ev, sd }) => {
		const within = usable.some(([from, to]) => ev >= from - REACH_MARGIN && ev <= to + REACH_MARGIN);
		if (!within && !way.flash) return NOTHING;
		const { works, outcome } = wayIn({ ...way, intent }, ev, sd);
		if (works) return { works: works.verdict, steady: works.steady, taken: { intent, outcome, lit: null } };
		const taken = orLit(way, { ev, sd }, intent, outcome);
		if (!taken.lit) return NOTHING;
		return { works: taken.outcome.verdict as Look['works'], steady: 'hand', taken };
	};
}

/** How a way works at each height of the sun; what was looked at once is known. */
function lookerFor(way: KnownWay, { subject, ground }: YearOfLight, sky: Sky, asked: Intent) {
	const tried = intentsBy(way, asked).map((intent) => lookWith(way, intent));
	const known = new Map<number, Look>();
	return (altitude: number): Look => {
		const before = known.get(altitude);
		if (before) return before;
		const light = sunlight(altitude, sky, subject, ground);
		const found = tried.map((look) => look(light)).reduce((a, b) => (rankOf(b) > rankOf(a) ? b : a));
		known.set(altitude, found);
		return found;
	};
}

/** Adds hours to a sum, by how the way works in them. */
function add(sum: HoursThatWork, { works, steady }: Look, hours: number): void {
	sum.tripod += hours;
	if (steady !== 'hand') return;
	sum.usable += hours;
	if (works === 'just-enough') sum.good += hours;
}

/** Hours a day by month, and by the clock, from where the way works otherwise. */
function addHours(
	{ months, clock }: Pick<HoursOfYear, 'months' | 'clock'>,
	pieces: readonly { from: number; to: number; first: Look }[],
	{ part }: UnderSky,
	{ heights, cells, byHour }: SunByMonth
): void {
	for (const [at, { from, to, first }] of pieces.entries()) {
		if (first.works === '') continue;
		const [low, high] = [at === 0 ? -Infinity : from, at === pieces.length - 1 ? Infinity : to];
		months.forEach((month, index) =>
			add(month, first, HOURS * part(index) * between(heights[index], low, high))
		);
		cells.forEach((cell, index) => {
			const [month, hour] = [Math.floor(index / HOURS), index % HOURS];
			const times = count(cell, low, high);
			if (times > 0) add(clock[hour], first, (part(month) * times) / byHour[hour]);
		});
	}
}

/** Each look with the part of the year in which the sun stands nearest to its height. */
function weighed(
	looks: readonly number[],
	{ part }: UnderSky,
	{ heights, part: ofYear }: SunByMonth,
	from: number
): { altitude: number; weight: number }[] {
	const edge = (at: number) => Math.max(from, (looks[at - 1] + looks[at]) / 2);
	return looks.flatMap((altitude, at) => {
		const [low, high] = [at === 0 ? from : edge(at), at === looks.length - 1 ? Infinity : edge(at + 1)];
		if (high <= low) return [];
		const weight = heights.reduce(
			(sum, month, index) => sum + ofYear[index] * part(index) * between(month, low, high),
			0
		);
		return weight > 0 ? [{ altitude, weight }] : [];
	});
}

/** Packs that a year's frames are shot with: what is new at each of them evens out. */
const PACKS = 24;

/** What a way does over a year. */
export interface OverYear {
	hours: HoursOfYear;
	/** Of frames by daylight, held as is wanted. */
	shares: Shares;
	typical: TypicalSetting | null;
}

/**
 * What a way does over a year: the hours in which it works, and of frames that are shot at any time by daylight,
 * how many come out.
 */
export function overYear(worlds: Worlds, way: KnownWay, year: PreparedYear, asked: Intent): OverYear {
	const none = (length: number): HoursThatWork[] =>
		Array.from({ length }, () => ({ good: 0, usable: 0, tripod: 0 }));
	const [months, clock] = [none(MONTHS), none(HOURS)];
	const shares = noShares(worlds.count);
	const times: Time[] = [];
	let daylight = 0;
	let frame = 0;
	for (const under of year.skies) {
		const look = lookerFor(way, year, under.sky, asked);
		const key = ({ works, steady }: Look) => `${works} ${steady}`;
		addHours({ months, clock }, changesAlong(under.looks, look, key, EXACT_HEIGHT), under, year.sun);
		for (const { altitude, weight } of weighed(under.looks, under, year.sun, -Infinity)) {
			const { taken } = look(altitude);
			if (taken) times.push({ ...taken, weight });
		}
		for (const { altitude, weight } of weighed(under.frames, under, year.sun, SUNRISE)) {
			const light = sunlight(altitude, under.sky, year.subject, year.ground);
			const found = look(altitude);
			// A frame is held as is wanted: what works on a support alone is lost by hand.
			const held = found.steady === 'hand' || asked.handheld === false;
			const taken = (held && found.taken) || takenBy(way, light, asked);
			const load = `pack ${frame++ % PACKS} of ${way.of.film}`;
			const making = makingBy(way, taken, { light, load, processStops: way.film.processStops });
			const each = sharesOf(worlds, way, taken, making, `${year.year}-07-01T12:00:00Z`);
			daylight += weight;
			each.good.forEach((value, at) => (shares.good[at] += weight * value));
			each.usable.forEach((value, at) => (shares.usable[at] += weight * value));
		}
	}
	const part = (values: Float64Array) => values.map((value) => (daylight > 0 ? value / daylight : 0));
	const mean = (of: 'usable' | 'tripod') =>
		months.reduce((sum, month, index) => sum + year.sun.part[index] * month[of], 0);
	return {
		hours: { handheld: mean('usable'), tripod: mean('tripod'), months, clock },
		shares: { good: part(shares.good), usable: part(shares.usable) },
		typical: typicalOf(times)
	};
}
