import { formatDistance } from '../units';
import isEqual from 'fast-deep-equal';
import type { LampReading, LampSource, LampStand, Light, Read, WayOfReading } from './types';

/** What a diffuse plate of two sides gives straight before its corner, as part of what an endless one gives. */
function beforeCorner(a: number, b: number): number {
	const part = (x: number, y: number) => (x / Math.hypot(1, x)) * Math.atan(y / Math.hypot(1, x));
	return (part(a, b) + part(b, a)) / (2 * Math.PI);
}

/**
 * Light on the axis of a source, as it falls off: of a bulb with distance squared, of what is wide as its area
 * says, which near by no longer grows.
 * Source: the configuration factor of a rectangle to a small plate that faces its corner (any textbook of
 * radiative transfer), four of them; a disc of the same area, 1/(R² + d²), differs by less than 0.02 stop from a
 * square.
 */
function onAxis(distance: number, source?: LampSource): number {
	if (!source) return 1 / distance ** 2;
	return 4 * beforeCorner(source.width / 2 / distance, source.height / 2 / distance);
}

/**
 * Stops that a lamp's light gains when it is moved.
 *
 * @param from m
 * @param to m
 * @param source what shines, m; absent: a point
 * @returns stops, + = brighter
 * @example stopsByMoving(2, 1) // 2
 */
export function stopsByMoving(from: number, to: number, source?: LampSource): number {
	return Math.log2(onAxis(to, source) / onAxis(from, source));
}

/** Light falls off with distance: halved as often as this, a place is exact. */
const HALVINGS = 60;

/**
 * How near a lamp must come, or how far it must go, to change its light; the inverse of stopsByMoving.
 *
 * @param distance m
 * @param need stops, + = brighter
 * @param source what shines, m; absent: a point
 * @returns m; 0 where it gives so much at no distance
 * @example distanceFor(2, 1) // 1.41
 */
export function distanceFor(distance: number, need: number, source?: LampSource): number {
	if (!source) return distance * 2 ** (-need / 2);
	const wanted = onAxis(distance, source) * 2 ** need;
	if (wanted >= 1) return 0;
	// No plate gives more than a point of all its light.
	let [near, far] = [0, Math.sqrt((source.width * source.height) / (Math.PI * wanted))];
	for (let turn = 0; turn < HALVINGS; turn++) {
		const middle = (near + far) / 2;
		if (onAxis(middle, source) > wanted) near = middle;
		else far = middle;
	}
	return (near + far) / 2;
}

/** A lamp nearer than this burns, blinds or stands in the picture, m; common practice. */
const NEAREST = 0.2;

/**
 * How near a lamp can come at all: no nearer than it is large, as from there on its light falls off over the subject.
 *
 * @returns m
 * @example nearestOf({ width: 0.6, height: 0.9 }) // 0.9
 */
export const nearestOf = (source?: LampSource): number =>
	Math.max(NEAREST, source?.width ?? 0, source?.height ?? 0);

/** Farther off a lamp lights nobody, m; common practice. */
export const FARTHEST_LAMP = 30;

/** Distances are known to so much, of them and in m, whichever is more; common practice. */
const [DISTANCE_PART, DISTANCE_LEAST] = [0.05, 0.05];

/** The slope of the light is taken over so much of the distance. */
const SLOPE = 0.01;

/** What the doubt of a distance makes of the light, stops: by how steeply it falls off there. */
function distanceDoubt(distance: number, source?: LampSource): number {
	const doubt = Math.max(DISTANCE_LEAST, DISTANCE_PART * distance);
	const slope =
		stopsByMoving(distance * (1 + SLOPE), distance * (1 - SLOPE), source) / (2 * SLOPE * distance);
	return slope * doubt;
}

/** Stops that all that is before a lamp takes. */
export const modifiersTake = ({ modifierStops = 0, modifiers = [] }: LampStand): number =>
	modifiers.reduce((sum, { stops }) => sum + stops, modifierStops);

/** One lamp alone, as it stands, with the doubt of its metering and that of its distances. */
interface Stood extends Read {
	metered: number;
	moved: number;
}

/** A distance that it was not moved by has no doubt. */
function readStand(stand: LampStand, inner: (light: Light) => Read): Stood {
	const { reading, from, to, source } = stand;
	const { ev, sd, kelvin } = inner(reading);
	const moved = from === to ? 0 : Math.hypot(distanceDoubt(from, source), distanceDoubt(to, source));
	return {
		ev: ev + stopsByMoving(from, to, source) - modifiersTake(stand),
		metered: sd,
		moved,
		sd: Math.hypot(sd, moved),
		...(kelvin === undefined ? {} : { kelvin })
	};
}

/**
 * Two lights on one subject: light adds, doubt and colour by what each gives of it. Where both go back to one
 * metering, its error is in both and is not averaged away.
 */
function added(a: Stood, b: Stood, oneMetering: boolean): Read {
	const ev = a.ev + Math.log2(1 + 2 ** (b.ev - a.ev));
	const [partA, partB] = [2 ** (a.ev - ev), 2 ** (b.ev - ev)];
	const sd = oneMetering
		? Math.hypot(a.metered, partA * a.moved, partB * b.moved)
		: Math.hypot(partA * a.sd, partB * b.sd);
	if (a.kelvin === undefined || b.kelvin === undefined) return { ev, sd };
	return { ev, sd, kelvin: 1 / (partA / a.kelvin + partB / b.kelvin) };
}

/**
 * A reading under a lamp at one distance, turned into the light of the same lamp at another, behind what takes
 * its stops, and together with a second lamp.
 *
 * @param inner resolves the reading that it starts from
 * @example lamp(…).read({ method: 'lamp', reading: { ev: 7 }, from: 2, to: 1 }).ev // 9
 */
export function lamp(inner: (light: Light) => Read): WayOfReading<LampReading> {
	return {
		read(reading) {
			const { metered: _metered, moved: _moved, ...first } = readStand(reading, inner);
			if (!reading.second) return first;
			const [key, fill] = [reading, reading.second].map((stand) => readStand(stand, inner));
			return added(key, fill, isEqual(reading.reading, reading.second.reading));
		},
		note: ({ to, second }) => `by ${second ? 'two lamps, the first' : 'lamp'} at ${formatDistance(to)}`
	};
}
