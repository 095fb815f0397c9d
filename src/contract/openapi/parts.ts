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

/** A question that is answered by a computation. */
export const computed = (
	operationId: string,
	summary: string,
	asked: string,
	given: string,
	ofBag?: string
) => ({
	post: {
		operationId,
		summary,
		requestBody: { required: true, content: json(ofBag ? { anyOf: [ref(asked), ref(ofBag)] } : ref(asked)) },
		responses: {
			200: answer(summary, ref(given)),
			503: problem('Takes too long, or the program is busy'),
			...badBody
		}
	}
});
