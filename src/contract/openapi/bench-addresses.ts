import { answer, computed, problem, ref } from './parts';

/** What is measured on the bench. */
export const benchAddresses = {
	'/api/bench/aperture': computed(
		'measure-aperture',
		'The f-number of an opening that was measured',
		'Opening',
		'FNumber'
	),
	'/api/bench/eye': computed(
		'measure-eye',
		'How an eye follows the light, where it stops, and what its wheel and dial do, by firings of the empty camera',
		'EyeFirings',
		'EyeCurve'
	),
	'/api/bench/shutter': {
		post: {
			operationId: 'measure-shutter',
			summary: 'Finds the firings of a shutter in a recording of light or sound',
			parameters: [{ name: 'kind', in: 'query', schema: { type: 'string', enum: ['light', 'sound'] } }],
			requestBody: {
				required: true,
				content: { 'audio/wav': { schema: { type: 'string', format: 'binary' } } }
			},
			responses: {
				200: answer('What was found', ref('ShutterMeasurement')),
				413: problem('Larger than 32 MiB'),
				422: problem('Not a readable recording, or no firing in it')
			}
		}
	}
};
