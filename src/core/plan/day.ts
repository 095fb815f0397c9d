import { DateTime } from 'luxon';
import { resolveLight, sunPosition, zoneAt, type Ground, type SunReading } from '../light';
import type { Outcome } from '../match';
import { changesAlong, SECOND } from './changes';
import { wayIn, type Pair, type Steady } from './way';

/** A sky from some time of the day on. */
export interface SkyFrom {
	/** Local time, 14:30. */
	from: string;
	sky: SunReading['sky'];
}

/** A day with a camera and a film at a place. */
export interface DayQuestion extends Pair {
	place: { latitude: number; longitude: number };
	/** Local date, 2026-05-02. */
	date: string;
	/** One sky, or how it changes through the day. */
	sky: SunReading['sky'] | SkyFrom[];
	subject: SunReading['subject'];
	/** Where the subject looks, degrees from north through east: the sun goes round one that stands in it. */
	facing?: number;
	/** What lies around; absent: grass, earth, stone. */
	ground?: Ground;
	/** Minutes between samples. */
	stepMinutes?: number;
}

/** The light at one time. */
export interface Sample {
	/** ISO 8601 with the place's offset. */
	at: string;
	ev: number;
	sd: number;
	/** Geometric, degrees. */
	sunAltitude: number;
}

/** A stretch of the day in which a camera works in one and the same way. */
export interface PlanWindow {
	from: string;
	to: string;
	verdict: 'just-enough' | 'usable';
	/** What is set in its middle; times and apertures follow the light from … to. */
	settings: Pick<Outcome, 'f' | 'compensation' | 'iso' | 'position' | 'handTimed'> & {
		fRange: [from: number, to: number];
		seconds: [from: number, to: number];
	};
	/** By hand, or only on a support. */
	steady: Steady;
}

export interface DayPlan {
	/** IANA name of the place's time zone. */
	timeZone: string;
	samples: Sample[];
	windows: PlanWindow[];
}

const DEFAULT_STEP = 10;
/** The light is looked at in times this far apart, minutes. */
const LOOK_STEP = 5;
/** What a camera does is looked at again where the light, or its doubt, has moved by more than this since, stops. */
const LOOK_LIGHT = 0.05;
const MINUTE = 60_000;

/** A stretch of one sky, ms. */
interface Stretch {
	from: number;
	to: number;
	sky: SunReading['sky'];
}

/** The stretches of a local day, each under one sky. */
function stretchesOf({ date, sky }: DayQuestion, zone: string): Stretch[] {
	const start = DateTime.fromISO(date, { zone }).startOf('day');
	const end = start.plus({ days: 1 }).startOf('day').toMillis();
	const changes = typeof sky === 'string' ? [{ from: '00:00', sky }] : sky;
	const begun = changes
		.map((each) => ({ at: DateTime.fromISO(`${date}T${each.from}`, { zone }).toMillis(), sky: each.sky }))
		.sort((a, b) => a.at - b.at);
	begun[0] = { ...begun[0], at: start.toMillis() };
	return begun
		.map(({ at, sky: under }, index) => ({ from: at, to: begun[index + 1]?.at ?? end, sky: under }))
		.filter(({ from, to }) => to > from);
}

const isoAt = (instant: number, zone: string) => DateTime.fromMillis(instant, { zone }).toISO()!;

/** The light of an instant under a sky. */
function lightAt(question: DayQuestion, instant: number, sky: SunReading['sky']) {
	const at = new Date(instant).toISOString();
	return resolveLight({
		method: 'sun',
		...question.place,
		at,
		sky,
		subject: question.subject,
		...(question.facing === undefined ? {} : { facing: question.facing }),
		...(question.ground ? { ground: question.ground } : {})
	});
}

/** When to look at what a camera does: at both ends of a stretch, and in between only where the light has moved. */
function looksIn(question: DayQuestion, { from, to, sky }: Stretch): number[] {
	const looks = [from];
	let last = lightAt(question, from, sky);
	for (let instant = from + LOOK_STEP * MINUTE; instant < to; instant += LOOK_STEP * MINUTE) {
		const light = lightAt(question, instant, sky);
		if (Math.max(Math.abs(light.ev - last.ev), Math.abs(light.sd - last.sd)) <= LOOK_LIGHT) continue;
		looks.push(instant);
		last = light;
	}
	return [...looks, to];
}

const extent = (values: readonly number[]): [number, number] => [Math.min(...values), Math.max(...values)];

/** The windows of one stretch, edges found by halving, ms. */
function windowsIn(question: DayQuestion, { from, to, sky }: Stretch) {
	const looked: { instant: number; outcome: Outcome }[] = [];
	const stateAt = (instant: number) => {
		const { ev, sd } = lightAt(question, instant, sky);
		const way = wayIn(question, ev, sd);
		looked.push({ instant, outcome: way.outcome });
		return way;
	};
	const pieces = changesAlong(looksIn(question, { from, to, sky }), stateAt, ({ key }) => key, SECOND);
	return pieces.flatMap(({ from: start, to: end, first, last }) => {
		if (!first.works) return [];
		const { compensation, iso, position, handTimed } = first.outcome;
		const within = looked.filter(({ instant }) => instant > start && instant < end);
		const outcomes = [first.outcome, last.outcome, ...within.map(({ outcome }) => outcome)];
		const middle = stateAt((start + end) / 2);
		const { f } = (middle.key === first.key ? middle : first).outcome;
		return [
			{
				from: start,
				to: end,
				...first.works,
				settings: {
					f,
					compensation,
					iso,
					position,
					handTimed,
					fRange: extent(outcomes.map((each) => each.f)),
					seconds: extent(outcomes.map((each) => each.seconds))
				},
				key: first.key
			}
		];
	});
}

type Found = ReturnType<typeof windowsIn>[number];

const lasts = ({ from, to }: Found) => to - from;
const touch = (a: Found | undefined, b: Found | undefined) => a && b && b.from - a.to < MINUTE;

/** Two that touch as one: set as the longer is, and no better than the worse. */
function one(a: Found, b: Found): Found {
	const main = lasts(b) > lasts(a) ? b : a;
	const over = (span: 'seconds' | 'fRange') => extent([...a.settings[span], ...b.settings[span]]);
	const { verdict } = a.verdict === 'usable' ? a : b;
	const { steady } = a.steady === 'support' ? a : b;
	const settings = { ...main.settings, fRange: over('fRange'), seconds: over('seconds') };
	return { ...main, from: a.from, to: b.to, verdict, steady, settings };
}

/** More windows than this in a day nobody reads. */
const MOST_WINDOWS = 30;

/**
 * Windows that touch and are the same are one: a sky may change and nothing with it. Where there are too
 * many, the shortest go to the shorter of their neighbours.
 */
function joined(windows: readonly Found[]): Found[] {
	let result: Found[] = [];
	for (const window of windows) {
		const last = result.at(-1);
		if (last?.key === window.key && touch(last, window)) result.push(one(result.pop()!, window));
		else result.push(window);
	}
	while (result.length > MOST_WINDOWS) {
		const pairs = result.slice(1).flatMap((window, at) => (touch(result[at], window) ? [at] : []));
		if (pairs.length === 0) break;
		const cost = (at: number) => Math.min(lasts(result[at]), lasts(result[at + 1]));
		const both = (at: number) => lasts(result[at]) + lasts(result[at + 1]);
		const at = pairs.reduce((a, b) => ((cost(b) - cost(a) || both(b) - both(a)) < 0 ? b : a));
		result = [...result.slice(0, at), one(result[at], result[at + 1]), ...result.slice(at + 2)];
	}
	return result;
}

const toMinute = (instant: number) => Math.round(instant / MINUTE) * MINUTE;

/**
 * A day of light at a place, and the windows in which a camera with a film works in it.
 *
 * @param question places in degrees, + north and + east; the date and times are those of the place
 * @returns samples at even steps, and windows with their edges to the minute, found by halving and not
 *   by the step; the light's own doubt is in the verdict's settings, not in the edges
 * @throws nothing for what its schema passes
 * @example planDay({ camera: aBox, film, place: { latitude: 54.6, longitude: -4.2 }, date: '2026-05-02', sky: 'clear', subject: 'facing' }).timeZone // an IANA name
 */
export function planDay(question: DayQuestion): DayPlan {
	const { place, stepMinutes = DEFAULT_STEP } = question;
	const timeZone = zoneAt(place.latitude, place.longitude);
	const stretches = stretchesOf(question, timeZone);
	const [start, end] = [stretches[0].from, stretches[stretches.length - 1].to];
	const skyAt = (instant: number) =>
		(stretches.find(({ from, to }) => instant >= from && instant < to) ?? stretches[stretches.length - 1])
			.sky;
	const samples: Sample[] = [];
	for (let instant = start; instant <= end; instant += stepMinutes * MINUTE) {
		const { ev, sd } = lightAt(question, instant, skyAt(instant));
		const { altitude } = sunPosition(instant, place.latitude, place.longitude);
		samples.push({ at: isoAt(instant, timeZone), ev, sd, sunAltitude: altitude });
	}
	const windows = joined(stretches.flatMap((stretch) => windowsIn(question, stretch)))
		.map(({ key: _, from, to, ...rest }) => ({ ...rest, from: toMinute(from), to: toMinute(to) }))
		.filter(({ from, to }) => to > from)
		.map((window) => ({
			...window,
			from: isoAt(window.from, timeZone),
			to: isoAt(window.to, timeZone)
		}));
	return { timeZone, samples, windows };
}
