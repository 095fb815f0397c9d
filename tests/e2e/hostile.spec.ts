import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { Agent, request } from 'node:http';
import { foldingInstant } from '../fixtures/automatic';
import { colourNegative400, fixedCamera } from '../fixtures/bag';
import { expect, test } from './app';

test.setTimeout(300_000);

const BODIES = 10_000;
const AT_ONCE = 16;

const paths = [
	'/api/match',
	'/api/reach',
	'/api/light',
	'/api/places',
	'/api/recipes',
	'/api/exercises',
	'/api/cameras',
	'/api/films',
	'/api/loads',
	'/api/outings',
	'/api/frames',
	'/api/gear',
	'/api/learn',
	'/api/plan',
	'/api/plan/year',
	'/api/readings'
];
const sound = [
	{
		camera: fixedCamera(),
		film: colourNegative400,
		light: { ev: 12 },
		bag: { tripod: true },
		intent: { seconds: [null, 1] }
	},
	{
		camera: foldingInstant(),
		film: colourNegative400,
		light: { method: 'lamp', reading: { ev: 8 }, from: 2, to: 1 }
	},
	{ method: 'click', seconds: 1, secondsSd: 0.1, f: 8, iso: 100, offset: { stops: 0, sd: 0.3 } },
	{
		method: 'sun',
		latitude: 54,
		longitude: -4,
		at: '2026-05-02T12:00:00+01:00',
		sky: 'clear',
		subject: 'facing'
	},
	{ method: 'combined', readings: [{ ev: 12 }, { method: 'spots', iso: 100, darkest: 8, brightest: 14 }] },
	{
		camera: fixedCamera(),
		film: colourNegative400,
		place: { latitude: 54, longitude: -4 },
		date: '2026-05-02',
		sky: [{ from: '06:00', sky: 'clear' }],
		subject: 'facing',
		stepMinutes: 60
	},
	{ prior: { stops: 0, sd: 0.3 }, frames: [{ predicted: 0, judged: 1, sd: 0.4, setting: 'f/8' }] },
	{ ...fixedCamera(), version: 1 },
	colourNegative400
];

/** Values that programs fall over. */
const nasty = fc.oneof(
	fc.constantFrom(
		null,
		'',
		0,
		-1,
		1e308,
		-1e308,
		5e-324,
		[],
		{},
		'__proto__',
		'constructor',
		'NaN',
		'\u0000',
		'💡'.repeat(50)
	),
	fc.jsonValue({ maxDepth: 3 }),
	fc.constant(Array.from({ length: 65 }, (_, index) => index)),
	fc.constant({ length: 3, then: 1, toString: 2 })
);

/** A sound body with something put in the wrong place, or anything at all. */
const body: fc.Arbitrary<string> = fc.oneof(
	{
		weight: 6,
		arbitrary: fc
			.tuple(fc.constantFrom(...sound), fc.array(fc.nat(12), { minLength: 1, maxLength: 4 }), nasty)
			.map(([base, way, value]) => JSON.stringify(spoiled(structuredClone(base), way, value)))
	},
	{ weight: 2, arbitrary: fc.json({ maxDepth: 4 }) },
	{ weight: 1, arbitrary: fc.string({ maxLength: 200 }) },
	{
		weight: 1,
		arbitrary: fc.constantFrom(
			'',
			'{',
			'[[[[[[',
			'{"__proto__":{"polluted":1}}',
			'['.repeat(5000),
			`{"name":"${'x'.repeat(5000)}"}`
		)
	}
);

function spoiled(base: unknown, way: readonly number[], value: unknown): unknown {
	if (typeof base !== 'object' || base === null || way.length === 0) return value;
	const keys = Object.keys(base);
	if (keys.length === 0) return value;
	const key = keys[way[0] % keys.length];
	(base as Record<string, unknown>)[key] = spoiled(
		(base as Record<string, unknown>)[key],
		way.slice(1),
		value
	);
	return base;
}

function post(
	agent: Agent,
	address: string,
	path: string,
	data: string
): Promise<{ status: number; text: string }> {
	return new Promise((resolve, reject) => {
		const sent = request(
			`${address}${path}`,
			{ method: 'POST', agent, timeout: 20_000, headers: { 'content-type': 'application/json' } },
			(response) => {
				let text = '';
				response.setEncoding('utf8').on('data', (chunk) => (text += chunk));
				response.on('end', () => resolve({ status: response.statusCode ?? 0, text }));
			}
		);
		sent.on('timeout', () => sent.destroy(new Error(`no answer to ${path} ${data.slice(0, 200)}`)));
		sent.on('error', reject);
		sent.end(data);
	});
}

/** Memory of a process that really is in use, MB. */
const residentMegabytes = (pid: number) =>
	Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;

test('ten thousand malformed or hostile bodies give no 500, no hang, no stack and no growth', async ({
	app
}) => {
	const bodies = fc.sample(body, { numRuns: BODIES, seed: 20261124 });
	const agent = new Agent({ keepAlive: true, maxSockets: AT_ONCE });
	const seen = new Map<number, number>();
	let next = 0;
	let settled = 0;
	const worker = async () => {
		while (next < BODIES) {
			const index = next++;
			const path = paths[index % paths.length];
			const { status, text } = await post(agent, app.address, path, bodies[index]);
			seen.set(status, (seen.get(status) ?? 0) + 1);
			expect(status, `${path} ${bodies[index].slice(0, 1500)}`).toBeLessThan(500);
			expect(text).not.toMatch(/\bat .+:\d+:\d+\)|[:,[](NaN|-?Infinity)/);
			if (index === BODIES / 2) settled = residentMegabytes(app.pid);
		}
	};
	await Promise.all(Array.from({ length: AT_ONCE }, worker));
	agent.destroy();
	expect(seen.get(422) ?? 0).toBeGreaterThan(BODIES / 3);
	expect(seen.get(400) ?? 0).toBeGreaterThan(100);
	// The second half may not need noticeably more than the first: what is asked is not kept.
	expect(residentMegabytes(app.pid)).toBeLessThan(settled * 1.25 + 30);
});
