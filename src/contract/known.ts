import type { AnySchema, ISchema } from 'yup';
import { UNKNOWN_KIND } from './fields';

/** One problem at one field. */
export interface Issue {
	/** Path of the field, such as "camera.frame.width"; empty for the whole. */
	path: string;
	message: string;
}

/** What of a value its schema knows, before any of it is checked. */
export interface Known {
	value: unknown;
	/** Paths of fields that the schema does not know. */
	unknown: string[];
	/** Lists that are longer than they may be; only their beginnings are in the value. */
	tooLong: Issue[];
}

/** What is looked into of a schema: objects have fields, lists have an inner type. */
interface Inside {
	fields?: Record<string, ISchema<unknown>>;
	innerType?: ISchema<unknown>;
	tests?: readonly { OPTIONS?: { name?: string; params?: { max?: unknown; length?: unknown } } }[];
}

/** Most items that a list may hold, by its own rule. */
export function mostItems(schema: Inside): number {
	const bounds = (schema.tests ?? []).flatMap(({ OPTIONS: { name, params } = {} }) =>
		name === 'max' || name === 'length' ? [params?.[name]] : []
	);
	return Math.min(...bounds.filter((bound) => typeof bound === 'number'));
}

/** Unknown fields that are named, at most. */
const MOST_UNKNOWN = 100;
/** Of what a value holds, so much is looked at for its depth: no list may be longer, and no record has more fields. */
const LOOKED_AT = 1000;

const below = (path: string, key: string | number) => (path === '' ? String(key) : `${path}.${key}`);

/**
 * Copies what a schema knows of a value. Lists are cut to what they may hold before their items are
 * looked at, and only fields of the schema's own are copied, whatever a field is called: what is checked
 * afterwards is never larger than the schema allows.
 *
 * @param schema of a record or a request
 * @param value anything; nothing of it is changed
 */
export function knownPart(schema: ISchema<unknown>, value: unknown): Known {
	const unknown: string[] = [];
	const tooLong: Issue[] = [];

	function list(inside: Inside, items: readonly unknown[], path: string): unknown {
		const most = mostItems(inside);
		if (items.length > most) tooLong.push({ path, message: `can hold at most ${most}` });
		return items
			.slice(0, most)
			.map((item, index) => (inside.innerType ? copy(inside.innerType, item, below(path, index)) : item));
	}

	function record(fields: NonNullable<Inside['fields']>, given: object, path: string): unknown {
		const copied: Record<string, unknown> = {};
		for (const [key, field] of Object.entries(fields))
			if (Object.hasOwn(given, key))
				copied[key] = copy(field, (given as Record<string, unknown>)[key], below(path, key));
		for (const key of Object.keys(given)) {
			if (unknown.length >= MOST_UNKNOWN) break;
			if (!Object.hasOwn(fields, key)) unknown.push(below(path, key));
		}
		return copied;
	}

	function copy(here: ISchema<unknown>, given: unknown, path: string): unknown {
		if (typeof given !== 'object' || given === null) return given;
		// A choice inside a choice is only found when the outer one is resolved with the value at hand.
		const inside = here.resolve({ value: given }) as AnySchema & Inside;
		if (Array.isArray(given)) return inside.type === 'array' ? list(inside, given, path) : given;
		// Nothing is known of a kind that does not exist, but that it does not.
		const known = inside.fields && !inside.meta()?.[UNKNOWN_KIND];
		return known ? record(inside.fields!, given, path) : given;
	}

	return { value: copy(schema, value, ''), unknown, tooLong };
}

/** Whether a value holds values in values deeper than so many times. */
export function nestsDeeper(value: unknown, most: number): boolean {
	if (typeof value !== 'object' || value === null) return false;
	if (most <= 0) return true;
	const looked = Array.isArray(value) ? value.slice(0, LOOKED_AT) : Object.values(value).slice(0, LOOKED_AT);
	for (const inner of looked) if (nestsDeeper(inner, most - 1)) return true;
	return false;
}
