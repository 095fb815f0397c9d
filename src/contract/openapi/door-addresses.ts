import { list, object, orNull, ref as refer } from './building-blocks';
import { answer, badBody, id, json, problem, ref } from './parts';

/** Who is let in, in the addresses: of use where the program is opened to others. */

const open = problem('Nobody has to sign in here: only this machine is let in');
const owners = problem('Not the owner');
const one = problem('One person’s records are here');
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
			closed: { type: 'boolean', description: 'whether who asks has to be let in at all' },
			lan: { type: 'boolean' },
			safe: { type: 'boolean', description: 'whether nobody can listen to what is said' },
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
			name: { ...line, description: 'empty where the owner was never asked' },
			owner: { type: 'boolean' },
			begun: { type: 'boolean', description: 'whether a passphrase is chosen' },
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
	Token: object({ id: uuid, token: { ...line, description: 'shown this once' } }, ['id', 'token'])
};

const gone = { 204: { description: 'Gone' }, 404: problem('Not there'), 409: open };
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
			summary: 'How others come in, and who is in',
			responses: { 200: answer('It', ref('Door')) }
		}
	},
	'/api/session': {
		post: {
			operationId: 'sign-in',
			summary: 'Signs a device in: its cookie comes with the answer',
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
			summary: 'Signs out the device that asks',
			responses: { 204: { description: 'It is out' } }
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
			responses: { 201: answer('It', ref('Token')), 409: open, ...badBody }
		}
	},
	'/api/tokens/{id}': onePass('end-token', 'Ends a token'),
	'/api/pairing': {
		post: {
			operationId: 'create-pairing-code',
			summary: 'Makes a code that pairs one phone, once and within five minutes',
			responses: { 201: answer('It', ref('Pairing')), 409: problem('It is not opened to a network') }
		}
	},
	'/api/people': {
		get: {
			operationId: 'list-people',
			summary: 'Who has records here, each their own; for the owner alone',
			responses: { 200: answer('They', ref('People')), 403: owners, 409: one }
		},
		post: {
			operationId: 'create-person',
			summary: 'Lets somebody have records here: by an invitation, once and within a day',
			requestBody: sent('NewPerson'),
			responses: { 201: answer('It', ref('Invitation')), 403: owners, 409: one, ...badBody }
		}
	},
	'/api/people/{id}': {
		parameters: [id],
		put: {
			operationId: 'rename-person',
			summary: 'Calls somebody otherwise',
			requestBody: sent('NewPerson'),
			responses: {
				200: answer('They', ref('Person')),
				403: owners,
				404: problem('Not there'),
				409: one,
				...badBody
			}
		},
		delete: {
			operationId: 'remove-person',
			summary: 'Lets somebody in no more; their records stay in the folder of the data',
			responses: {
				204: { description: 'Gone' },
				403: owners,
				404: problem('Not there'),
				409: problem('The owner stays')
			}
		}
	},
	'/api/people/{id}/invitation': {
		parameters: [id],
		post: {
			operationId: 'invite-person',
			summary: 'Another invitation, for who forgot the passphrase',
			responses: {
				201: answer('It', ref('Invitation')),
				403: owners,
				404: problem('Not there'),
				409: one
			}
		}
	},
	'/api/passphrase': {
		put: {
			operationId: 'change-passphrase',
			summary: 'Sets another passphrase; every other device signs in again',
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
