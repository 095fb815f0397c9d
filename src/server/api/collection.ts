import { json, type RequestHandler } from '@sveltejs/kit';
import { number, object, string, type AnySchema } from 'yup';
import { check, type Checked } from '$contract/validate';
import type { RecordTable } from '../database/record-table';
import { invalid, notFound, onlyAllow, problem, stale } from './answers';
import { readJson } from './read-json';

const MOST_ITEMS = 1000;
const DEFAULT_ITEMS = 100;

/** A kind of record as the API offers it. */
export interface Collection<T> {
	what: string;
	table: () => RecordTable<T>;
	schema: AnySchema;
}

const pageSchema = object({
	limit: number().integer().min(1).max(MOST_ITEMS),
	offset: number().integer().min(0).max(Number.MAX_SAFE_INTEGER)
});
const identity = object({ id: string().uuid() });
const replacement = object({ version: number().required().integer().min(1) });

/** A query's text as a number; what is not one stays text, and is refused as such. */
function numeric(text: string | null): unknown {
	if (text === null) return undefined;
	return /^-?\d+$/.test(text) ? Number(text) : text;
}

function pageOf(url: URL): Checked<{ limit?: number; offset?: number }> {
	const [limit, offset] = ['limit', 'offset'].map((key) => numeric(url.searchParams.get(key)));
	return check(pageSchema, { limit, offset });
}

interface Envelope<T> {
	id?: string;
	version?: number;
	record: T;
}

/** Takes a body apart into id, version and record, and checks all of it at once. */
function open<T>(collection: Collection<T>, body: unknown, envelope: AnySchema): Checked<Envelope<T>> {
	const isObject = typeof body === 'object' && body !== null && !Array.isArray(body);
	if (!isObject) return { ok: false, issues: [{ path: '', message: 'must be an object' }] };
	const { id, version, ...rest } = body as Record<string, unknown>;
	const outside = check<{ id?: string; version?: number }>(envelope, { id, version });
	const inside = check<T>(collection.schema, rest, 'refuse');
	if (outside.ok && inside.ok) return { ok: true, value: { ...outside.value, record: inside.value } };
	const issues = [outside, inside].flatMap((part) => (part.ok ? [] : part.issues));
	return { ok: false, issues };
}

/** Handlers of a collection: list and create. */
export function collectionHandlers<T extends object>(collection: Collection<T>) {
	const GET: RequestHandler = ({ url }) => {
		const page = pageOf(url);
		if (!page.ok) return invalid(page.issues);
		return json(collection.table().list(page.value.limit ?? DEFAULT_ITEMS, page.value.offset ?? 0));
	};

	const POST: RequestHandler = async ({ request, url }) => {
		const read = await readJson(request);
		if ('answer' in read) return read.answer;
		const opened = open(collection, read.body, identity);
		if (!opened.ok) return invalid(opened.issues);
		const { id = crypto.randomUUID(), record } = opened.value;
		const creation = collection.table().create(id.toLowerCase(), record);
		if (creation.result === 'invalid') return invalid(creation.issues);
		if (creation.result === 'conflict') {
			return stale(`Another ${collection.what} has this id`, creation.record);
		}
		if (creation.result === 'same') return json(creation.record);
		return json(creation.record, {
			status: 201,
			headers: { location: `${url.pathname}/${creation.record.id}` }
		});
	};

	return { GET, POST, fallback: onlyAllow('GET', 'POST') };
}

/** Handlers of one record: read, replace, delete. */
export function recordHandlers<T extends object>(collection: Collection<T>) {
	const idOf = (params: Partial<Record<string, string>>) => (params.id ?? '').toLowerCase();

	const GET: RequestHandler = ({ params }) => {
		const record = collection.table().get(idOf(params));
		return record ? json(record) : notFound(collection.what);
	};

	const PUT: RequestHandler = async ({ params, request }) => {
		const read = await readJson(request);
		if ('answer' in read) return read.answer;
		const here = idOf(params);
		const sameId = identity.shape({
			id: string().test(
				'same',
				'must be the id in the address',
				(id) => id === undefined || id.toLowerCase() === here
			)
		});
		const opened = open(collection, read.body, replacement.concat(sameId));
		if (!opened.ok) return invalid(opened.issues);
		const replaced = collection.table().replace(here, opened.value.version!, opened.value.record);
		if (replaced.result === 'missing') return notFound(collection.what);
		if (replaced.result === 'invalid') return invalid(replaced.issues);
		if (replaced.result === 'stale') {
			return stale(`This ${collection.what} was changed elsewhere since it was read`, replaced.record);
		}
		return json(replaced.record);
	};

	const DELETE: RequestHandler = ({ params }) => {
		const removal = collection.table().remove(idOf(params));
		if (removal === 'missing') return notFound(collection.what);
		if (removal === 'in-use') {
			return problem(409, `This ${collection.what} is used by other records. Archive it instead.`);
		}
		return new Response(null, { status: 204 });
	};

	return { GET, PUT, DELETE, fallback: onlyAllow('GET', 'PUT', 'DELETE') };
}
