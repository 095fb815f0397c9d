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
			200: { description: 'They', content },
			404: problem('No frame is like that'),
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
				'Everything as a zip: records as JSON with its schema, frames as a table, pictures as they came',
			responses: { 200: { description: 'It, while it is made', content: zip } }
		}
	},
	'/api/import': {
		post: {
			operationId: 'bring-archive',
			summary: 'Looks an archive through and says what it would bring; with take it is taken at once',
			parameters: [{ name: 'take', in: 'query', schema: { type: 'boolean' } }, conflicts],
			requestBody: { required: true, content: zip },
			responses: {
				200: answer('What it would bring, with the id under which it waits', ref('Import')),
				413: problem('Larger than 20 GiB'),
				422: problem('No archive, or one that means no good; nothing was imported'),
				507: problem('The disk is full; nothing was imported')
			}
		}
	},
	'/api/import/{id}': {
		parameters: [id],
		post: {
			operationId: 'take-archive',
			summary: 'Takes an archive that waits: all of it that can be read, or nothing',
			parameters: [conflicts],
			responses: { 200: answer('What it brought', ref('Import')), 404: problem('None waits under this id') }
		},
		delete: {
			operationId: 'forget-archive',
			summary: 'Forgets an archive that waits',
			responses: { 204: { description: 'Forgotten' }, 404: problem('None waits under this id') }
		}
	},
	'/api/changes': {
		get: {
			operationId: 'list-changes',
			summary:
				'What changed since, each record once and as it is now; what was deleted by its name. Without since: all that is there. Asked for as text/event-stream, it goes on as records change',
			parameters: [
				{ name: 'since', in: 'query', schema: { type: 'integer', minimum: 0 } },
				{ name: 'of', in: 'query', schema: { type: 'string', maxLength: 64 } },
				{ name: 'limit', in: 'query', schema: { type: 'integer', minimum: 1, maximum: MOST_ITEMS } }
			],
			responses: {
				200: answer('So many of them; fewer than the limit where these are all', ref('Changes')),
				410: problem('A backup was restored since: begin anew without since'),
				422: badBody[422]
			}
		}
	},
	'/api/records/remove': {
		post: {
			operationId: 'remove-together',
			summary: 'Takes records away in the order given: all of them, or none',
			requestBody: { required: true, content: json(ref('Together')) },
			responses: {
				204: { description: 'They are gone' },
				409: problem('One is used, was changed since, or is not there; none is gone'),
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
			summary: 'Puts frames on places, and right in time: all of them, or none',
			requestBody: { required: true, content: json(ref('FramePlaces')) },
			responses: {
				200: answer('They, as they are now', {
					type: 'object',
					properties: { items: { type: 'array', items: ref('Frame') } },
					required: ['items']
				}),
				409: problem('One was changed elsewhere since you read it; none is changed'),
				...badBody
			}
		}
	},
	'/api/frames/in-order': {
		post: {
			operationId: 'keep-frames-in-order',
			summary: 'Keeps frames that were logged apart, all or none: numbers given twice go in order of time',
			description:
				'Frames of a load whose number another one has, and those others but for the judged ones, are numbered in order of time: by the numbers that they have and the next free one after each. Sent twice, it does no harm.',
			requestBody: { required: true, content: json(ref('FramesInOrder')) },
			responses: {
				200: answer('They, with their numbers', {
					type: 'object',
					properties: { items: { type: 'array', items: ref('Frame') } },
					required: ['items']
				}),
				409: problem('Another frame has one of the ids; none is kept'),
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
