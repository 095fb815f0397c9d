import { metresBetween, turn, type Place } from './near';

/** Where somebody was, by a track that was recorded on the way. */

/** A point of a track. */
export interface TrackPoint {
	/** ms since 1970. */
	at: number;
	/** Degrees, + north and + east. */
	latitude: number;
	longitude: number;
}

/** A place on a track. */
export interface OnTrack {
	latitude: number;
	longitude: number;
	/** Its doubt, m. */
	sd: number;
}

/** What a receiver in the open is out by, m. Source: common practice. */
const RECEIVER = 5;
/** Walking, m/s: what one does between two points that lie far apart in time. Source: common practice. */
const WALKING = 1.3;
/** A track that says nothing for longer than this does not tell where somebody was, ms. */
const LONGEST_GAP = 30 * 60_000;
/** So long before it begins or after it ends one was near its end, ms. */
const BEYOND = 5 * 60_000;

/** The first point at a time or after it: its place in the list. */
function firstFrom(points: readonly TrackPoint[], at: number): number {
	let [low, high] = [0, points.length];
	while (low < high) {
		const middle = (low + high) >> 1;
		if (points[middle].at < at) low = middle + 1;
		else high = middle;
	}
	return low;
}

const between = (from: TrackPoint, to: TrackPoint, part: number): Place => ({
	latitude: from.latitude + part * (to.latitude - from.latitude),
	longitude: turn(from.longitude + part * turn(to.longitude - from.longitude))
});

/** Near the first or the last point, for as long as one cannot have gone far. */
function beyond(end: TrackPoint, at: number): OnTrack | null {
	const away = Math.abs(at - end.at);
	if (away > BEYOND) return null;
	const { latitude, longitude } = end;
	return { latitude, longitude, sd: Math.hypot(RECEIVER, (WALKING * away) / 1000) };
}

/**
 * Points in the order of their times, each time once.
 *
 * @example pointsInOrder([{ at: 2, latitude: 0, longitude: 0 }, { at: 1, latitude: 0, longitude: 0 }])[0].at // 1
 */
export const pointsInOrder = (points: readonly TrackPoint[]): TrackPoint[] =>
	points
		.toSorted((a, b) => a.at - b.at)
		.filter(({ at }, index, all) => index === 0 || all[index - 1].at !== at);

/**
 * Where somebody was at a time: between the two points around it, with a doubt that grows with the time to the nearer one.
 *
 * @param points in order of their times
 * @param at ms since 1970
 * @returns null where the track says nothing for half an hour around it, or ended five minutes before
 * @example placeAt([{ at: 0, latitude: 0, longitude: 0 }, { at: 10_000, latitude: 0, longitude: 0.001 }], 5000) // latitude 0, longitude 0.0005, ± 28 m
 */
export function placeAt(points: readonly TrackPoint[], at: number): OnTrack | null {
	const next = firstFrom(points, at);
	if (points.length === 0) return null;
	if (next === points.length) return beyond(points[next - 1], at);
	if (next === 0) return beyond(points[0], at);
	const [from, to] = [points[next - 1], points[next]];
	const gap = to.at - from.at;
	if (gap > LONGEST_GAP) return beyond(at - from.at < to.at - at ? from : to, at);
	const speed = Math.max(WALKING, (metresBetween(from, to) / gap) * 1000);
	const nearer = Math.min(at - from.at, to.at - at) / 1000;
	return { ...between(from, to, (at - from.at) / gap), sd: Math.hypot(RECEIVER, (speed * nearer) / 2) };
}

/** A track that came so near was there, m. */
const THERE = 200;
/** Parts of the way between two points that are looked at. */
const PARTS = 8;

/**
 * When a track was at a place: where it came nearest, and of several times the one nearest to what a clock said.
 *
 * @param points in order of their times
 * @param said ms since 1970, by a clock that may be wrong
 * @returns ms since 1970; null where it was never within 200 m
 * @example whenAt([{ at: 0, latitude: 0, longitude: 0 }, { at: 8000, latitude: 0, longitude: 0.008 }], { latitude: 0, longitude: 0.004 }, 0) // 4000
 */
export function whenAt(points: readonly TrackPoint[], place: Place, said: number): number | null {
	let best: { at: number; away: number } | null = null;
	const look = (at: number, there: Place) => {
		const away = metresBetween(there, place);
		if (away > THERE) return;
		const nearer = !best || away < best.away - RECEIVER;
		const sooner = best && away < best.away + RECEIVER && Math.abs(at - said) < Math.abs(best.at - said);
		if (nearer || sooner) best = { at, away };
	};
	for (const [index, point] of points.entries()) {
		look(point.at, point);
		const next = points.at(index + 1);
		if (!next || next.at - point.at > LONGEST_GAP) continue;
		// Where two points lie close together nothing is between them that they do not say.
		if (metresBetween(point, next) < 2 * RECEIVER) continue;
		for (let part = 1; part < PARTS; part++)
			look(point.at + ((next.at - point.at) * part) / PARTS, between(point, next, part / PARTS));
	}
	return (best as { at: number } | null)?.at ?? null;
}
