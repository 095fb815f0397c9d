import { answer, badBody, bytes, id, json, problem, ref } from './parts';

const none = problem('There is no such camera');

/** Cameras that are given away and taken in. */
export const giftAddresses = {
	'/api/cameras/{id}/camera.json': {
		parameters: [id],
		get: {
			operationId: 'give-camera',
			summary: 'The camera as one file: what it is and what is known of it, and no frames',
			responses: { 200: answer('It', ref('CameraGift')), 404: none }
		}
	},
	'/api/cameras/{id}/camera.svg': {
		parameters: [id],
		get: {
			operationId: 'give-camera-as-code',
			summary: 'The same as a QR code',
			responses: {
				200: { description: 'It', content: bytes('image/svg+xml') },
				404: none,
				422: problem('More is known of it than a QR code holds')
			}
		}
	},
	'/api/cameras/received': {
		post: {
			operationId: 'take-camera-in',
			summary:
				'Takes a camera in that was given: as a new one, or in the place of one; what was learnt is where learning starts',
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
