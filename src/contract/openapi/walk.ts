import type { AnySchema, ISchema } from 'yup';
import type { Schema } from './building-blocks';

/**
 * JSON Schemas from the schemas that check: what is described is what is asked, because it is read off it.
 * What a schema cannot tell by itself stands in its meta: `name` of a component, `anyOf` of a choice, `json`
 * of what is checked by a test alone, `without` fields that tell it from its neighbours.
 */
export interface Told {
	name?: string;
	anyOf?: () => readonly ISchema<unknown>[];
	json?: Schema;
	without?: readonly string[];
	description?: string;
}

interface TestOptions {
	name?: string;
	params?: Readonly<Record<string, unknown>>;
}

type Walked = AnySchema & {
	fields?: Record<string, ISchema<unknown>>;
	innerType?: ISchema<unknown>;
};

const toldOf = (schema: ISchema<unknown>): Told =>
	((schema as unknown as { meta(): Told }).meta() ?? {}) as Told;
const isLazy = (schema: ISchema<unknown>) => (schema as { type?: string }).type === 'lazy';
const testsOf = (schema: Walked): TestOptions[] =>
	(schema.tests as unknown as { OPTIONS?: TestOptions }[]).map(({ OPTIONS = {} }) => OPTIONS);

/** What each rule says of a value, by its name. */
const rules: Readonly<Record<string, (params: Readonly<Record<string, unknown>>, type: string) => Schema>> = {
	min: ({ min, more }, type) => {
		if (type === 'number') return more === undefined ? { minimum: min } : { exclusiveMinimum: more };
		return type === 'array' ? { minItems: min } : { minLength: min };
	},
	max: ({ max, less }, type) => {
		if (type === 'number') return less === undefined ? { maximum: max } : { exclusiveMaximum: less };
		return type === 'array' ? { maxItems: max } : { maxLength: max };
	},
	length: ({ length }) => ({ minItems: length, maxItems: length }),
	integer: () => ({ type: 'integer' }),
	uuid: () => ({ format: 'uuid' }),
	matches: ({ regex }) => ({ pattern: (regex as RegExp).source }),
	'not-blank': () => ({ minLength: 1, pattern: '\\S' }),
	instant: () => ({ format: 'date-time', description: 'with its offset from UTC' }),
	day: () => ({ format: 'date' }),
	distinct: () => ({ uniqueItems: true })
};

function ruled(schema: Walked): Schema {
	const all = testsOf(schema).map(({ name = '', params = {} }) => rules[name]?.(params, schema.type) ?? {});
	return Object.assign({}, ...all) as Schema;
}

/** Whether a field may be left out. */
function mayBeMissing(field: ISchema<unknown>): boolean {
	const resolved = field.resolve({ value: undefined }) as Walked;
	return resolved.spec.optional === true;
}

function objectOf(schema: Walked, without: readonly string[]): Schema {
	const fields = Object.entries(schema.fields ?? {});
	const needed = fields.filter(([, field]) => !mayBeMissing(field)).map(([name]) => name);
	return {
		type: 'object',
		properties: Object.fromEntries([
			...fields.map(([name, field]) => [name, described(field)]),
			...without.map((name) => [name, false])
		]),
		required: needed
	};
}

/** What a schema is by its type alone. */
function plain(schema: Walked): Schema {
	const { json, without = [] } = toldOf(schema);
	if (json) return json;
	const choices = [...((schema.describe() as { oneOf?: unknown[] }).oneOf ?? [])].filter(
		(each) => each !== null
	);
	const chosen = choices.length === 1 ? { const: choices[0] } : choices.length > 1 ? { enum: choices } : {};
	switch (schema.type) {
		case 'object':
			return objectOf(schema, without);
		case 'array':
			return { type: 'array', items: schema.innerType ? described(schema.innerType) : {}, ...ruled(schema) };
		case 'mixed':
			throw new Error('a mixed schema says nothing of itself: put `json` in its meta');
		default:
			return { type: schema.type, ...chosen, ...ruled(schema) };
	}
}

/**
 * What a schema says of itself, without a name.
 *
 * @throws Error where a schema of mixed values or a choice does not say in its meta what it takes
 */
export function inlined(schema: ISchema<unknown>): Schema {
	const { anyOf, description } = toldOf(schema);
	const more = description ? { description } : {};
	if (anyOf) return { anyOf: anyOf().map(described), ...more };
	if (isLazy(schema)) throw new Error('a choice says nothing of itself: put `anyOf` in its meta');
	const inside = plain(schema as Walked);
	return { ...((schema as Walked).spec.nullable ? { anyOf: [inside, { type: 'null' }] } : inside), ...more };
}

/**
 * What a schema says of itself; a reference where it has a name.
 *
 * @example described(number().min(0).max(1)) // { type: 'number', minimum: 0, maximum: 1 }
 */
export function described(schema: ISchema<unknown>): Schema {
	const { name } = toldOf(schema);
	if (!name) return inlined(schema);
	const reference = { $ref: `#/components/schemas/${name}` };
	const { nullable } = (schema as Walked).spec as { nullable?: boolean };
	return nullable ? { anyOf: [reference, { type: 'null' }] } : reference;
}
