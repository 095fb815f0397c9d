import { componentOf } from './component-of';
import { FORM, FORMAT } from '../archive-form';
import { openapi } from './document';

const stored = {
	type: 'object',
	properties: { id: { type: 'string', format: 'uuid' }, version: { type: 'integer', minimum: 1 } },
	required: ['id', 'version']
};
const recordsOf = (component: string) => ({
	type: 'array',
	items: { allOf: [stored, { $ref: `#/components/schemas/${component}` }] }
});

/** What records.json of an archive holds: JSON Schema 2020-12, which stands alone. */
export const archiveSchema = {
	$schema: 'https://json-schema.org/draft/2020-12/schema',
	title: 'Everything of one logbook',
	type: 'object',
	properties: {
		format: { const: FORMAT },
		form: { const: FORM },
		program: { type: 'string' },
		made: { type: 'string', format: 'date-time' },
		records: {
			type: 'object',
			properties: Object.fromEntries(
				Object.entries(componentOf).map(([kind, component]) => [kind, recordsOf(component)])
			),
			required: Object.keys(componentOf)
		},
		pictures: {
			type: 'array',
			items: {
				type: 'object',
				properties: {
					id: { type: 'string', format: 'uuid' },
					name: { type: 'string' },
					type: { type: 'string' },
					width: { type: 'integer' },
					height: { type: 'integer' },
					addedAt: { type: 'string', format: 'date-time' },
					owner: { enum: ['frame', 'camera'] },
					ownerId: { type: 'string', format: 'uuid' },
					file: { type: 'string', description: 'its path in the zip' }
				},
				required: ['id', 'name', 'type', 'width', 'height', 'addedAt', 'owner', 'ownerId', 'file']
			}
		}
	},
	required: ['format', 'form', 'program', 'made', 'records', 'pictures'],
	components: openapi.components
};
