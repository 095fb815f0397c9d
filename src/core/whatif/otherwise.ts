import {
	automaticExposure,
	dialSpeeds,
	neutralOn,
	takenBy,
	wheelPositions,
	type Camera,
	type Filter
} from '../camera';
import { goesInto, type Film } from '../film';
import { bestOutcome, madeByEye, withLearnt, type Learnt, type MadeSetting } from '../match';
import { rivalReadings, type ReadingKey } from './readings';
import type { LoggedFrame, Making } from './types';

/** One thing that is done otherwise; what is absent stays as it was. */
export interface Otherwise {
	/** Another film in the camera. */
	film?: Film;
	/** What is before the lens, in the place of what was. */
	filters?: Filter[];
	/** The place of the wheel, stops. */
	compensation?: number;
	/** Stops that the load is developed for, beyond what it was: + = pushed. */
	development?: number;
	/** Another camera with the same film. */
	camera?: Camera & { id?: string };
	/** Set by one of several readings alone: what another school or instrument said. */
	reading?: ReadingKey;
	/** Set by what frames have taught, or as if they had taught nothing. */
	learnt?: boolean;
}

interface Thing {
	id?: string;
	name: string;
}

/** A thing of the bag by its id; what is in no bag, by its name. */
export const keyOf = ({ id, name }: Thing): string => id ?? `other ${name}`;

/** The same, of a thing that may be among those that are known: by its id, or where it has none, by its name. */
export function keyIn<T>(known: ReadonlyMap<string, T>, thing: Thing, nameOf: (each: T) => string): string {
	if (thing.id !== undefined) return thing.id;
	for (const [key, each] of known) if (nameOf(each) === thing.name) return key;
	return keyOf(thing);
}

/** What tells a thing apart that takes another's place: one without an id and of the same name is the same, changed. */
const keyBeside = (thing: Thing, was: Thing, key: string): string =>
	thing.id === undefined && thing.name === was.name ? key : keyOf(thing);

/** How well a push or a pull is known, part of its stops; common practice. */
export const DEVELOPED = 1 / 4;

/** What is set of an outcome. */
export const asSet = ({
	f,
	seconds,
	compensation,
	iso,
	position,
	handTimed,
	manual
}: MadeSetting): MadeSetting => ({
	...{ f, seconds, compensation, iso, position, handTimed },
	...(manual && { manual })
});

/** What a hand would set by a reading: all of it free. */
const setAnew = (camera: Camera, film: Film, { light, intent }: Making): MadeSetting =>
	asSet(bestOutcome(camera, film, light, intent));

/** With another film an eye's dial goes to its speed and the wheel stays; a hand sets by the reading. */
function withFilm(making: Making, film: Film): Making | null {
	const { camera, settings, of } = making;
	if (!goesInto(film, takenBy(camera, making.film))) return null;
	const key = keyBeside(film, making.film, of.film);
	const load = key === of.film ? of.load : `${of.load} as ${key}`;
	const speeds = dialSpeeds(camera);
	const dial = speeds.length > 1 ? { iso: neutralOn(speeds, film) } : {};
	return {
		...making,
		film,
		settings: madeByEye(making.camera, making.settings)
			? { ...settings, ...dial }
			: setAnew(camera, film, making),
		of: { ...of, film: key, load }
	};
}

function withWheel(making: Making, place: number): Making | null {
	const eye = automaticExposure(making.camera);
	if (!eye?.compensation || !madeByEye(making.camera, making.settings)) return null;
	const places = wheelPositions(eye.compensation);
	const nearest = places.reduce((a, b) => (Math.abs(b - place) < Math.abs(a - place) ? b : a));
	return { ...making, settings: { ...making.settings, compensation: nearest } };
}

const developed = (making: Making, stops: number): Making => ({
	...making,
	film: { ...making.film, processStops: (making.film.processStops ?? 0) + stops },
	developing: Math.abs(stops) * DEVELOPED
});

function withCamera(making: Making, camera: Camera & { id?: string }): Making | null {
	if (!goesInto(making.film, takenBy(camera, making.film))) return null;
	return {
		...making,
		camera,
		settings: setAnew(camera, making.film, making),
		of: { ...making.of, camera: keyBeside(camera, making.camera, making.of.camera) }
	};
}

/** What would have been set by one of a frame's readings; the light itself was what it was. */
function withReading(making: Making, reading: ReadingKey): Making | null {
	const found = rivalReadings(making.light).find(({ key }) => key === reading);
	const { camera, film } = making;
	return found ? { ...making, settings: setAnew(camera, film, { ...making, light: found.light }) } : null;
}

/** A frame's other places are fixed as they were; what frames have taught moves what is set by its reading. */
function setBy(making: Making, learnt: Learnt | null): Making {
	const { camera, film } = making;
	const known = learnt ? withLearnt(camera, film, learnt) : { camera, film };
	return { ...making, settings: setAnew(known.camera, known.film, making) };
}

type Change<K extends keyof Otherwise> = (
	making: Making,
	to: NonNullable<Otherwise[K]>,
	learntOf: (making: Making) => Learnt | null
) => Making | null;

/** How each thing is done, in this order: a camera before the film in it, and both before what is set. */
const changes: { [K in keyof Otherwise]-?: Change<K> } = {
	camera: withCamera,
	film: withFilm,
	filters: (making, filters) => ({ ...making, intent: { ...making.intent, filters } }),
	compensation: withWheel,
	development: developed,
	reading: withReading,
	learnt: (making, wanted, learntOf) => setBy(making, wanted ? learntOf(making) : null)
};

/**
 * A frame as it would have been made with one thing done otherwise: all the rest as it was.
 *
 * @param learntOf what is known of a frame's camera with its film
 * @returns null where it cannot be done: no wheel, or what does not fit
 * @example otherwise(frame, { filters: [an ND of 2 stops] })?.intent.filters // [an ND of 2 stops]
 */
export function otherwise(
	{ making }: Pick<LoggedFrame, 'making'>,
	change: Otherwise,
	learntOf: (making: Making) => Learnt | null = () => null
): Making | null {
	return (Object.keys(changes) as (keyof Otherwise)[]).reduce<Making | null>((made, kind) => {
		const to = change[kind];
		return made && to !== undefined
			? (changes[kind] as Change<typeof kind>)(made, to as never, learntOf)
			: made;
	}, making);
}
