import { answer, problem, ref } from './parts';

/** Backups in the addresses. */
export const backups = {
	'/api/backups': {
		get: {
			operationId: 'list-backups',
			summary: 'The backups that there are, the newest first, and how the last one went',
			responses: { 200: answer('They', ref('Backups')) }
		},
		post: {
			operationId: 'create-backup',
			summary: 'Makes a backup now, and looks through it',
			responses: {
				201: answer('It', ref('Backup')),
				507: problem('It could not be made, with why')
			}
		}
	},
	'/api/backups/{name}/restore': {
		parameters: [{ name: 'name', in: 'path', required: true, schema: { type: 'string' } }],
		post: {
			operationId: 'restore-backup',
			summary: 'Puts a backup in the place of the database, which is moved aside',
			responses: {
				200: answer('The file that was moved aside', {
					type: 'object',
					properties: { aside: { type: ['string', 'null'] } },
					required: ['aside']
				}),
				404: problem('Not there'),
				422: problem('It is damaged, or not ours; nothing was changed')
			}
		}
	}
};
