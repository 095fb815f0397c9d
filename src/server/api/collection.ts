import { json } from '@sveltejs/kit';
import { number, object, string, type AnySchema, type ISchema } from 'yup';
import { DEFAULT_ITEMS, filterFields, pageFields, type FilterName } from '$contract/lists';
import { check, type Checked } from '$contract/validate';
import type { PageAsked } from '../database/pages';
import type { RecordTable } from '../database/record-table';
import { invalid, NO_PAGE, notFound, onlyAllow, problem, stale } from './answers';
import { guarded } from './guarded';
import { readJson } from './read-json';

/** A kind of record as the API offers it. */
export interface Collection<T> {
	what: string;
	table: () => RecordTable<T>;
	/** There is one record of it, under this id. */
	only?: string;
	/** Reads a page of its list where that may be much work; else the table does. */
	page?: (asked: PageAsked) => Promise<ReturnType<RecordTable<T>['page']>>;
	schema: ISchema<T>;
	/** What its list can be narrowed by. */
	filters?: readonly FilterName[];
	/** Brings a record of an older form into today's, before it is checked: what waited on a phone is not lost. */
	raise?: (record: Readonly<Record<string, unknown>>) => Record<string, unknown>;
}

const identity = object({ id: string().uuid() });
const replacement = object({ version: number().required().integer().min(1) });
const deletion = object({ version: number().integer().min(1) });

type ListQuery = { limit?: number; after?: string } & Partial<Record<FilterName, string>>;

const listQuery = (filters: readonly FilterName[]) =>
	object({ ...pageFields, ...Object.fromEntries(filters.map((name) => [name, filterFields[name]])) });

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
	const outside = check(envelope, { id, version });
	const inside = check(collection.schema, collection.raise?.(rest) ?? rest, 'refuse');
	if (outside.ok && inside.ok) return { ok: true, value: { ...outside.value, record: inside.value } };
	const issues = [outside, inside].flatMap((part) => (part.ok ? [] : part.issues));
	return { ok: false, issues };
}

/** What is asked by its letters; all else by id, which is kept in lower case. */
const TEXTS: ReadonlySet<string> = new Set<FilterName>(['from', 'to', 'q']);

const lowerCase = (filters: Partial<Record<FilterName, string>>) =>
	Object.fromEntries(
		Object.entries(filters).map(([name, value]) => [name, TEXTS.has(name) ? value : value.toLowerCase()])
	);

/** Handlers of a collection: list and create. */
export function collectionHandlers<T extends object>(collection: Collection<T>) {
	const query = listQuery(collection.filters ?? []);
	const GET = guarded<ListQuery>(async (_, { limit = DEFAULT_ITEMS, after, ...filters }) => {
		const asked = { limit, after, filters: lowerCase(filters) };
		const page = await (collection.page?.(asked) ?? collection.table().page(asked));
		return page ? json(page) : invalid([NO_PAGE]);
	}, query);

	const POST = guarded(async ({ request, url }) => {
		const read = await readJson(request);
		if ('answer' in read) return read.answer;
		const opened = open(collection, read.body, identity);
		if (!opened.ok) return invalid(opened.issues);
		const { id = collection.only ?? crypto.randomUUID(), record } = opened.value;
		if (collection.only && id.toLowerCase() !== collection.only)
			return invalid([
				{ path: 'id', message: `must be ${collection.only}: there is one ${collection.what}` }
			]);
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
	});

	return { GET, POST, fallback: onlyAllow('GET', 'POST') };
}

/** Handlers of one record: read, replace, delete. */
export function recordHandlers<T extends object>(collection: Collection<T>) {
	const idOf = (params: Partial<Record<string, string>>) => (params.id ?? '').toLowerCase();

	const GET = guarded(({ params }) => {
		const record = collection.table().get(idOf(params));
		return record ? json(record) : notFound(collection.what);
	});

	const PUT = guarded(async ({ params, request }) => {
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
			return stale(`This ${collection.what} was changed elsewhere since you read it`, replaced.record);
		}
		return json(replaced.record);
	});

	const DELETE = guarded<{ version?: number }>(({ params }, { version }) => {
		const removal = collection.table().remove(idOf(params), version);
		if (removal.result === 'missing') return notFound(collection.what);
		if (removal.result === 'stale') {
			return stale(`This ${collection.what} was changed elsewhere since you read it`, removal.record);
		}
		if (removal.result === 'in-use') {
			return problem(409, `This ${collection.what} is used by other records. Archive it instead.`);
		}
		return new Response(null, { status: 204 });
	}, deletion);

	return { GET, PUT, DELETE, fallback: onlyAllow('GET', 'PUT', 'DELETE') };
}
