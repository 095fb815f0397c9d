import { array, boolean, lazy, mixed, number, object, string, type ObjectSchema } from 'yup';
import type { Aperture, Camera, Exposure, Filter, Focus, Position, Shutter } from '../core/camera';
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

const bulb = lazy((value: unknown) =>
	typeof value === 'object' && value !== null
		? object({ longest: between(SHORTEST_BULB, 86_400).required() })
		: mixed<boolean>((given): given is boolean => typeof given === 'boolean').typeError(
				'must be true, false or an object with its longest time'
			)
);

const exposure: ObjectSchema<Exposure> = object({
	mode: string<'manual'>()
		.required()
		.oneOf(['manual'], 'must be one of: manual (cameras that expose by themselves are not matched yet)')
});

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
	exposure: exposure.required(),
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
export const cameraSchema = object(cameraFields) as unknown as ObjectSchema<Camera>;
// Held to the type by the compiler: every field of Camera has its schema, and none is left over.
cameraFields satisfies Record<keyof Camera, unknown>;

export const filterSchema: ObjectSchema<Filter> = object({
	name: name(),
	stops: between(-5, 20).required(),
	kind: string<NonNullable<Filter['kind']>>().oneOf(['neutral', 'contrast', 'conversion', 'close-up']),
	mired: between(-1000, 1000),
	overMeter: boolean()
});

/** A whole number of exposures on one frame. */
export const exposures = () => number().integer().min(1).max(99);
