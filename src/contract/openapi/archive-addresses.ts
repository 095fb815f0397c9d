import { MOST_ITEMS } from '../lists';
import { answer, badBody, bytes, id, json, problem, ref } from './parts';

const search = ['load', 'camera', 'film', 'state', 'verdict', 'out', 'q', 'from', 'before', 'order'].map(
	(name) => ({
		name,
		in: 'query',
		schema: { type: 'string' }
	})
);
const conflicts = { name: 'conflicts', in: 'query', schema: { type: 'string', enum: ['keep', 'take'] } };
const zip = bytes('application/zip');

const table = (operationId: string, summary: string, content: object) => ({
	get: {
		operationId,
		summary,
		parameters: search,
		responses: {
			200: { description: 'The table', content },
			404: problem('No such frame'),
			422: badBody[422]
		}
	}
});

/** Everything out and everything back, in the addresses. */
export const archiveAddresses = {
	'/api/export.zip': {
		get: {
			operationId: 'export-everything',
			summary:
				'Everything as a zip: records as JSON with its schema, frames as a table, pictures as original files',
			responses: { 200: { description: 'The archive, streamed', content: zip } }
		}
	},
	'/api/import': {
		post: {
			operationId: 'bring-archive',
			summary: 'Checks an archive and says what it would bring; with `take`, imports it at once',
			parameters: [{ name: 'take', in: 'query', schema: { type: 'boolean' } }, conflicts],
			requestBody: { required: true, content: zip },
			responses: {
				200: answer('What it would bring, with the id under which it waits', ref('Import')),
				413: problem('Larger than 20 GiB'),
				422: problem('Not an archive, or an unsafe one; nothing was imported'),
				507: problem('The disk is full; nothing was imported')
			}
		}
	},
	'/api/import/{id}': {
		parameters: [id],
		post: {
			operationId: 'take-archive',
			summary: 'Imports an archive that was checked: everything readable in it, or nothing',
			parameters: [conflicts],
			responses: {
				200: answer('What it brought', ref('Import')),
				404: problem('No archive waits under this id')
			}
		},
		delete: {
			operationId: 'forget-archive',
			summary: 'Discards an archive that was checked',
			responses: { 204: { description: 'Discarded' }, 404: problem('No archive waits under this id') }
		}
	},
	'/api/changes': {
		get: {
			operationId: 'list-changes',
			summary:
				'What changed since then: each record once, as it is now, and the ids of deleted ones. Without `since`: everything. Asked for as text/event-stream, it keeps sending as records change',
			parameters: [
				{ name: 'since', in: 'query', schema: { type: 'integer', minimum: 0 } },
				{ name: 'of', in: 'query', schema: { type: 'string', maxLength: 64 } },
				{ name: 'limit', in: 'query', schema: { type: 'integer', minimum: 1, maximum: MOST_ITEMS } }
			],
			responses: {
				200: answer('So many of them; fewer than the limit where these are all', ref('Changes')),
				410: problem('A backup was restored since then: start again without `since`'),
				422: badBody[422]
			}
		}
	},
	'/api/records/remove': {
		post: {
			operationId: 'remove-together',
			summary: 'Deletes records in the order given: all or none',
			requestBody: { required: true, content: json(ref('Together')) },
			responses: {
				204: { description: 'Deleted' },
				409: problem('One of them is in use, was changed since, or isn’t there; nothing was deleted'),
				...badBody
			}
		}
	},
	'/api/frames.csv': table(
		'frames-as-csv',
		'Frames of a load, of a search or all of them as a table: CSV (RFC 4180)',
		{
			'text/csv': { schema: { type: 'string' } }
		}
	),
	'/api/frames/places': {
		post: {
			operationId: 'place-frames',
			summary: 'Sets where and when frames were taken: all or none',
			requestBody: { required: true, content: json(ref('FramePlaces')) },
			responses: {
				200: answer('They, as they are now', {
					type: 'object',
					properties: { items: { type: 'array', items: ref('Frame') } },
					required: ['items']
				}),
				409: problem('One was changed elsewhere since you read it; nothing was changed'),
				...badBody
			}
		}
	},
	'/api/frames/in-order': {
		post: {
			operationId: 'keep-frames-in-order',
			summary:
				'Saves frames logged on several devices, all or none; numbers used twice are renumbered by time',
			description:
				'Where two frames of a load have the same number, those that are not judged are renumbered in order of time, with the numbers they have and the next free ones. Sending it twice does no harm.',
			requestBody: { required: true, content: json(ref('FramesInOrder')) },
			responses: {
				200: answer('The frames, with their numbers', {
					type: 'object',
					properties: { items: { type: 'array', items: ref('Frame') } },
					required: ['items']
				}),
				409: problem('One of the ids is taken by another frame; nothing was saved'),
				...badBody
			}
		}
	},
	'/api/frames.json': table('frames-as-json', 'The same as one list of JSON', {
		'application/json': { schema: { type: 'array', items: ref('Frame') } }
	}),
	'/api/frames.gpx': table('frames-as-gpx', 'Those that have a place, as waypoints: GPX 1.1', {
		'application/gpx+xml': { schema: { type: 'string' } }
	})
};
