import { array, boolean, lazy, object, string, type AnyObject, type Lazy, type ObjectSchema } from 'yup';
import {
	MOST_TOGETHER,
	placeKinds,
	schools,
	type Light,
	type MeterReading,
	type PlainLight,
	type Reading,
	type ShadowsReading,
	type SunReading
} from '../core/light';
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
	once,
	oneOfKinds,
	positive,
	stops,
	between
} from './fields';

const extras = { sd: doubtInStops(), meterEv: exposureValue(), meterSd: doubtInStops() };

const plainLight: ObjectSchema<PlainLight> = object({
	ev: exposureValue().required(),
	...extras,
	kelvin: between(1000, 40_000)
}).meta({ without: ['method'] });

const shadows = (school: ShadowsReading['school']) =>
	object({
		method: string<'shadows'>().required().oneOf(['shadows']),
		school: string().required().oneOf([school]),
		condition: string().required().oneOf(Object.keys(schools[school].conditions)),
		backlit: boolean(),
		sidelit: boolean().test(
			'one-side',
			'the sun cannot be both behind the subject and beside it',
			(value, { parent }) => !(value && parent.backlit)
		),
		ground: string<'pale' | 'water'>()
			.oneOf(['pale', 'water'])
			.test(
				'once',
				'is in this condition already',
				(value, { parent }) => value === undefined || parent.condition !== 'snow-or-sand'
			),
		deepShade: boolean().test(
			'no-side',
			'in deep shade the sun does not matter, and the ground neither',
			(value, { parent }) => !value || !(parent.backlit || parent.sidelit || parent.ground)
		),
		...extras
	});

const schoolSchemas = Object.fromEntries(
	(Object.keys(schools) as ShadowsReading['school'][]).map((school) => [school, () => shadows(school)])
);

/** A reading of daylight by eye, by one of the schools. */
export const shadowsSchema = oneOfKinds<ShadowsReading>('school', schoolSchemas);

const toneOfSpot = () =>
	stops(10).test(
		'reflected-only',
		'belongs to a reflected reading',
		(value, { parent }) => value === undefined || value === 0 || parent.kind === 'reflected'
	);
const meterCommon = {
	method: string<'meter'>().required().oneOf(['meter']),
	kind: string<MeterReading['kind']>().required().oneOf(['incident', 'reflected']),
	...extras
};

const meterWithLux = object({
	...meterCommon,
	kind: string<'incident'>().required().oneOf(['incident'], 'lux are read in the incident way'),
	lux: positive(1e9).required()
});
const meterWithEv = object({
	...meterCommon,
	tone: toneOfSpot(),
	iso: filmSpeed().required(),
	ev: exposureValue().required()
});
const meterWithSettings = object({
	...meterCommon,
	tone: toneOfSpot(),
	iso: filmSpeed().required(),
	f: fNumber().required(),
	seconds: exposureTime().required()
});

/** What the meter showed decides the shape: lux, EV, or f-number and time. */
const meter = lazy((value: AnyObject | undefined) => {
	if (value && 'lux' in value) return meterWithLux;
	return value && 'ev' in value ? meterWithEv : meterWithSettings;
}).meta({ anyOf: () => [meterWithLux, meterWithEv, meterWithSettings] }) as unknown as Lazy<MeterReading>;

const eye = () =>
	object({
		method: string<'eye'>().required(),
		ev: exposureValue().required(),
		...extras,
		sd: doubtInStops().required()
	});

const spots = () =>
	object({
		method: string<'spots'>().required(),
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
		method: string<'photo'>().required(),
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
		method: string<'sun'>().required(),
		latitude: latitude().required(),
		longitude: longitude().required(),
		at: instant().required(),
		sky: string<SunReading['sky']>().required().oneOf(skies),
		subject: string<SunReading['subject']>().required().oneOf(exposed),
		...extras
	});

const place = () =>
	object({
		method: string<'place'>().required(),
		place: string()
			.required()
			.oneOf(placeKinds.map(({ id }) => id)),
		...extras
	});

const click = () =>
	object({
		method: string<'click'>().required(),
		seconds: exposureTime().required(),
		secondsSd: between(0, 3600).required(),
		f: fNumber().required(),
		iso: filmSpeed().required(),
		compensation: stops(10),
		filterStops: stops(40),
		offset: object({ stops: stops(10).required(), sd: doubtInStops().required() }).default(undefined),
		scatter: doubtInStops(),
		...extras
	});

const somePlainLight = plainLight.required();

/** Readings in readings, at most. */
const DEEPEST = 3;

const inner = (depth: number) => (depth < DEEPEST ? lightAt(depth + 1) : somePlainLight);

const combinedFields = (depth: number) => ({
	method: string<'combined'>().required(),
	readings: array(inner(depth) as typeof plainLight)
		.required()
		.min(2)
		.max(MOST_TOGETHER),
	...extras
});

const lampFields = (depth: number) => ({
	method: string<'lamp'>().required(),
	reading: inner(depth),
	from: distance().required(),
	to: distance().required(),
	modifierStops: stops(20),
	...extras
});

const readings = once((depth: number) =>
	oneOfKinds<Reading>('method', {
		shadows: () => shadowsSchema as unknown as ObjectSchema<ShadowsReading>,
		meter: () => meter as unknown as ObjectSchema<MeterReading>,
		spots,
		photo,
		sun,
		place,
		eye,
		click,
		lamp: () => object(lampFields(depth)),
		combined: () => object(combinedFields(depth))
	})
);

function lightAt(depth: number): Lazy<Light> {
	return lazy((value: AnyObject | undefined) =>
		value && typeof value === 'object' && 'method' in value
			? (readings(depth) as unknown as typeof plainLight)
			: somePlainLight
	).meta({
		name: 'Light',
		anyOf: () => [somePlainLight, readings(depth)] as never
	}) as unknown as Lazy<Light>;
}

/** A light: plain numbers, or a reading by any way that the core knows. */
export const lightSchema = lightAt(1);
