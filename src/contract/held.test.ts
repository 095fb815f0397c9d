import { array, mixed, number, object, string, type InferType } from 'yup';
import { describe, expect, it } from 'vitest';
import { held, is, tagged } from './held';
import { frameRecordSchema, recordSchemas, type FrameRecord, type Records } from './records';
import { check } from './validate';

/**
 * What does not compile is the test here: a line that TypeScript would take is an error by the directive
 * above it, and fails the check of types.
 */

interface Opening {
	f: number;
	mark: 'sun' | 'cloud';
	label?: string;
	seconds: number | null;
	pair: [number, number];
}

const mark = () => string<Opening['mark']>().required().oneOf(['sun', 'cloud']);
const pair = () => mixed<[number, number]>().required();
const sound = {
	f: number().required(),
	mark: mark(),
	label: string(),
	seconds: number().required().nullable(),
	pair: pair()
};
const { label: _label, ...unlabelled } = sound;

const heldTo = held<Opening>();

describe('a schema that is held to its type', () => {
	it('is the same schema', () => {
		const schema = object(sound);
		expect(heldTo(schema)).toBe(schema);
	});

	it('does not compile where it says something else', () => {
		const refused = [
			// @ts-expect-error -- a field is missing
			() => heldTo(object(unlabelled)),
			// @ts-expect-error -- a field is left over
			() => heldTo(object({ ...sound, more: string() })),
			// @ts-expect-error -- a field is wider
			() => heldTo(object({ ...sound, mark: string().required() })),
			// @ts-expect-error -- a field is narrower
			() => heldTo(object({ ...sound, mark: is('sun') })),
			// @ts-expect-error -- a field may be left out that may not
			() => heldTo(object({ ...sound, f: number() })),
			// @ts-expect-error -- a field may not be left out that may
			() => heldTo(object({ ...sound, label: string().required() })),
			// @ts-expect-error -- a field may be null that may not
			() => heldTo(object({ ...sound, f: number().required().nullable() })),
			// @ts-expect-error -- a field may not be null that may
			() => heldTo(object({ ...sound, seconds: number().required() })),
			// @ts-expect-error -- a field is of another kind
			() => heldTo(object({ ...sound, f: string().required() })),
			// @ts-expect-error -- any number of items where there are two
			() => heldTo(object({ ...sound, pair: array(number().required()).required() }))
		];
		expect(refused.every((build) => typeof build === 'function')).toBe(true);
	});
});

type Shutter = { kind: 'fixed'; seconds: number } | { kind: 'speeds'; seconds: number[] };
const fixed = () => object({ kind: is('fixed'), seconds: number().required() });
const speeds = () => object({ kind: is('speeds'), seconds: array(number().required()).required() });

describe('a choice that is held to its union', () => {
	const shutter = object({ shutter: tagged<Shutter>()('kind', { fixed, speeds }) });

	it('takes each member as its own', () => {
		const one = { shutter: { kind: 'fixed', seconds: 1 } };
		const many = { shutter: { kind: 'speeds', seconds: [1, 2] } };
		for (const value of [one, many]) expect(check(shutter, value)).toEqual({ ok: true, value });
		expect(check(shutter, { shutter: { kind: 'fixed', seconds: [1] } })).toMatchObject({ ok: false });
		expect(check(shutter, { shutter: { kind: 'bulb' } })).toEqual({
			ok: false,
			issues: [{ path: 'shutter.kind', message: 'must be one of: fixed, speeds' }]
		});
	});

	it('does not compile where a member is missing or another’s', () => {
		const refused = [
			// @ts-expect-error -- a member is missing
			() => tagged<Shutter>()('kind', { fixed }),
			// @ts-expect-error -- a member has the shape of another
			() => tagged<Shutter>()('kind', { fixed, speeds: fixed }),
			// @ts-expect-error -- a member lacks what it has
			() => tagged<Shutter>()('kind', { fixed: () => object({ kind: is('fixed') }), speeds })
		];
		expect(refused).toHaveLength(3);
	});
});

describe('the records', () => {
	it('are just what their schemas infer', () => {
		const frame: FrameRecord = {} as InferType<typeof frameRecordSchema>;
		const same: Records['frames'] = frame;
		// @ts-expect-error -- a frame is no load
		const other: Records['loads'] = frame;
		expect([same, other]).toHaveLength(2);
		expect(Object.keys(recordSchemas)).toHaveLength(12);
	});
});
