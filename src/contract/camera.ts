import {
	array,
	boolean,
	lazy,
	mixed,
	number,
	object,
	string,
	type ObjectSchema,
	type TestContext
} from 'yup';
import {
	clicksOf,
	waysToSet,
	type Aperture,
	type AutomaticExposure,
	type Camera,
	type Exposure,
	type Filter,
	type Focus,
	type Position,
	type Shutter,
	type Wheel
} from '../core/camera';
import {
	between,
	distance,
	doubtInStops,
	exposureTime,
	filmSpeed,
	fNumber,
	label,
	labelsFor,
	marks,
	MOST_VALUES,
	name,
	oneOfKinds,
	positive,
	shortText,
	stops
} from './fields';

type Kind<U, K> = Extract<U, { kind: K }>;

const kind = <K extends string>(value: K) => string<K>().required().oneOf([value]);

const distanceOrInfinity = () => distance().nullable().defined();

const focus = oneOfKinds<Focus>('kind', {
	fixed: (): ObjectSchema<Kind<Focus, 'fixed'>> =>
		object({ kind: kind('fixed'), distance: distanceOrInfinity() }),
	zones: (): ObjectSchema<Kind<Focus, 'zones'>> =>
		object({
			kind: kind('zones'),
			distances: array(distanceOrInfinity()).required().min(1).max(MOST_VALUES),
			labels: labelsFor('distances')
		}),
	continuous: (): ObjectSchema<Kind<Focus, 'continuous'>> =>
		object({ kind: kind('continuous'), nearest: distance().required() })
});

const notBefore = (field: string, message: string) => ({
	name: 'order',
	message,
	test: (value: number | undefined, { parent }: { parent: Record<string, unknown> }) =>
		value === undefined || typeof parent[field] !== 'number' || value >= parent[field]
});

const aperture = oneOfKinds<Aperture>('kind', {
	fixed: (): ObjectSchema<Kind<Aperture, 'fixed'>> =>
		object({ kind: kind('fixed'), f: fNumber().required() }),
	stops: (): ObjectSchema<Kind<Aperture, 'stops'>> =>
		object({ kind: kind('stops'), f: marks(fNumber), labels: labelsFor('f') }),
	range: (): ObjectSchema<Kind<Aperture, 'range'>> =>
		object({
			kind: kind('range'),
			widest: fNumber().required(),
			smallest: fNumber().required().test(notBefore('widest', 'must be the larger f-number of the two'))
		})
});

const shutter = oneOfKinds<Shutter>('kind', {
	fixed: (): ObjectSchema<Kind<Shutter, 'fixed'>> =>
		object({ kind: kind('fixed'), seconds: exposureTime().required() }),
	speeds: (): ObjectSchema<Kind<Shutter, 'speeds'>> =>
		object({ kind: kind('speeds'), seconds: marks(exposureTime) }),
	range: (): ObjectSchema<Kind<Shutter, 'range'>> =>
		object({
			kind: kind('range'),
			fastest: exposureTime().required(),
			slowest: exposureTime().required().test(notBefore('fastest', 'must be the longer time of the two'))
		})
});

const position: ObjectSchema<Position> = object({
	label: label().required(),
	f: fNumber(),
	seconds: exposureTime(),
	iso: filmSpeed()
});

const SHORTEST_BULB = 0.5;

const bulbWithLongest = object({ longest: between(SHORTEST_BULB, 86_400).required() });
const bulbOrNot = mixed<boolean>((given): given is boolean => typeof given === 'boolean')
	.typeError('must be true, false or an object with its longest time')
	.meta({ json: { type: 'boolean' } });
const bulb = lazy((value: unknown) =>
	typeof value === 'object' && value !== null ? bulbWithLongest : bulbOrNot
).meta({ anyOf: () => [bulbOrNot, bulbWithLongest] });

/** Most clicks of a lighten–darken wheel. */
const MOST_CLICKS = 25;

const wheelFields = {
	darken: between(-10, 0).required(),
	lighten: between(0, 10).required(),
	step: between(0.05, 10).required()
};
wheelFields satisfies Record<keyof Wheel, unknown>;
const wheel = object(wheelFields)
	.default(undefined)
	.test(
		'clicks',
		`can have at most ${MOST_CLICKS} places`,
		(value) => !value || !(clicksOf(value) > MOST_CLICKS)
	);

const automaticFields = {
	mode: string<'auto'>().required(),
	sets: string<AutomaticExposure['sets']>().required().oneOf(['time', 'aperture', 'both']),
	iso: marks(filmSpeed),
	compensation: wheel,
	meterBehindFilter: boolean(),
	scatter: doubtInStops()
};
automaticFields satisfies Record<keyof AutomaticExposure, unknown>;

const exposure = oneOfKinds<Exposure>('mode', {
	manual: () => object({ mode: string<'manual'>().required() }),
	auto: () => object(automaticFields)
});

interface Unchecked {
	aperture?: { kind?: unknown };
	shutter?: { kind?: unknown };
	exposure?: { mode?: unknown; sets?: unknown };
}

/** What an eye sets must be a range. */
const eyeNeedsRange = (field: 'aperture' | 'shutter', sets: AutomaticExposure['sets']) => ({
	name: `eye-sets-${field}`,
	test: (value: unknown, { path, createError }: TestContext) => {
		const camera = (value ?? {}) as Unchecked;
		const set =
			camera.exposure?.mode === 'auto' && ([sets, 'both'] as unknown[]).includes(camera.exposure.sets);
		const kind = camera[field]?.kind;
		if (!set || kind === undefined || kind === 'range') return true;
		return createError({
			path: path ? `${path}.${field}` : field,
			message: 'must be a range, because the eye sets it'
		});
	}
});

/** Ways in which a camera can be set, at most: every one is worked out. */
const MOST_SETTINGS = 10_000;

const cameraFields = {
	name: name(),
	kind: shortText(40),
	frame: object({ width: positive(1000).required(), height: positive(1000).required() }).required(),
	focalLength: positive(3000).required(),
	focus,
	circleOfConfusion: positive(10),
	aperture,
	shutter,
	positions: array(position.required()).max(MOST_VALUES),
	bulb,
	handHold: exposureTime(),
	exposure,
	flash: object({
		guideNumber: positive(1000).required(),
		nearest: distance(),
		farthest: distance(),
		sync: exposureTime()
	}).default(undefined),
	framesPerSecond: positive(1000),
	offset: object({ stops: stops(10).required(), sd: doubtInStops().required() }).default(undefined)
};

/** A camera, as the match takes it. */
export const cameraSchema = object(cameraFields)
	.meta({ name: 'Camera' })
	.test(eyeNeedsRange('shutter', 'time'))
	.test(eyeNeedsRange('aperture', 'aperture'))
	.test(
		'settings',
		`can be set in more than ${MOST_SETTINGS} ways: leave some out`,
		(value) => !(waysToSet(value) > MOST_SETTINGS)
	) as unknown as ObjectSchema<Camera>;
// Held to the type by the compiler: every field of Camera has its schema, and none is left over.
cameraFields satisfies Record<keyof Camera, unknown>;

export const filterSchema: ObjectSchema<Filter> = object({
	name: name(),
	stops: between(-5, 20).required(),
	kind: string<NonNullable<Filter['kind']>>().oneOf(['neutral', 'contrast', 'conversion', 'close-up']),
	mired: between(-1000, 1000),
	overMeter: boolean()
}).meta({ name: 'Filter' });

/** A whole number of exposures on one frame. */
export const exposures = () => number().integer().min(1).max(99);
