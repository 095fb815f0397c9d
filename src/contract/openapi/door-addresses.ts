import { list, object, orNull, ref as refer } from './building-blocks';
import { answer, badBody, id, json, problem, ref } from './parts';

/** Who is let in, in the addresses: of use where the program is opened to others. */

const open = problem('No sign-in here: only this computer is let in');
const owners = problem('Not the owner');
const one = problem('This program keeps one person’s records');
const instant = { type: 'string', format: 'date-time' };
const uuid = { type: 'string', format: 'uuid' };
const line = { type: 'string' };

/** JSON Schemas of the answers. */
export const doorAnswers = {
	Pass: object(
		{
			id: uuid,
			name: line,
			access: { type: 'string', enum: ['read', 'write'] },
			createdAt: instant,
			seenAt: { ...instant, description: 'to the minute' }
		},
		['id', 'name', 'access', 'createdAt', 'seenAt']
	),
	Passes: object({ items: list(refer('Pass')) }, ['items']),
	Door: object(
		{
			closed: { type: 'boolean', description: 'whether one has to sign in here' },
			lan: { type: 'boolean' },
			safe: { type: 'boolean', description: 'whether the connection is encrypted or stays on this computer' },
			here: orNull(uuid),
			addresses: list(line),
			authority: orNull(
				object({ address: line, code: line, fingerprint: line, until: instant }, [
					'address',
					'code',
					'fingerprint',
					'until'
				])
			),
			devices: list(refer('Pass')),
			tokens: list(refer('Pass')),
			me: orNull(object({ name: line, owner: { type: 'boolean' } }, ['name', 'owner'])),
			people: list(refer('Person'))
		},
		['closed', 'lan', 'safe', 'here', 'addresses', 'authority', 'devices', 'tokens', 'me', 'people']
	),
	Person: object(
		{
			id: uuid,
			name: { ...line, description: 'empty if the owner never gave one' },
			owner: { type: 'boolean' },
			begun: { type: 'boolean', description: 'whether a passphrase has been chosen' },
			seenAt: orNull(instant)
		},
		['id', 'name', 'owner', 'begun', 'seenAt']
	),
	People: object({ items: list(refer('Person')) }, ['items']),
	Invitation: object({ id: uuid, address: line, code: { ...line, description: 'an SVG' }, until: instant }, [
		'id',
		'address',
		'code',
		'until'
	]),
	Pairing: object({ address: line, code: { ...line, description: 'an SVG' }, until: instant }, [
		'address',
		'code',
		'until'
	]),
	Token: object({ id: uuid, token: { ...line, description: 'shown only this once' } }, ['id', 'token'])
};

const gone = { 204: { description: 'Deleted' }, 404: problem('Not found'), 409: open };
const passes = (operationId: string, summary: string) => ({
	get: { operationId, summary, responses: { 200: answer('They', ref('Passes')), 409: open } }
});
const onePass = (operationId: string, summary: string) => ({
	parameters: [id],
	delete: { operationId, summary, responses: gone }
});
const sent = (schema: string) => ({ required: true, content: json(ref(schema)) });

export const doorAddresses = {
	'/api/door': {
		get: {
			operationId: 'door',
			summary: 'Who may sign in here, and who is signed in',
			responses: { 200: answer('How signing in works here', ref('Door')) }
		}
	},
	'/api/session': {
		post: {
			operationId: 'sign-in',
			summary: 'Signs a device in; the answer sets its cookie',
			requestBody: sent('NewSession'),
			responses: {
				201: answer('It is in', object({ id: uuid }, ['id'])),
				401: problem('Not the passphrase'),
				409: open,
				429: problem('Too many attempts from there; Retry-After says how long to wait'),
				...badBody
			}
		},
		delete: {
			operationId: 'sign-out',
			summary: 'Signs this device out',
			responses: { 204: { description: 'Signed out' } }
		}
	},
	'/api/devices': passes('list-devices', 'The devices that are in, those that were seen last first'),
	'/api/devices/{id}': onePass('sign-device-out', 'Signs a device out'),
	'/api/tokens': {
		...passes('list-tokens', 'The tokens that there are, without themselves'),
		post: {
			operationId: 'create-token',
			summary: 'Makes a token for a script',
			requestBody: sent('NewToken'),
			responses: { 201: answer('The token', ref('Token')), 409: open, ...badBody }
		}
	},
	'/api/tokens/{id}': onePass('end-token', 'Ends a token'),
	'/api/pairing': {
		post: {
			operationId: 'create-pairing-code',
			summary: 'Makes a code that pairs one phone, once and within five minutes',
			responses: {
				201: answer('The code', ref('Pairing')),
				409: problem('The program isn’t open to a network')
			}
		}
	},
	'/api/people': {
		get: {
			operationId: 'list-people',
			summary: 'The people who keep records here, for the owner only',
			responses: { 200: answer('They', ref('People')), 403: owners, 409: one }
		},
		post: {
			operationId: 'create-person',
			summary: 'Invites somebody to keep records here; the invitation works once, within a day',
			requestBody: sent('NewPerson'),
			responses: { 201: answer('The invitation', ref('Invitation')), 403: owners, 409: one, ...badBody }
		}
	},
	'/api/people/{id}': {
		parameters: [id],
		put: {
			operationId: 'rename-person',
			summary: 'Renames a person',
			requestBody: sent('NewPerson'),
			responses: {
				200: answer('They', ref('Person')),
				403: owners,
				404: problem('Not found'),
				409: one,
				...badBody
			}
		},
		delete: {
			operationId: 'remove-person',
			summary: 'Removes a person; their records stay in the data folder',
			responses: {
				204: { description: 'Deleted' },
				403: owners,
				404: problem('Not found'),
				409: problem('The owner can’t be removed')
			}
		}
	},
	'/api/people/{id}/invitation': {
		parameters: [id],
		post: {
			operationId: 'invite-person',
			summary: 'A new invitation for somebody who forgot the passphrase',
			responses: {
				201: answer('The invitation', ref('Invitation')),
				403: owners,
				404: problem('Not found'),
				409: one
			}
		}
	},
	'/api/passphrase': {
		put: {
			operationId: 'change-passphrase',
			summary: 'Changes the passphrase; every other device has to sign in again',
			requestBody: sent('NewPassphrase'),
			responses: {
				204: { description: 'Set' },
				409: open,
				429: problem('Too many attempts from there'),
				...badBody
			}
		}
	}
};
