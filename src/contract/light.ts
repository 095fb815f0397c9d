import { boolean, lazy, object, string, type AnyObject, type Lazy, type ObjectSchema } from 'yup';
import {
	schools,
	type Light,
	type MeterReading,
	type PlainLight,
	type Reading,
	type ShadowsReading
} from '../core/light';
import {
	distance,
	doubtInStops,
	exposureTime,
	exposureValue,
	filmSpeed,
	fNumber,
	oneOfKinds,
	positive,
	stops,
	between
} from './fields';

const extras = { sd: doubtInStops(), meterEv: exposureValue() };

const plainLight: ObjectSchema<PlainLight> = object({
	ev: exposureValue().required(),
	...extras,
	meterSd: doubtInStops(),
	kelvin: between(1000, 40_000)
});

const shadows = (school: ShadowsReading['school']) =>
	object({
		method: string<'shadows'>().required(),
		school: string().required().oneOf([school]),
		condition: string().required().oneOf(Object.keys(schools[school].conditions)),
		backlit: boolean(),
		sidelit: boolean().test(
			'one-side',
			'the sun cannot be both behind the subject and beside it',
			(value, { parent }) => !(value && parent.backlit)
		),
		...extras
	});

const schoolSchemas = Object.fromEntries(
	(Object.keys(schools) as ShadowsReading['school'][]).map((school) => [school, () => shadows(school)])
);

const toneOfSpot = () =>
	stops(10).test(
		'reflected-only',
		'belongs to a reflected reading',
		(value, { parent }) => value === undefined || value === 0 || parent.kind === 'reflected'
	);
const meterCommon = {
	method: string<'meter'>().required(),
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
}) as unknown as Lazy<MeterReading>;

const eye = () =>
	object({
		method: string<'eye'>().required(),
		ev: exposureValue().required(),
		sd: doubtInStops().required(),
		meterEv: exposureValue()
	});

/** Lamps in lamps, at most. */
const DEEPEST_LAMP = 3;

const lampFields = (depth: number) => ({
	method: string<'lamp'>().required(),
	reading: depth < DEEPEST_LAMP ? lightAt(depth + 1) : plainLight.required(),
	from: distance().required(),
	to: distance().required(),
	modifierStops: stops(20),
	...extras
});

const readings = (depth: number) =>
	oneOfKinds<Reading>('method', {
		shadows: () =>
			oneOfKinds<ShadowsReading>('school', schoolSchemas) as unknown as ObjectSchema<ShadowsReading>,
		meter: () => meter as unknown as ObjectSchema<MeterReading>,
		eye,
		lamp: () => object(lampFields(depth))
	});

function lightAt(depth: number): Lazy<Light> {
	return lazy((value: AnyObject | undefined) =>
		value && typeof value === 'object' && 'method' in value
			? (readings(depth) as unknown as typeof plainLight)
			: plainLight.required()
	) as unknown as Lazy<Light>;
}

/** A light: plain numbers, or a reading by any way that the core knows. */
export const lightSchema = lightAt(1);
