import { answer, problem, ref } from './parts';

/** Backups in the addresses. */
export const backups = {
	'/api/backups': {
		get: {
			operationId: 'list-backups',
			summary: 'The backups, newest first, and how the last one went',
			responses: { 200: answer('They', ref('Backups')) }
		},
		post: {
			operationId: 'create-backup',
			summary: 'Makes a backup now and checks it',
			responses: {
				201: answer('The backup', ref('Backup')),
				507: problem('The backup failed; the answer says why')
			}
		}
	},
	'/api/backups/{name}/restore': {
		parameters: [{ name: 'name', in: 'path', required: true, schema: { type: 'string' } }],
		post: {
			operationId: 'restore-backup',
			summary: 'Restores a backup; the present database is moved aside, not deleted',
			responses: {
				200: answer('The file that was moved aside', {
					type: 'object',
					properties: { aside: { type: ['string', 'null'] } },
					required: ['aside']
				}),
				404: problem('Not found'),
				422: problem('Damaged, or not one of ours; nothing was changed')
			}
		}
	}
};
