import { pageOf, pageParameters } from './collection';
import { aPicture, answer, badBody, bytes, id, owner, problem, ref } from './parts';

/** Pictures in the addresses. */
export const pictures = {
	'/api/pictures': {
		get: {
			operationId: 'list-pictures',
			summary: 'Pictures page by page, the last that were added first: of a frame, of a camera, or all',
			parameters: [owner('frame'), owner('camera'), ...pageParameters],
			responses: {
				200: answer('A page and how many there are, without their pixels', pageOf(ref('OwnedPicture'))),
				422: badBody[422]
			}
		},
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
				201: answer('Kept', ref('Picture')),
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
