import {
	resolveLight,
	SUNRISE,
	sunPosition,
	zoneAt,
	type Ground,
	type Light,
	type SunReading
} from '../light';
import {
	filmsSold,
	holding,
	speedIn,
	speedRanges,
	type SpeedAnswer,
	type SpeedQuestion,
	type SpeedRanges
} from '../match';
import { DateTime } from 'luxon';

/** A day at a place, or a season there. */
export interface DayOfLight {
	place: { latitude: number; longitude: number };
	/** Local date, 2026-05-02. */
	date: string;
	/** The last day of a season that begins on that date; absent: the one day. */
	until?: string;
	/** Default clear. */
	sky?: SunReading['sky'];
	/** Default facing the sun. */
	subject?: SunReading['subject'];
	ground?: Ground;
}

const MINUTE = 60_000;
/** The light of a day is looked at in times this far apart, ms. */
const STEP = 15 * MINUTE;
/** That of the days of a season. */
const SEASON_STEP = 60 * MINUTE;
/** A season is looked at on so many of its days, evenly apart: between them the sun hardly moves. */
const SEASON_DAYS = 12;
/** Speeds are looked at in thirds of a stop, from ISO 3 to 6400. */
const [SLOWEST, FASTEST] = [-15, 18];
const speeds = Array.from({ length: FASTEST - SLOWEST + 1 }, (_, at) => (SLOWEST + at) / 3);
/** Part of the daylight in which a speed comes out that is called right for the day. */
const HALF = 1 / 2;

/** The days that stand for what was asked, local midnights. */
function daysOf({ place: { latitude, longitude }, date, until = date }: DayOfLight): DateTime[] {
	const zone = zoneAt(latitude, longitude);
	const [first, last] = [date, until].map((each) => DateTime.fromISO(each, { zone }).startOf('day'));
	const whole = Math.max(0, Math.round(last.diff(first, 'days').days));
	const looked = Math.min(whole + 1, SEASON_DAYS);
	return Array.from({ length: looked }, (_, at) =>
		first.plus({ days: looked === 1 ? 0 : Math.round((at * whole) / (looked - 1)) })
	);
}

/** The lights of a day while the sun is up; where it never is, that of its height. */
function daylightOn(start: DateTime, step: number, asked: DayOfLight): Light[] {
	const { place, sky = 'clear', subject = 'facing', ground } = asked;
	const { latitude, longitude } = place;
	const [from, to] = [start.toMillis(), start.plus({ days: 1 }).startOf('day').toMillis()];
	const instants = Array.from({ length: Math.round((to - from) / step) }, (_, at) => from + at * step);
	const high = instants.map((instant) => sunPosition(instant, latitude, longitude).altitude);
	const up = instants.filter((_, at) => high[at] >= SUNRISE);
	const taken = up.length > 0 ? up : [instants[high.indexOf(Math.max(...high))]];
	return taken.map((instant) => {
		const at = new Date(instant).toISOString();
		const reading = { method: 'sun' as const, ...place, at, sky, subject, ...(ground ? { ground } : {}) };
		const { ev, sd } = resolveLight(reading);
		return { ev, sd };
	});
}

function daylightOf(asked: DayOfLight): Light[] {
	const days = daysOf(asked);
	return days.flatMap((day) => daylightOn(day, days.length > 1 ? SEASON_STEP : STEP, asked));
}

type Kind = 'good' | 'usable';

/** Part of the lights in which a speed comes out. */
const shareOf = (ranges: readonly SpeedRanges[], kind: Kind, stops: number): number =>
	ranges.filter((each) => holding(each[kind], stops)).length / ranges.length;

const nearest = (stops: number): number =>
	speeds.reduce((a, b) => (Math.abs(b - stops) < Math.abs(a - stops) ? b : a));

/** The speed that comes out in the most of the light, the middle one of several that do. */
function bestOf(ranges: readonly SpeedRanges[]): number {
	const worth = speeds.map(
		(stops) => shareOf(ranges, 'good', stops) + shareOf(ranges, 'usable', stops) / 1000
	);
	const most = Math.max(...worth);
	// Nothing that is sold comes out: the one that is nearest to it.
	if (most === 0) return nearest(Math.min(...ranges.map(({ right }) => right)));
	const best = speeds.filter((_, at) => worth[at] >= most - 1e-9);
	return best[Math.floor((best.length - 1) / 2)];
}

/** The speeds about one that come out in half of the light or more, ISO. */
function about(ranges: readonly SpeedRanges[], kind: Kind, right: number): [number, number] | null {
	const comesOut = (at: number) => shareOf(ranges, kind, speeds[at]) >= HALF;
	let [first, last] = [speeds.indexOf(right), speeds.indexOf(right)];
	if (!comesOut(first)) return null;
	while (first > 0 && comesOut(first - 1)) first -= 1;
	while (last < speeds.length - 1 && comesOut(last + 1)) last += 1;
	return [100 * 2 ** speeds[first], 100 * 2 ** speeds[last]];
}

/**
 * Which film speed a camera asks for on a day or in a season: the one that comes out in the most of its
 * daylight, under one sky and on one side of the sun.
 *
 * @param asked a camera, what is on it and wanted of it, the type of film, and the day or the season
 * @returns `good` and `usable`: speeds that come out in at least half of the daylight
 * @example speedOfDay({ camera: a box at f/16 and 1/25 s, place, date: '2026-06-21' }).iso // about 25
 */
export function speedOfDay(asked: SpeedQuestion & DayOfLight): SpeedAnswer {
	const lights = daylightOf(asked);
	const rangesFor = (question: SpeedQuestion) => lights.map((light) => speedRanges(question, light));
	const ranges = rangesFor(asked);
	const right = bestOf(ranges);
	const films = filmsSold(asked, (question) => {
		const told = rangesFor(question);
		const verdict = (stops: number) =>
			shareOf(told, 'good', stops) >= HALF
				? 'just-enough'
				: shareOf(told, 'usable', stops) >= HALF
					? 'usable'
					: null;
		return { right: bestOf(told), verdict };
	});
	return {
		iso: 100 * 2 ** right,
		good: about(ranges, 'good', right),
		usable: about(ranges, 'usable', right),
		films
	};
}

/** Which film speed a camera asks for: in a light, on a day or in a season. */
export const speedFor = (asked: SpeedQuestion & ({ light: Light } | DayOfLight)): SpeedAnswer =>
	'light' in asked ? speedIn(asked, asked.light) : speedOfDay(asked);
