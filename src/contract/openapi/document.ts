import { archiveAddresses } from './archive-addresses';
import { benchAddresses } from './bench-addresses';
import { paperAddresses } from './paper-addresses';
import { doorAddresses } from './door-addresses';
import { giftAddresses } from './gift-addresses';
import { scanAddresses } from './scan-addresses';
import { backups } from './backups';
import { collection } from './collection';
import { answer, badBody, computed, id, json, problem, ref } from './parts';
import { pictures } from './pictures';
import { schemas } from './schemas';
import { version } from '../version';

/** The description of the API for other people's scripts: OpenAPI 3.1. */

export const openapi = {
	openapi: '3.1.0',
	info: {
		title: 'Just Enough',
		version,
		description:
			'Lengths are mm, distances m, times s, light EV at ISO 100, exposure in stops with + for too much light.'
	},
	paths: {
		'/api/match': computed(
			'match',
			'What a camera with a film does in a light, and what would fix it',
			'MatchRequest',
			'Match',
			'MatchOfBag'
		),
		'/api/light': computed('light', 'The EV that any way of reading light gives', 'Light', 'LightAnswer'),
		'/api/reach': computed(
			'reach',
			'The light in which a camera with a film works',
			'ReachRequest',
			'Reach',
			'ReachOfBag'
		),
		'/api/speed': computed('speed', 'The film speed that a camera asks for', 'SpeedRequest', 'Speed'),
		'/api/whatif': computed('what-if', 'Frames replayed with one change', 'WhatIfRequest', 'WhatIf'),
		'/api/compare': computed('compare', 'Ways of using a camera compared', 'CompareRequest', 'Compared'),
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
			'What judged frames teach about a body, its films, packs and ways of reading: wild frames are named',
			'LearnRequest',
			'Learnt'
		),
		...benchAddresses,
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
						description: 'the film’s id, ending in .svg or .pdf',
						schema: { type: 'string' }
					},
					{ name: 'size', in: 'query', schema: { type: 'string', enum: ['bank', 'a6'] } },
					{
						name: 'filter',
						in: 'query',
						description: 'ids of the filters on the lens',
						schema: { type: 'array', items: { type: 'string', format: 'uuid' } }
					}
				],
				responses: {
					200: {
						description: 'The card at its real size',
						content: {
							'image/svg+xml': { schema: { type: 'string' } },
							'application/pdf': { schema: { type: 'string', format: 'binary' } }
						}
					},
					404: problem('Not found'),
					422: badBody[422]
				}
			}
		},
		...collection('cameras', 'camera', 'CameraRecord'),
		'/api/cameras/{id}/learnt': {
			parameters: [id],
			get: {
				operationId: 'learnt-of-camera',
				summary: 'What frames have taught about a camera with a film, to pass along in a match',
				parameters: ['film', 'load', 'way'].map((name) => ({
					name,
					in: 'query',
					schema: { type: 'string' }
				})),
				responses: {
					200: answer('What is known', ref('LearntSoFar')),
					404: problem('Not found'),
					422: badBody[422]
				}
			}
		},
		...collection('films', 'film', 'FilmRecord'),
		...collection('loads', 'load', 'Load'),
		'/api/loads/{id}/rig': {
			parameters: [id],
			put: {
				operationId: 'put-rig',
				summary: 'What is set and mounted on the camera of a load; the last write wins',
				requestBody: { required: true, content: json(ref('Rig')) },
				responses: {
					200: answer('The load', ref('Load')),
					404: problem('Not found'),
					507: problem('The disk is full; nothing was stored'),
					...badBody
				}
			}
		},
		...paperAddresses,
		'/api/loads/{id}/shots.csv': {
			parameters: [id],
			get: {
				operationId: 'shot-list',
				summary: 'The shots of a spool as CSV: planned, taken, and where on the spool',
				responses: {
					200: { description: 'The file', content: { 'text/csv': { schema: { type: 'string' } } } },
					404: problem('Not found')
				}
			}
		},
		...collection('frames', 'frame', 'Frame'),
		...collection('gear', 'piece-of-gear', 'Gear'),
		...collection('measurements', 'measurement', 'Measurement'),
		...collection('outings', 'outing', 'Outing'),
		'/api/outings/{id}/calendar.ics': {
			parameters: [id],
			get: {
				operationId: 'outing-calendar',
				summary: 'An outing as iCalendar: an event for each scene, with an alarm',
				responses: {
					200: { description: 'The file', content: { 'text/calendar': { schema: { type: 'string' } } } },
					404: problem('Not found')
				}
			}
		},
		'/api/outings.ics': {
			get: {
				operationId: 'outings-feed',
				summary: 'All outings as one calendar you can subscribe to',
				responses: {
					200: { description: 'The file', content: { 'text/calendar': { schema: { type: 'string' } } } }
				}
			}
		},
		'/api/plan/window.ics': {
			get: {
				operationId: 'window-calendar',
				summary: 'A window of a planned day as iCalendar, with an alarm',
				parameters: [
					...['load', 'from', 'to'].map((name) => ({
						name,
						in: 'query',
						required: true,
						schema: { type: 'string' }
					})),
					...['latitude', 'longitude'].map((name) => ({
						name,
						in: 'query',
						required: true,
						schema: { type: 'number' }
					})),
					{ name: 'name', in: 'query', schema: { type: 'string' } }
				],
				responses: {
					200: { description: 'The file', content: { 'text/calendar': { schema: { type: 'string' } } } },
					404: problem('No such load'),
					422: badBody[422]
				}
			}
		},
		...collection('exercises', 'exercise', 'Exercise'),
		...collection('settings', 'set of settings', 'Settings'),
		...collection('recipes', 'recipe', 'Recipe'),
		...collection('places', 'place', 'Place'),
		'/api/places/search': {
			get: {
				operationId: 'search-places',
				summary: 'Towns whose names start like this, largest first; works offline',
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
		'/api/places/towns.json': {
			get: {
				operationId: 'towns-to-carry',
				summary: 'The larger towns, largest first, for a device that goes offline',
				responses: {
					200: answer('All of them: name, latitude and longitude, degrees', {
						type: 'object',
						properties: {
							towns: {
								type: 'array',
								items: {
									type: 'array',
									prefixItems: [{ type: 'string' }, { type: 'number' }, { type: 'number' }],
									minItems: 3,
									maxItems: 3
								}
							}
						},
						required: ['towns']
					})
				}
			}
		},
		'/api/formats': {
			get: {
				operationId: 'formats',
				summary: 'Film formats by their trade names; a camera or film may also name its own',
				responses: { 200: answer('All of them', ref('Formats')) }
			}
		},
		...collection('readings', 'reading', 'Reading'),
		...pictures,
		...backups,
		...archiveAddresses,
		...scanAddresses,
		...giftAddresses,
		...doorAddresses,
		'/api/health': {
			get: {
				operationId: 'health',
				summary: 'Whether the database answers',
				responses: { 200: answer('It does', ref('Health')), 503: problem('The database isn’t answering') }
			}
		}
	},
	components: {
		schemas,
		securitySchemes: {
			token: { type: 'http', scheme: 'bearer', description: 'made in Settings, Phones' },
			device: { type: 'apiKey', in: 'cookie', name: '__Host-just-enough', description: 'of a device' }
		}
	},
	// Where only this machine is let in, neither is asked for.
	security: [{}, { token: [] }, { device: [] }]
};
