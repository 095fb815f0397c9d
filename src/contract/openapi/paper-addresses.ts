import { papers, sheetKinds } from '../paper';
import { badBody, bytes, id, problem } from './parts';

const choice = (name: string, values: readonly string[]) => ({
	name,
	in: 'query',
	schema: { type: 'string', enum: values }
});

/** A load on paper. */
export const paperAddresses = {
	'/api/loads/{id}/paper.pdf': {
		parameters: [id],
		get: {
			operationId: 'load-on-paper',
			summary: 'A load as PDF: contact sheet, sleeve label or captions, in letters of any script',
			parameters: [
				choice('kind', Object.keys(sheetKinds)),
				choice('paper', Object.keys(papers)),
				choice('frames', ['all', 'kept'])
			],
			responses: {
				200: { description: 'The file', content: bytes('application/pdf') },
				404: problem('There is no such load, or no such frame on it'),
				422: badBody[422],
				503: problem('Too much for one document; ask for less')
			}
		}
	}
};
