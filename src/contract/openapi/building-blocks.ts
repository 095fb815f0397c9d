/** Building blocks of JSON Schemas. */

export type Schema = Readonly<Record<string, unknown>>;

export const number = (minimum: number, maximum: number, description?: string): Schema => ({
	type: 'number',
	minimum,
	maximum,
	...(description ? { description } : {})
});
export const above = (exclusiveMinimum: number, maximum: number, description?: string): Schema => ({
	type: 'number',
	exclusiveMinimum,
	maximum,
	...(description ? { description } : {})
});
export const text = (maxLength: number): Schema => ({ type: 'string', maxLength });
export const name: Schema = { type: 'string', minLength: 1, maxLength: 80, pattern: '\\S' };
export const flag: Schema = { type: 'boolean' };
export const one = (value: string): Schema => ({ type: 'string', const: value });
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
export const metres = number(0.01, 100_000, 'm');
export const speed = number(0.1, 1_000_000, 'ISO, arithmetic');
export const stops = (most: number) => number(-most, most, 'stops');
export const doubt = number(0, 10, 'one standard deviation, stops');
export const ev = number(-20, 30, 'EV at ISO 100');
export const marks = (items: Schema) => list(items, 1, { uniqueItems: true });
export const pair = (items: Schema): Schema => ({ type: 'array', items, minItems: 2, maxItems: 2 });
export const kinds = (...variants: Schema[]): Schema => ({ oneOf: variants });
export const placeOnEarth = {
	latitude: number(-90, 90, 'degrees, + north'),
	longitude: number(-180, 180, 'degrees, + east')
};
