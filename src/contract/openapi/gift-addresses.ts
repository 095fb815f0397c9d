import { answer, badBody, bytes, id, json, problem, ref } from './parts';

const none = problem('There is no such camera');

/** Cameras that are given away and taken in. */
export const giftAddresses = {
	'/api/cameras/{id}/camera.json': {
		parameters: [id],
		get: {
			operationId: 'give-camera',
			summary: 'The camera as one file to share: its settings and what was learnt, without frames',
			responses: { 200: answer('The file', ref('CameraGift')), 404: none }
		}
	},
	'/api/cameras/{id}/camera.svg': {
		parameters: [id],
		get: {
			operationId: 'give-camera-as-code',
			summary: 'The same as a QR code',
			responses: {
				200: { description: 'The file', content: bytes('image/svg+xml') },
				404: none,
				422: problem('More is known of the camera than a QR code can hold')
			}
		}
	},
	'/api/cameras/received': {
		post: {
			operationId: 'take-camera-in',
			summary:
				'Imports a shared camera as a new one or over an existing one; learning starts from what was learnt of it',
			requestBody: { required: true, content: json(ref('CameraGiftTaken')) },
			responses: {
				200: answer('It, as it is now', ref('CameraRecord')),
				404: none,
				409: problem('The camera was changed elsewhere since you read it, or another one has this id'),
				...badBody
			}
		}
	}
};
