import { schemas } from './schemas';

/** The description of the API for other people's scripts: OpenAPI 3.1. */

const ref = (schema: string) => ({ $ref: `#/components/schemas/${schema}` });
const json = (schema: object) => ({ 'application/json': { schema } });
const answer = (description: string, schema: object) => ({ description, content: json(schema) });
const problem = (description: string) => answer(description, ref('Problem'));

const badBody = {
	400: problem('Not JSON'),
	413: problem('Larger than 256 KiB'),
	422: problem('Every problem, each with the path of its field; nothing was stored')
};

const computed = (operationId: string, summary: string, asked: string, given: string) => ({
	post: {
		operationId,
		summary,
		requestBody: { required: true, content: json(ref(asked)) },
		responses: { 200: answer(summary, ref(given)), ...badBody }
	}
});

const id = { name: 'id', in: 'path', required: true, schema: { type: 'string', format: 'uuid' } };
const query = (name: string, minimum: number, maximum: number) => ({
	name,
	in: 'query',
	schema: { type: 'integer', minimum, maximum }
});

function collection(plural: string, singular: string, body: object) {
	const record = {
		allOf: [
			body,
			{ type: 'object', properties: { id: { type: 'string', format: 'uuid' }, version: { type: 'integer' } } }
		]
	};
	const page = {
		type: 'object',
		properties: { items: { type: 'array', items: record }, total: { type: 'integer' } },
		required: ['items', 'total']
	};
	const asked = { required: true, content: json(record) };
	const missing = { 404: problem('Not there') };
	return {
		[`/api/${plural}`]: {
			get: {
				operationId: `list-${plural}`,
				summary: `The ${plural}, page by page`,
				parameters: [query('limit', 1, 1000), query('offset', 0, Number.MAX_SAFE_INTEGER)],
				responses: { 200: answer('A page and how many there are', page), 422: badBody[422] }
			},
			post: {
				operationId: `create-${singular}`,
				summary: `Keeps a ${singular}; the same again under the same id is harmless`,
				requestBody: asked,
				responses: {
					200: answer('It was there already', record),
					201: answer('Kept', record),
					409: problem('Another content has this id'),
					...badBody
				}
			}
		},
		[`/api/${plural}/{id}`]: {
			parameters: [id],
			get: {
				operationId: `read-${singular}`,
				summary: `One ${singular}`,
				responses: { 200: answer('It', record), ...missing }
			},
			put: {
				operationId: `replace-${singular}`,
				summary: `Replaces a ${singular}; needs the version that was read`,
				requestBody: asked,
				responses: {
					200: answer('Replaced', record),
					409: problem('Changed since it was read: the current one is with it'),
					...missing,
					...badBody
				}
			},
			delete: {
				operationId: `delete-${singular}`,
				summary: `Deletes a ${singular} that nothing refers to`,
				responses: { 204: { description: 'Deleted' }, 409: problem('Other records refer to it'), ...missing }
			}
		}
	};
}

const anything = { type: 'object' };
const bytes = (...types: string[]) =>
	Object.fromEntries(types.map((type) => [type, { schema: { type: 'string', format: 'binary' } }]));
const aPicture = bytes('image/jpeg', 'image/png', 'image/webp', 'image/tiff');
const owner = (name: string) => ({ name, in: 'query', schema: { type: 'string', format: 'uuid' } });

const pictures = {
	'/api/pictures': {
		post: {
			operationId: 'create-picture',
			summary: 'Keeps a picture of a frame or of a camera; its bytes are the body',
			parameters: [
				owner('id'),
				owner('frame'),
				owner('camera'),
				{ name: 'name', in: 'query', required: true, schema: { type: 'string', maxLength: 200 } }
			],
			requestBody: { required: true, content: aPicture },
			responses: {
				201: answer('Kept', anything),
				413: problem('Larger than 40 MiB'),
				422: problem('No picture that is taken, or nothing that it belongs to; nothing was stored')
			}
		}
	},
	'/api/pictures/{id}': {
		parameters: [id],
		get: {
			operationId: 'read-picture',
			summary: 'The picture as it came',
			responses: { 200: { description: 'It', content: aPicture }, 404: problem('Not there') }
		},
		delete: {
			operationId: 'delete-picture',
			summary: 'Deletes a picture',
			responses: { 204: { description: 'Deleted' }, 404: problem('Not there') }
		}
	},
	'/api/pictures/{id}/thumbnail': {
		parameters: [id],
		get: {
			operationId: 'read-thumbnail',
			summary: 'It small and upright, without metadata',
			responses: { 200: { description: 'It', content: bytes('image/webp') }, 404: problem('Not there') }
		}
	}
};

export const openapi = {
	openapi: '3.1.0',
	info: {
		title: 'Just Enough',
		version: '0.7.0',
		description:
			'Lengths are mm, distances m, times s, light EV at ISO 100, exposure in stops with + for too much light.'
	},
	paths: {
		'/api/match': computed(
			'match',
			'What a camera with a film does in a light, and what would mend it',
			'MatchRequest',
			'Match'
		),
		'/api/light': computed('light', 'What any way of reading light comes to', 'Light', 'LightAnswer'),
		'/api/reach': computed('reach', 'The light in which a camera with a film works', 'ReachRequest', 'Reach'),
		'/api/plan': computed(
			'plan-day',
			'A day of light at a place, and the windows in which a camera with a film works in it',
			'PlanRequest',
			'DayPlan'
		),
		'/api/plan/year': computed(
			'plan-year',
			'How much of each hour of each month a camera with a film works at a place',
			'YearRequest',
			'YearPlan'
		),
		'/api/learn': computed(
			'learn',
			'What judged frames teach of a body: wild frames are named and left out',
			'LearnRequest',
			'Learnt'
		),
		'/api/bench/aperture': computed(
			'measure-aperture',
			'The f-number of an opening that was measured',
			'Opening',
			'FNumber'
		),
		'/api/bench/shutter': {
			post: {
				operationId: 'measure-shutter',
				summary: 'The firings of a shutter in a recording of light or sound',
				parameters: [{ name: 'kind', in: 'query', schema: { type: 'string', enum: ['light', 'sound'] } }],
				requestBody: {
					required: true,
					content: { 'audio/wav': { schema: { type: 'string', format: 'binary' } } }
				},
				responses: {
					200: answer('What was found', ref('ShutterMeasurement')),
					413: problem('Larger than 32 MiB'),
					422: problem('No recording that can be read, or no firing in it')
				}
			}
		},
		'/api/cards/{cameraId}/{file}': {
			get: {
				operationId: 'card',
				summary: 'The pocket card of a camera and a film',
				parameters: [
					{ ...id, name: 'cameraId' },
					{
						name: 'file',
						in: 'path',
						required: true,
						description: 'the film’s id with .svg or .pdf',
						schema: { type: 'string' }
					},
					{ name: 'size', in: 'query', schema: { type: 'string', enum: ['bank', 'a6'] } },
					{
						name: 'filter',
						in: 'query',
						description: 'ids of filters that are mounted',
						schema: { type: 'array', items: { type: 'string', format: 'uuid' } }
					}
				],
				responses: {
					200: {
						description: 'The card in its real size',
						content: {
							'image/svg+xml': { schema: { type: 'string' } },
							'application/pdf': { schema: { type: 'string', format: 'binary' } }
						}
					},
					404: problem('Not there'),
					422: badBody[422]
				}
			}
		},
		...collection('cameras', 'camera', ref('Camera')),
		...collection('films', 'film', ref('Film')),
		...collection('loads', 'load', anything),
		'/api/loads/{id}/shots.csv': {
			parameters: [id],
			get: {
				operationId: 'shot-list',
				summary: 'The shots of a spool as CSV: planned and taken, and where on the spool',
				responses: {
					200: { description: 'It', content: { 'text/csv': { schema: { type: 'string' } } } },
					404: problem('Not there')
				}
			}
		},
		...collection('frames', 'frame', anything),
		...collection('gear', 'piece-of-gear', anything),
		...collection('measurements', 'measurement', anything),
		...collection('outings', 'outing', ref('Outing')),
		'/api/outings/{id}/calendar.ics': {
			parameters: [id],
			get: {
				operationId: 'outing-calendar',
				summary: 'An outing as iCalendar: an event for each scene, with an alarm',
				responses: {
					200: { description: 'It', content: { 'text/calendar': { schema: { type: 'string' } } } },
					404: problem('Not there')
				}
			}
		},
		...collection('exercises', 'exercise', anything),
		...collection('recipes', 'recipe', anything),
		...collection('places', 'place', ref('Place')),
		'/api/places/search': {
			get: {
				operationId: 'search-places',
				summary: 'Towns whose names begin like this, the largest first; without a network',
				parameters: [
					{
						name: 'name',
						in: 'query',
						required: true,
						schema: { type: 'string', minLength: 2, maxLength: 80 }
					}
				],
				responses: {
					200: answer('Those that were found', {
						type: 'object',
						properties: { items: { type: 'array', items: ref('Place') } },
						required: ['items']
					}),
					422: badBody[422]
				}
			}
		},
		...collection('readings', 'reading', ref('Reading')),
		...pictures,
		'/api/health': {
			get: {
				operationId: 'health',
				summary: 'Whether the database answers',
				responses: { 200: answer('It does', anything) }
			}
		}
	},
	components: { schemas }
};
