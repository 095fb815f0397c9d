import { ValidationError, type AnySchema, type ISchema } from 'yup';

/** One problem at one field. */
export interface Issue {
	/** Path of the field, such as "camera.frame.width"; empty for the whole. */
	path: string;
	message: string;
}

export type Checked<T> = { ok: true; value: T } | { ok: false; issues: Issue[] };

/** Yup writes indices as [0] and odd keys as ["…"]; the contract's paths are dotted. */
const dotted = (path: string) =>
	path
		.replace(/\[(\d+)\]/g, '.$1')
		.replace(/\["?(.*?)"?\]/g, '.$1')
		.replace(/^\./, '');

function issuesOf(error: ValidationError): Issue[] {
	const each = error.inner.length > 0 ? error.inner : [error];
	const issues = each.map(({ path, message }) => ({ path: dotted(path ?? ''), message }));
	const distinct = new Map(issues.map((issue) => [`${issue.path} ${issue.message}`, issue]));
	return [...distinct.values()];
}

/**
 * Checks a value against a schema, without turning strings into numbers, and collects every problem.
 *
 * @param schema the schema of a record or a request
 * @param value anything
 * @param unknownFields 'ignore' drops fields that the schema does not know, 'refuse' names them
 * @returns the value, or all its issues
 * @example check(filmSchema, { name: 'Any', type: 'instant' }) // { ok: false, issues: [{ path: 'iso', message: 'is needed' }] }
 */
export function check<T>(
	schema: ISchema<unknown>,
	value: unknown,
	unknownFields: 'ignore' | 'refuse' = 'ignore'
): Checked<T> {
	const inherited = inheritedNames(value);
	if (inherited.length > 0)
		return { ok: false, issues: inherited.map((path) => ({ path, message: NOT_KEPT })) };
	try {
		// A choice inside a choice is only found when the outer one is resolved with the value at hand.
		const chosen = schema.resolve({ value }) as AnySchema;
		const checked = chosen.validateSync(value, { strict: true, abortEarly: false }) as T;
		const known = chosen.cast(checked, { stripUnknown: true, assert: false }) as T;
		const unknown = unknownFields === 'refuse' ? unknownPaths(checked, known) : [];
		if (unknown.length === 0) return { ok: true, value: known };
		return { ok: false, issues: unknown.map((path) => ({ path, message: NOT_KEPT })) };
	} catch (error) {
		if (error instanceof ValidationError) return { ok: false, issues: issuesOf(error) };
		throw error;
	}
}

const NOT_KEPT = 'is not a field that is kept';

/**
 * Paths of fields that are called like what every object has, such as toString: schemas look their
 * fields up by name and would take the inherited one for a field of theirs.
 */
function inheritedNames(given: unknown, path = ''): string[] {
	if (typeof given !== 'object' || given === null) return [];
	return Object.entries(given).flatMap(([key, value]) => {
		const here = path ? `${path}.${key}` : key;
		return key in Object.prototype ? [here] : inheritedNames(value, here);
	});
}

function unknownPaths(given: unknown, known: unknown, path = ''): string[] {
	if (typeof given !== 'object' || given === null || typeof known !== 'object' || known === null) return [];
	return Object.entries(given).flatMap(([key, value]) => {
		const here = path ? `${path}.${key}` : key;
		if (!Object.hasOwn(known, key)) return [here];
		return unknownPaths(value, (known as Record<string, unknown>)[key], here);
	});
}
