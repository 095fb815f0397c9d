import { pageOf, pageParameters } from './collection';
import { aPicture, answer, badBody, bytes, id, owner, problem, ref } from './parts';

/** Pictures in the addresses. */
export const pictures = {
	'/api/pictures': {
		get: {
			operationId: 'list-pictures',
			summary: 'Pictures page by page, newest first: of a frame, of a camera, or all',
			parameters: [owner('frame'), owner('camera'), ...pageParameters],
			responses: {
				200: answer('A page and how many there are, without their pixels', pageOf(ref('OwnedPicture'))),
				422: badBody[422]
			}
		},
		post: {
			operationId: 'create-picture',
			summary: 'Saves a picture of a frame or a camera; the body is the file',
			parameters: [
				owner('id'),
				owner('frame'),
				owner('camera'),
				{ name: 'name', in: 'query', required: true, schema: { type: 'string', maxLength: 200 } }
			],
			requestBody: { required: true, content: aPicture },
			responses: {
				201: answer('Kept', ref('Picture')),
				413: problem('Larger than 40 MiB'),
				422: problem(
					'Not a picture this program reads, or its frame or camera is missing; nothing was stored'
				)
			}
		}
	},
	'/api/pictures/{id}': {
		parameters: [id],
		get: {
			operationId: 'read-picture',
			summary: 'The original file',
			responses: { 200: { description: 'The file', content: aPicture }, 404: problem('Not found') }
		},
		delete: {
			operationId: 'delete-picture',
			summary: 'Deletes a picture',
			responses: { 204: { description: 'Deleted' }, 404: problem('Not found') }
		}
	},
	'/api/pictures/{id}/thumbnail': {
		parameters: [id],
		get: {
			operationId: 'read-thumbnail',
			summary: 'A small upright preview without metadata',
			responses: { 200: { description: 'The file', content: bytes('image/webp') }, 404: problem('Not found') }
		}
	}
};
