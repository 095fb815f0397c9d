import {
	array,
	boolean,
	mixed,
	number,
	object,
	string,
	type ISchema,
	type Lazy,
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
	type FocusedBy,
	type Position,
	type Shutter,
	type Wheel,
	USABLE_SLOPES
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
	positive,
	recordId,
	shortText,
	stops
} from './fields';
import { eyeResponse } from './eye-response';
import { choice, held, is, tagged } from './held';

const distanceOrInfinity = () => distance().nullable().defined();

const by = () => string<FocusedBy>().oneOf(['unit', 'front-cell']);

const focus = tagged<Focus>()('kind', {
	fixed: () => object({ kind: is('fixed'), distance: distanceOrInfinity() }),
	zones: () =>
		object({
			kind: is('zones'),
			distances: array(distanceOrInfinity()).required().min(1).max(MOST_VALUES),
			labels: labelsFor('distances'),
			by: by()
		}),
	continuous: () => object({ kind: is('continuous'), nearest: distance().required(), by: by() })
});

const notBefore = (field: string, message: string) => ({
	name: 'order',
	message,
	test: (value: number | undefined, { parent }: { parent: Record<string, unknown> }) =>
		value === undefined || typeof parent[field] !== 'number' || value >= parent[field]
});

const aperture = tagged<Aperture>()('kind', {
	fixed: () => object({ kind: is('fixed'), f: fNumber().required() }),
	stops: () => object({ kind: is('stops'), f: marks(fNumber), labels: labelsFor('f') }),
	range: () =>
		object({
			kind: is('range'),
			widest: fNumber().required(),
			smallest: fNumber().required().test(notBefore('widest', 'must be the larger f-number of the two'))
		})
});

const shutter = tagged<Shutter>()('kind', {
	fixed: () => object({ kind: is('fixed'), seconds: exposureTime().required() }),
	speeds: () => object({ kind: is('speeds'), seconds: marks(exposureTime) }),
	range: () =>
		object({
			kind: is('range'),
			fastest: exposureTime().required(),
			slowest: exposureTime().required().test(notBefore('fastest', 'must be the longer time of the two'))
		})
});

const position = held<Position>()(
	object({ label: label().required(), f: fNumber(), seconds: exposureTime(), iso: filmSpeed() })
);

const SHORTEST_BULB = 0.5;

const yesOrNo = (otherwise: string) =>
	mixed<boolean>((given): given is boolean => typeof given === 'boolean')
		.typeError(`must be true, false or an object with ${otherwise}`)
		.meta({ json: { type: 'boolean' } });

/** True, false, or an object that says more. */
const orMore = <S extends ISchema<unknown>>(more: S, otherwise: string) => {
	const plain = yesOrNo(otherwise);
	return choice<S | typeof plain>(
		() => [plain, more],
		(value) => (typeof value === 'object' && value !== null ? more : plain)
	);
};

const bulb = orMore(object({ longest: between(SHORTEST_BULB, 86_400).required() }), 'its longest time');

/** Most clicks of a lighten–darken wheel. */
const MOST_CLICKS = 25;

const wheel = held<Wheel>()(
	object({
		darken: between(-10, 0).required(),
		lighten: between(0, 10).required(),
		step: between(0.05, 10).required(),
		does: object({
			stops: between(USABLE_SLOPES.least, USABLE_SLOPES.most).required(),
			sd: between(0, 1).required()
		})
			.optional()
			.default(undefined)
	})
)
	.optional()
	.default(undefined)
	.test(
		'clicks',
		`can have at most ${MOST_CLICKS} places`,
		(value) => !value || !(clicksOf(value) > MOST_CLICKS)
	);

/** Measured marks of a dial. */
const dialMarks = array(
	object({ iso: filmSpeed().required(), stops: stops().required(), sd: doubtInStops().required() }).required()
)
	.max(MOST_VALUES)
	.optional();

/** What may be left out, where the schema itself does not say so. */
const orAsItIs = <T extends object>(schema: Lazy<T>) => {
	const nothing = mixed<T>().meta({ json: {} });
	return choice<Lazy<T> | typeof nothing>(
		() => [schema],
		(value) => (value === undefined ? nothing : schema)
	);
};

/** What the hand reaches when an eye is put aside, where it is not all that the eye has. */
const handReach = object({ aperture: orAsItIs(aperture), shutter: orAsItIs(shutter) });

const exposure = tagged<Exposure>()('mode', {
	manual: () => object({ mode: is('manual'), compensatesCloseUp: boolean() }),
	auto: () =>
		object({
			mode: is('auto'),
			sets: string<AutomaticExposure['sets']>().required().oneOf(['time', 'aperture', 'both']),
			iso: marks(filmSpeed),
			dial: dialMarks,
			compensation: wheel,
			meterBehindFilter: boolean(),
			scatter: doubtInStops(),
			response: eyeResponse(),
			override: orMore(handReach, 'the aperture and shutter that the hand reaches'),
			compensatesCloseUp: boolean()
		})
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

const cameraFields = held<Camera>()(
	object({
		name: name(),
		kind: shortText(40),
		format: shortText(40),
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
		})
			.optional()
			.default(undefined),
		framesPerSecond: positive(1000),
		offset: object({ stops: stops(10).required(), sd: doubtInStops().required() })
			.optional()
			.default(undefined)
	})
);

/** A camera, as the match takes it. */
export const cameraSchema = cameraFields
	.meta({ name: 'Camera' })
	.test(eyeNeedsRange('shutter', 'time'))
	.test(eyeNeedsRange('aperture', 'aperture'))
	.test(
		'settings',
		`has more than ${MOST_SETTINGS} combinations of settings: remove some`,
		(value) => !(waysToSet(value) > MOST_SETTINGS)
	);

export const filterSchema = held<Filter>()(
	object({
		id: recordId(),
		name: name(),
		stops: between(-5, 20).required(),
		kind: string<NonNullable<Filter['kind']>>().oneOf(['neutral', 'contrast', 'conversion', 'close-up']),
		mired: between(-1000, 1000),
		overMeter: boolean()
	})
).meta({ name: 'Filter' });

/** A whole number of exposures on one frame. */
export const exposures = () => number().integer().min(1).max(99);
