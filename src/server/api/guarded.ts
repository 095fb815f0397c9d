import { isHttpError, type RequestEvent, type RequestHandler } from '@sveltejs/kit';
import { check, type Checked } from '$contract/validate';
import { object, type AnySchema } from 'yup';
import { invalid, problem } from './answers';

/** What the database says when there is no room to write, or it may not be written. */
const refusals: Readonly<Record<string, { status: number; message: string }>> = {
	SQLITE_FULL: { status: 507, message: 'The disk is full. Nothing was saved: make room and try again.' },
	SQLITE_READONLY: { status: 507, message: 'The database can’t be written to. Nothing was saved.' },
	SQLITE_IOERR: { status: 507, message: 'The disk refused it. Nothing was saved.' },
	SQLITE_BUSY: { status: 503, message: 'Another program is writing this database. Try again in a moment.' }
};

/** What the driver says of a statement whose database was closed meanwhile. */
const CLOSED = 'The database connection is not open';

/** What is answered in place of an error that is nobody’s mistake; null for all others. */
export function answerFor(error: unknown): Response | null {
	if (isHttpError(error, 503)) {
		const answer = problem(503, error.body.message);
		answer.headers.set('retry-after', '5');
		return answer;
	}
	if (error instanceof TypeError && error.message === CLOSED)
		return problem(503, 'The records are being restored. Try again.');
	const { code = '' } = error as { code?: string };
	const known = Object.keys(refusals).find((refusal) => String(code).startsWith(refusal));
	return known ? problem(refusals[known].status, refusals[known].message) : null;
}

const nothing = object({});
const NOTHING_ASKED = { ok: true, value: {} } as const;

type Answer = ReturnType<RequestHandler>;

/**
 * A handler whose query is checked before anything, and that says in words what is nobody's mistake: a full
 * disk, too much work.
 *
 * @param handler is given the query as it was checked
 * @param schema what may stand in the address's query; nothing if not given
 */
export function guarded<Query = object>(
	handler: (event: RequestEvent, query: Query) => Answer,
	schema: AnySchema = nothing
): RequestHandler {
	return async (event) => {
		const plain = schema === nothing && event.url.search === '';
		const asked = plain ? NOTHING_ASKED : queryOf(event.url.searchParams, schema);
		if (!asked.ok) return invalid(asked.issues);
		try {
			return await handler(event, asked.value as Query);
		} catch (error) {
			const answer = answerFor(error);
			if (answer) return answer;
			throw error;
		}
	};
}

/** A query's text as a number where it is one; what is not one stays text, and is refused as such. */
const numeric = (text: string): unknown => (/^-?\d+(\.\d+)?$/.test(text) ? Number(text) : text);

const TRUTHS: Readonly<Record<string, boolean>> = { true: true, false: false };

/** What a parameter says, as far as it is of its kind; what is not stays text, and is refused as such. */
function saidIn(text: string, type: string | undefined): unknown {
	if (type === 'number') return numeric(text);
	return type === 'boolean' ? (TRUTHS[text] ?? text) : text;
}

/** A query, checked; every parameter must be known, and those that are numbers are taken as such. */
function queryOf(params: URLSearchParams, schema: AnySchema): Checked<unknown> {
	const { fields = {} } = schema as { fields?: Record<string, { type?: string }> };
	const given = Object.fromEntries(
		[...new Set(params.keys())].map((key) => {
			if (fields[key]?.type === 'array') return [key, params.getAll(key)];
			return [key, saidIn(params.get(key)!, fields[key]?.type)];
		})
	);
	return check(schema, given, 'refuse');
}
