import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../tests/fixtures/automatic';
import { colourNegative400, fixedCamera } from '../../tests/fixtures/bag';
import { hostileBody, nastyValues, soundRecords, spoiledAt, pathsIn } from '../../tests/fixtures/hostile';
import { checkEye, checkOpening } from './bench';
import { checkCompare } from './compare';
import { mostItems } from './known';
import { learnRequestSchema } from './learn';
import { checkMatchRequest, checkReachRequest } from './match-request';
import { checkPlanRequest, checkYearRequest } from './plan';
import { placeRecordSchema, loadRecordSchema, recordSchemas } from './records';
import { rigSchema } from './rigs';
import { checkSpeedRequest } from './speed';
import { check, DEEPEST, type Checked } from './validate';
import { checkWhatIf } from './what-if';

const bySchema = { ...recordSchemas, learn: learnRequestSchema, rig: rigSchema };

/** Everything that is checked before it is kept or worked out. */
const checks: Record<string, (value: unknown) => Checked<unknown>> = {
	match: checkMatchRequest,
	reach: checkReachRequest,
	speed: checkSpeedRequest,
	whatIf: checkWhatIf,
	compare: checkCompare,
	plan: checkPlanRequest,
	year: checkYearRequest,
	opening: checkOpening,
	eye: checkEye,
	...Object.fromEntries(
		Object.entries(bySchema).map(([kind, schema]) => [
			kind,
			(value: unknown) => check(schema, value, 'refuse')
		])
	)
};

describe('whatever comes in', () => {
	it.each(Object.entries(soundRecords))('as %s, sound, is taken', (kind, records) => {
		for (const record of records)
			expect(checks[kind](record), JSON.stringify(record)).toMatchObject({ ok: true });
	});

	it.each(Object.entries(soundRecords))(
		'as %s is checked with anything in any place, and nothing throws',
		(kind, records) => {
			for (const record of records)
				for (const path of pathsIn(record))
					for (const value of nastyValues) {
						const checked = checks[kind](spoiledAt(record, path, value));
						if (!checked.ok) expect(checked.issues.length).toBeGreaterThan(0);
					}
		}
	);

	it('is checked without throwing, of three thousand bodies', () => {
		const kinds = Object.keys(checks);
		fc.assert(
			fc.property(hostileBody, fc.constantFrom(...kinds), (text, kind) => {
				let body: unknown;
				try {
					body = JSON.parse(text);
				} catch {
					return;
				}
				checks[kind](body);
			}),
			{ numRuns: 3000 }
		);
	});

	it('nests no deeper than it may, and is not looked into where it does', () => {
		let deep: unknown = {};
		for (let level = 0; level < 5000; level++) deep = { a: deep };
		for (const ask of Object.values(checks)) {
			expect(ask({ note: deep })).toEqual({
				ok: false,
				issues: [{ path: '', message: `nests deeper than ${DEEPEST} levels` }]
			});
		}
	});

	const many = (item: unknown) => Array.from({ length: 85_000 }, () => item);
	const some = (kind: string) => soundRecords[kind][0] as Record<string, unknown>;

	it.each<[string, object, string]>([
		['outings', { ...some('outings'), scenes: many({}) }, 'scenes'],
		['match', { ...some('match'), bag: { films: many({}) } }, 'bag.films'],
		['match', { ...some('match'), camera: { ...fixedCamera(), positions: many({}) } }, 'camera.positions'],
		['learn', { ...some('learn'), frames: many({}) }, 'frames'],
		['recipes', { ...some('recipes'), times: many(null) }, 'times'],
		['frames', { ...some('frames'), predicted: { spoilers: many({}) } }, 'predicted.spoilers'],
		['frames', { ...some('frames'), predicted: { secondsRange: many({}) } }, 'predicted.secondsRange'],
		['plan', { ...some('plan'), sky: many({}) }, 'sky'],
		[
			'readings',
			{ ...some('readings'), light: { method: 'combined', readings: many({}) } },
			'light.readings'
		],
		['loads', { ...some('loads'), unknown: many({}) }, 'unknown']
	])(
		'as %s with a list far too long says so, and looks at no more items than it may hold',
		(kind, body, path) => {
			const checked = checks[kind](body);
			expect(checked.ok).toBe(false);
			const issues = checked.ok ? [] : checked.issues;
			expect(issues.map((issue) => issue.path)).toContain(path);
			// Two problems at each of 85,000 items took 10 to 25 seconds to write down.
			expect(issues.length).toBeLessThanOrEqual(100);
		}
	);

	it.each(Object.entries(bySchema))('as %s has no list without a bound', (_, schema) => {
		const lists = (here: unknown): unknown[] => {
			const { type, innerType, fields } = here as { type: string; innerType?: unknown; fields?: object };
			const inside = [...(innerType ? [innerType] : []), ...Object.values(fields ?? {})];
			return [...(type === 'array' ? [here] : []), ...inside.flatMap(lists)];
		};
		for (const list of lists(schema)) expect(mostItems(list as never)).toBeLessThanOrEqual(1000);
	});

	it.each([
		{ darken: 0, lighten: 4e9, step: 1 },
		{ darken: 0, lighten: 1e8, step: 1 },
		{ darken: -1, lighten: 1, step: 0 },
		{ darken: -1, lighten: 1, step: 1e-6 },
		{ darken: -1, lighten: 1, step: -1 },
		{ darken: 1e308, lighten: -1e308, step: 5e-324 }
	])('as a wheel of %o is counted before it is listed', (compensation) => {
		const camera = foldingInstant();
		const exposure = { ...camera.exposure, compensation };
		const asked = { camera: { ...camera, exposure }, film: colourNegative400, light: { ev: 12 } };
		const checked = checkMatchRequest(asked);
		const paths = checked.ok ? [] : checked.issues.map(({ path }) => path);
		expect(paths.some((path) => path.startsWith('camera.exposure.compensation'))).toBe(true);
	});

	it.each(['a\u0000b', 'bell\u0007', 'two\nlines', '\ud800', 'half \udc00'])(
		'as a name, %j is refused',
		(name) => {
			const checked = check(placeRecordSchema, { ...some('places'), name });
			expect(checked).toMatchObject({ ok: false, issues: [{ path: 'name' }] });
		}
	);

	it('keeps lines in notes, and whole characters beyond the first plane', () => {
		const note = 'Two lines\n\tand a lamp 💡';
		expect(check(loadRecordSchema, { ...some('loads'), note })).toMatchObject({ ok: true });
		expect(check(placeRecordSchema, { ...some('places'), name: 'Quay 💡' })).toMatchObject({ ok: true });
	});
});
