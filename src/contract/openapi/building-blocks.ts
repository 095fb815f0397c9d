/** Building blocks of JSON Schemas. */

export type Schema = Readonly<Record<string, unknown>>;

export const number = (minimum: number, maximum: number, description?: string): Schema => ({
	type: 'number',
	minimum,
	maximum,
	...(description ? { description } : {})
});
export const text = (maxLength: number): Schema => ({ type: 'string', maxLength });
export const oneOf = (...values: readonly string[]): Schema => ({ type: 'string', enum: values });
export const list = (items: Schema, minItems = 0, more: Schema = {}): Schema => ({
	type: 'array',
	items,
	minItems,
	maxItems: 64,
	...more
});
export const object = (properties: Record<string, Schema>, required: readonly string[] = []): Schema => ({
	type: 'object',
	properties,
	required
});
export const orNull = (schema: Schema): Schema => ({ anyOf: [schema, { type: 'null' }] });
export const ref = (schema: string): Schema => ({ $ref: `#/components/schemas/${schema}` });

export const fNumber = number(0.5, 1000, 'f-number');
export const seconds = number(1e-6, 86_400, 's');
export const doubt = number(0, 10, 'one standard deviation, stops');
export const ev = number(-20, 30, 'EV at ISO 100');
export const pair = (items: Schema): Schema => ({ type: 'array', items, minItems: 2, maxItems: 2 });
