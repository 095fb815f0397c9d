import { pictureTypes, writtenTypes } from '../pictures';

/** Parts that many addresses of the description share. */

export const ref = (schema: string) => ({ $ref: `#/components/schemas/${schema}` });
export const json = (schema: object) => ({ 'application/json': { schema } });
export const answer = (description: string, schema: object) => ({ description, content: json(schema) });
export const problem = (description: string) => answer(description, ref('Problem'));

export const badBody = {
	400: problem('Not JSON'),
	413: problem('Larger than 256 KiB'),
	415: problem('Not sent as JSON'),
	422: problem('Every problem, each with the path of its field; nothing was stored')
};

export const id = { name: 'id', in: 'path', required: true, schema: { type: 'string', format: 'uuid' } };
export const bytes = (...types: string[]) =>
	Object.fromEntries(types.map((type) => [type, { schema: { type: 'string', format: 'binary' } }]));
export const aScan = bytes(...writtenTypes);
export const aPicture = bytes(...pictureTypes);
export const owner = (name: string) => ({ name, in: 'query', schema: { type: 'string', format: 'uuid' } });
