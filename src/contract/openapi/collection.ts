import type { ISchema } from 'yup';
import { filterFields, listFilters, pageFields } from '../lists';
import type { RecordKind } from '../records';
import { answer, badBody, id, json, problem, ref } from './parts';
import { described } from './walk';

const parameter = (name: string, schema: ISchema<unknown>) => ({
	name,
	in: 'query',
	schema: described(schema)
});

export const pageParameters = Object.entries(pageFields).map(([name, field]) => parameter(name, field));

/** A page of a list. */
export const pageOf = (item: object) => ({
	type: 'object',
	properties: {
		items: { type: 'array', items: item },
		total: { type: 'integer' },
		next: {
			anyOf: [{ type: 'string' }, { type: 'null' }],
			description: 'pass it as `after` to get the next page'
		}
	},
	required: ['items', 'total', 'next']
});

/** One record: read, replaced, deleted. */
function recordPath(singular: string, kept: object, replacing: object) {
	const missing = { 404: problem('Not found') };
	return {
		parameters: [id],
		get: {
			operationId: `read-${singular}`,
			summary: `One ${singular}`,
			responses: { 200: answer('The record', kept), ...missing }
		},
		put: {
			operationId: `replace-${singular}`,
			summary: `Replaces a ${singular}; needs the version you read`,
			requestBody: { required: true, content: replacing },
			responses: {
				200: answer('Replaced', kept),
				409: problem('Changed since you read it; the current version comes with the answer'),
				507: problem('The disk is full; nothing was stored'),
				...missing,
				...badBody
			}
		},
		delete: {
			operationId: `delete-${singular}`,
			summary: `Deletes a ${singular} that nothing else uses`,
			parameters: [
				{
					name: 'version',
					in: 'query',
					description: 'the version you read: a record changed since is not deleted',
					schema: { type: 'integer', minimum: 1 }
				}
			],
			responses: {
				204: { description: 'Deleted' },
				409: problem('Other records use it, or it was changed since you read it'),
				422: badBody[422],
				...missing
			}
		}
	};
}

/** A kind of record in the addresses, and what narrows its list. */
export function collection(kind: RecordKind, singular: string, component: string) {
	const stamped = (...needed: string[]) => ({
		allOf: [
			ref(component),
			{
				type: 'object',
				properties: { id: { type: 'string', format: 'uuid' }, version: { type: 'integer', minimum: 1 } },
				required: needed
			}
		]
	});
	const kept = stamped('id', 'version');
	const filters = (listFilters[kind] ?? []).map((name) => parameter(name, filterFields[name]));
	return {
		[`/api/${kind}`]: {
			get: {
				operationId: `list-${kind}`,
				summary: `The ${kind}, page by page`,
				parameters: [...pageParameters, ...filters],
				responses: { 200: answer('A page and how many there are', pageOf(kept)), 422: badBody[422] }
			},
			post: {
				operationId: `create-${singular}`,
				summary: `Saves a ${singular}; sending it again under the same id does no harm`,
				requestBody: { required: true, content: json(stamped()) },
				responses: {
					200: answer('It was there already', kept),
					201: answer('Kept', kept),
					409: problem('The id is taken by something else'),
					507: problem('The disk is full; nothing was stored'),
					...badBody
				}
			}
		},
		[`/api/${kind}/{id}`]: recordPath(singular, kept, json(stamped('version')))
	};
}
