import { array, boolean, object, string, type ISchema, type Lazy } from 'yup';
import {
	grounds,
	MOST_TOGETHER,
	placeKinds,
	schools,
	type Ground,
	type Habit,
	type Light,
	type MeterReading,
	type PlaceReading,
	type PlainLight,
	type Reading,
	type ShadowsReading,
	type SunReading
} from '../core/light';
import { eyeResponse } from './eye-response';
import {
	distance,
	doubtInStops,
	exposureTime,
	exposureValue,
	filmSpeed,
	fNumber,
	instant,
	latitude,
	longitude,
	name,
	once,
	positive,
	stops,
	between
} from './fields';
import { choice, held, is, tagged } from './held';

/** What a way of reading runs by itself, stops. */
export const habitSchema = held<Habit>()(
	object({ stops: stops(5).required(), sd: doubtInStops().required() })
);

const extras = {
	sd: doubtInStops(),
	meterEv: exposureValue(),
	meterSd: doubtInStops(),
	habit: habitSchema.optional().default(undefined)
};

const plainLight = held<PlainLight>()(
	object({ ev: exposureValue().required(), ...extras, kelvin: between(1000, 40_000) })
).meta({ without: ['method'] });

type School = ShadowsReading['school'];
type ConditionOf<S extends School> = Extract<ShadowsReading, { school: S }>['condition'];

/** A school's own conditions: its table is keyed by them. */
const conditionsOf = <S extends School>(school: S) =>
	Object.keys(schools[school].conditions) as ConditionOf<S>[];

const shadows = <S extends School, C extends string>(school: S, conditions: readonly C[]) => ({
	method: is('shadows'),
	school: is(school),
	condition: string<C>().required().oneOf(conditions),
	backlit: boolean(),
	sidelit: boolean().test(
		'one-side',
		'the sun cannot be both behind the subject and beside it',
		(value, { parent }) => !(value && parent.backlit)
	),
	ground: string<Ground | 'pale'>()
		.oneOf([...grounds, 'pale'])
		.test(
			'once',
			'is already part of this condition',
			(value, { parent }) => value === undefined || parent.condition !== 'snow-or-sand'
		),
	deepShade: boolean().test(
		'no-side',
		'sun and ground make no difference in deep shade',
		(value, { parent }) => !value || !(parent.backlit || parent.sidelit || parent.ground)
	),
	...extras
});

/** A reading of daylight by eye, by one of the schools. */
export const shadowsSchema = tagged<ShadowsReading>()('school', {
	'shadow-edge': () => object(shadows('shadow-edge', conditionsOf('shadow-edge'))),
	'sky-cover': () => object(shadows('sky-cover', conditionsOf('sky-cover'))),
	'exposure-guide': () => object(shadows('exposure-guide', conditionsOf('exposure-guide')))
});

const toneOfSpot = () =>
	stops(10).test(
		'reflected-only',
		'goes with a reflected reading only',
		(value, { parent }) => value === undefined || value === 0 || parent.kind === 'reflected'
	);
/** What is read off a meter's scale, as EV or as settings. */
const onScale = {
	method: is('meter'),
	...extras,
	kind: string<'incident' | 'reflected'>().required().oneOf(['incident', 'reflected']),
	tone: toneOfSpot(),
	iso: filmSpeed().required()
};

type MeterWith<K extends string> = Extract<MeterReading, Record<K, unknown>>;
const meterWithLux = held<MeterWith<'lux'>>()(
	object({
		method: is('meter'),
		...extras,
		kind: string<'incident'>().required().oneOf(['incident'], 'lux can only be an incident reading'),
		lux: positive(1e9).required()
	})
);
const meterWithEv = held<MeterWith<'ev'>>()(object({ ...onScale, ev: exposureValue().required() }));
const meterWithSettings = held<MeterWith<'seconds'>>()(
	object({ ...onScale, f: fNumber().required(), seconds: exposureTime().required() })
);

/** What the meter showed decides the shape: lux, EV, or f-number and time. */
const meter = choice<typeof meterWithLux | typeof meterWithEv | typeof meterWithSettings>(
	() => [meterWithLux, meterWithEv, meterWithSettings],
	(value) => {
		const shown = (value ?? {}) as object;
		if ('lux' in shown) return meterWithLux;
		return 'ev' in shown ? meterWithEv : meterWithSettings;
	}
);

const eye = () =>
	object({ method: is('eye'), ev: exposureValue().required(), ...extras, sd: doubtInStops().required() });

const spots = () =>
	object({
		method: is('spots'),
		iso: filmSpeed().required(),
		darkest: exposureValue().required(),
		brightest: exposureValue()
			.required()
			.test(
				'order',
				'must not be darker than the darkest',
				(value, { parent }) => !(typeof parent.darkest === 'number' && value < parent.darkest)
			),
		...extras
	});

const photo = () =>
	object({
		method: is('photo'),
		iso: filmSpeed().required(),
		f: fNumber().required(),
		seconds: exposureTime().required(),
		bias: stops(10),
		level: stops(10),
		...extras
	});

export const skies: SunReading['sky'][] = ['clear', 'hazy', 'partly', 'overcast', 'heavy'];
export const exposed: SunReading['subject'][] = ['facing', 'side', 'back', 'open-shade', 'deep-shade'];

const sun = () =>
	object({
		method: is('sun'),
		latitude: latitude().required(),
		longitude: longitude().required(),
		at: instant().required(),
		sky: string<SunReading['sky']>().required().oneOf(skies),
		subject: string<SunReading['subject']>().required().oneOf(exposed),
		facing: between(0, 360),
		ground: string<Ground>().oneOf(grounds),
		...extras
	});

const place = () =>
	object({
		method: is('place'),
		place: string()
			.required()
			.oneOf(placeKinds.map(({ id }) => id)),
		...extras
	});

/** What a light that is guessed is called: daylight by a school, any other by the kind of place. */
export const namedSchema = tagged<ShadowsReading | PlaceReading>()('method', {
	shadows: () => shadowsSchema,
	place
});

const click = () =>
	object({
		method: is('click'),
		seconds: exposureTime().required(),
		secondsSd: between(0, 3600).required(),
		f: fNumber().required(),
		iso: filmSpeed().required(),
		compensation: stops(10),
		filterStops: stops(40),
		offset: object({ stops: stops(10).required(), sd: doubtInStops().required() })
			.optional()
			.default(undefined),
		scatter: doubtInStops(),
		response: eyeResponse(),
		...extras
	});

const somePlainLight = plainLight.required();

/** Readings in readings, at most. */
const DEEPEST = 3;

/** What lies deepest is plain numbers, and so a light, too. */
const inner = (depth: number): Lazy<Light> =>
	depth < DEEPEST
		? lightAt(depth + 1)
		: choice<typeof somePlainLight>(
				() => [somePlainLight],
				() => somePlainLight
			);

/** Things before a lamp, at most. */
const MOST_BEFORE = 8;
/** m; larger than a window nothing shines evenly. */
const side = () => between(0.005, 10).required();

/** A lamp as it stands, with the reading that it was metered by. */
const lampStand = (depth: number) => ({
	reading: inner(depth),
	from: distance().required(),
	to: distance().required(),
	modifierStops: stops(20),
	modifiers: array(object({ name: name(), stops: between(-3, 20).required() }).required())
		.max(MOST_BEFORE)
		.optional()
		.default(undefined),
	source: object({ width: side(), height: side() }).optional().default(undefined)
});

/** A list takes any schema for its items, but its type asks for one that is not lazy. */
const listOf = (item: Lazy<Light>) => array(item as unknown as ISchema<Light>);

const readings = once((depth: number) =>
	tagged<Reading>()('method', {
		shadows: () => shadowsSchema,
		meter: () => meter,
		spots,
		photo,
		sun,
		place,
		eye,
		click,
		lamp: () =>
			object({
				method: is('lamp'),
				...lampStand(depth),
				second: object(lampStand(depth)).optional().default(undefined),
				...extras
			}),
		combined: () =>
			object({
				method: is('combined'),
				readings: listOf(inner(depth)).required().min(2).max(MOST_TOGETHER),
				...extras
			})
	})
);

function lightAt(depth: number): Lazy<Light> {
	return choice<typeof somePlainLight | Lazy<Reading>>(
		() => [somePlainLight, readings(depth)],
		(value) => (value && typeof value === 'object' && 'method' in value ? readings(depth) : somePlainLight)
	).meta({ name: 'Light' });
}

/** A light: plain numbers, or a reading by any way that the core knows. */
export const lightSchema = lightAt(1);
