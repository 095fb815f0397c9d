import { array, mixed, number, setLocale, string } from 'yup';
import type { AnyObject } from 'yup';

/** Small building blocks of the schemas, and the words of their messages. */

setLocale({
	mixed: {
		required: 'is needed',
		defined: 'is needed',
		notNull: 'is needed',
		oneOf: 'must be one of: ${values}',
		notType: ({ type }) => `must be ${type === 'array' || type === 'object' ? 'an' : 'a'} ${type}`
	},
	string: {
		min: 'must have at least ${min} characters',
		max: 'must have at most ${max} characters',
		uuid: 'must be a UUID',
		length: 'must have ${length} characters'
	},
	number: {
		min: 'must be ${min} or more',
		max: 'must be ${max} or less',
		moreThan: 'must be greater than ${more}',
		lessThan: 'must be less than ${less}',
		integer: 'must be a whole number'
	},
	array: {
		min: 'needs at least ${min}',
		max: 'can hold at most ${max}',
		length: 'must hold ${length}'
	},
	object: { noUnknown: 'has unknown fields: ${unknown}' }
});

/** Greatest number of settings, filters and films in a request. */
export const MOST_VALUES = 64;

const finite = () =>
	number().test('finite', 'must be a plain number', (value) => value == null || Number.isFinite(value));

/** A quantity between two bounds, both ends allowed. */
export const between = (least: number, most: number) => finite().min(least).max(most);

/** A quantity greater than zero. */
export const positive = (most: number) => finite().moreThan(0).max(most);

export const fNumber = () => between(0.5, 1000);
export const exposureTime = () => between(1e-6, 86_400);
export const filmSpeed = () => between(0.1, 1_000_000);
export const stops = (most = 20) => between(-most, most);
export const exposureValue = () => between(-20, 30);
export const doubtInStops = () => between(0, 10);
export const distance = () => between(0.01, 100_000);
/** Degrees, + north and + east. */
export const latitude = () => between(-90, 90);
export const longitude = () => between(-180, 180);

/** What a line of text cannot hold: control characters, and halves of characters that nothing can write. */
const NOT_IN_A_LINE = /\p{Cc}|\p{Cs}/u;
/** The same of text that may have lines and tabs. */
const NOT_IN_TEXT = /[^\P{Cc}\t\n\r]|\p{Cs}/u;

const without = (what: RegExp) =>
	string().test(
		'plain',
		'has a character that can’t be shown',
		(value) => value == null || !what.test(value)
	);

export const shortText = (most = 80) => without(NOT_IN_A_LINE).max(most);
export const longText = () => without(NOT_IN_TEXT).max(4000);
/** Of the record that something is a copy of. */
export const recordId = () => string().uuid();
export const label = () => shortText(40).defined();

export const name = () =>
	shortText()
		.required()
		.test('not-blank', 'is needed', (value) => value.trim().length > 0);

/** A date and time with its offset from UTC, ISO 8601. */
const ISO_INSTANT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}(:\d{2}(\.\d{1,9})?)?(Z|[+-]\d{2}:\d{2})$/;

/** Whether the calendar has this day: `Date.parse` takes the 30th of February for a day in March. */
function isInCalendar(value: string): boolean {
	const [year, month, day] = value.slice(0, 10).split('-').map(Number);
	return day <= new Date(Date.UTC(year, month, 0)).getUTCDate();
}

export const instant = () =>
	string().test(
		'instant',
		'must be a date and time with its UTC offset, such as 2026-05-02T10:30:00+01:00',
		(value) =>
			value == null || (ISO_INSTANT.test(value) && isInCalendar(value) && !Number.isNaN(Date.parse(value)))
	);

/** Whether a name is that of a zone, as the tz database has them. */
function isZone(name: string): boolean {
	try {
		return Boolean(new Intl.DateTimeFormat('en', { timeZone: name }));
	} catch {
		return false;
	}
}

/** A time zone by its name in the tz database. */
export const zone = () =>
	shortText(60).test(
		'zone',
		'must be the name of a time zone, such as Etc/UTC',
		(value) => value == null || isZone(value)
	);

/** [lower, upper], both needed, in order. */
export const rangeOf = (each: () => ReturnType<typeof finite>) => {
	const schema = each().required();
	const { tests } = schema.describe() as { tests: { name?: string; params?: AnyObject }[] };
	const [{ params: { min } = {} }, { params: { max } = {} }] = ['min', 'max'].map(
		(which) => tests.find((test) => test.name === which) ?? {}
	);
	const end = { type: 'number', minimum: min, maximum: max };
	return mixed<[number, number]>()
		.meta({ json: { type: 'array', items: end, minItems: 2, maxItems: 2 } })
		.test('range', 'must be two numbers, the lower one first', (value, context) => {
			if (value == null) return true;
			if (!Array.isArray(value) || value.length !== 2) return false;
			if (!value.every((end) => schema.isValidSync(end, { strict: true }))) {
				return context.createError({ message: `must be two numbers from ${min} to ${max}` });
			}
			return value[0] <= value[1];
		});
};

/** A list of marks, each different. */
export const marks = (each: () => ReturnType<typeof finite>) =>
	array(each().required())
		.required()
		.min(1)
		.max(MOST_VALUES)
		.test(
			'distinct',
			'lists the same value twice',
			(values) => !values || new Set(values).size === values.length
		);

/** As many labels as there are marks. */
export const labelsFor = (markField: string) =>
	array(label())
		.max(MOST_VALUES)
		.test(
			'one-each',
			'must have one label for each mark',
			(value, { parent }) =>
				value === undefined || !Array.isArray(parent[markField]) || value.length === parent[markField].length
		)
		.optional();

/** Builds what is asked for once, and keeps it. */
export function once<K, T>(build: (key: K) => T): (key: K) => T {
	const built = new Map<K, T>();
	return (key) => {
		if (!built.has(key)) built.set(key, build(key));
		return built.get(key)!;
	};
}

/** Says that a schema only refuses: no branch was found for the value. */
export const UNKNOWN_KIND = 'unknownKind';

/** A list in which no two items are the same by what is looked at; what is no item is said elsewhere. */
export const eachOnce = <T>(by: (item: T) => unknown, message: string) => ({
	name: 'each-once',
	message,
	test: (items: readonly (T | null | undefined)[] | null | undefined) => {
		const sound = (Array.isArray(items) ? items : []).filter(
			(item) => typeof item === 'object' && item !== null
		);
		return new Set(sound.map((item) => by(item as T))).size === sound.length;
	}
});
