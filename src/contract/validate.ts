import { ValidationError, type AnySchema, type InferType, type ISchema } from 'yup';
import { knownPart, nestsDeeper, type Issue } from './known';

export type { Issue };

export type Checked<T> = { ok: true; value: T } | { ok: false; issues: Issue[] };

/** Yup writes indices as [0] and odd keys as ["…"]; the contract's paths are dotted. */
const dotted = (path: string) =>
	path
		.replace(/\[(\d+)\]/g, '.$1')
		.replace(/\["?(.*?)"?\]/g, '.$1')
		.replace(/^\./, '');

/** Values in values, at most. */
export const DEEPEST = 32;
/** Problems that are told at once, at most: nobody mends more before trying again. */
const MOST_ISSUES = 100;

function issuesOf(error: ValidationError): Issue[] {
	const each = error.inner.length > 0 ? error.inner : [error];
	return each.map(({ path, message }) => ({ path: dotted(path ?? ''), message }));
}

const distinct = (issues: readonly Issue[]): Issue[] =>
	[...new Map(issues.map((issue) => [`${issue.path} ${issue.message}`, issue])).values()].slice(
		0,
		MOST_ISSUES
	);

function problemsWith(schema: ISchema<unknown>, value: unknown): Issue[] {
	try {
		const chosen = schema.resolve({ value }) as AnySchema;
		chosen.validateSync(value, { strict: true, abortEarly: false, disableStackTrace: true });
		return [];
	} catch (error) {
		if (error instanceof ValidationError) return issuesOf(error);
		throw error;
	}
}

/**
 * Checks a value against a schema, without turning strings into numbers, and collects every problem.
 * How deep it nests and how long its lists are is looked at before anything else of it.
 *
 * @param schema the schema of a record or a request
 * @param value anything
 * @param unknownFields 'ignore' drops fields that the schema does not know, 'refuse' names them
 * @returns the value, or all its issues
 * @example check(filmSchema, { name: 'Any', type: 'instant' }) // { ok: false, issues: [{ path: 'iso', message: 'is needed' }] }
 */
export function check<S extends ISchema<unknown>>(
	schema: S,
	value: unknown,
	unknownFields: 'ignore' | 'refuse' = 'ignore'
): Checked<InferType<S>> {
	if (nestsDeeper(value, DEEPEST))
		return { ok: false, issues: [{ path: '', message: `nests deeper than ${DEEPEST} levels` }] };
	const known = knownPart(schema, value);
	const refused = unknownFields === 'refuse' ? known.unknown : [];
	const issues = distinct([
		...known.tooLong,
		...refused.map((path) => ({ path, message: 'is not a known field' })),
		...problemsWith(schema, known.value)
	]);
	return issues.length === 0 ? { ok: true, value: known.value as InferType<S> } : { ok: false, issues };
}
