import fc from 'fast-check';
import { fork } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { Agent, request } from 'node:http';
import { fileURLToPath } from 'node:url';
import { deflateSync } from 'node:zlib';
import { writeWav } from '../../src/core/bench';
import { colourNegative400, fixedCamera } from '../fixtures/bag';
import { hostileBody, onceHarmful } from '../fixtures/hostile';
import { pngChunk, pngHeader, pngSignature } from '../fixtures/png';
import { expect, loadCamera, test } from './app';

test.setTimeout(1_800_000);

/** How many; `HOSTILE=30000 npx playwright test hostile` sends as many and holds health to its time. */
const BODIES = Number(process.env.HOSTILE ?? 1500);
const MEASURED = process.env.HOSTILE !== undefined;
const AT_ONCE = 16;

const paths = [
	'match',
	'reach',
	'speed',
	'whatif',
	'compare',
	'light',
	'places',
	'recipes',
	'exercises',
	'cameras',
	'films',
	'loads',
	'outings',
	'frames',
	'gear',
	'learn',
	'plan',
	'plan/year',
	'readings',
	'measurements',
	'bench/aperture',
	'bench/eye',
	'bench/shutter'
].map((path) => `/api/${path}`);

interface Answer {
	status: number;
	text: string;
}

function post(
	agent: Agent,
	url: string,
	data: string | Uint8Array,
	type = 'application/json'
): Promise<Answer> {
	return new Promise((resolve, reject) => {
		const sent = request(
			url,
			{ method: 'POST', agent, timeout: 60_000, headers: { 'content-type': type } },
			(response) => {
				let text = '';
				response.setEncoding('utf8').on('data', (chunk) => (text += chunk));
				response.on('end', () => resolve({ status: response.statusCode ?? 0, text }));
			}
		);
		sent.on('timeout', () => sent.destroy(new Error(`no answer to ${url} ${String(data.slice(0, 200))}`)));
		sent.on('error', reject);
		sent.end(data);
	});
}

/** Memory of a process that really is in use, MB. */
const residentMegabytes = (pid: number) =>
	Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;

/** Asks for health from another process until it is stopped. */
function watchHealth(address: string) {
	const child = fork(fileURLToPath(new URL('health-watch.mjs', import.meta.url)), [address], {
		stdio: ['ignore', 'pipe', 'inherit', 'ipc']
	});
	let said = '';
	child.stdout!.on('data', (chunk) => (said += chunk));
	const answers = () =>
		said
			.split('\n')
			.filter(Boolean)
			.map((line) => line.split(' ').map(Number) as [status: number, ms: number]);
	return {
		answers,
		stop: async () => {
			child.disconnect();
			await new Promise((resolve) => child.once('exit', resolve));
			return answers();
		}
	};
}

const noServerError = ({ status, text }: Answer, what: string) => {
	// Too much is refused with a word, and that is an answer. (Plain conditions: thirty thousand `expect` take longer than the server.)
	if (status >= 500 && status !== 503) throw new Error(`${status} for ${what}: ${text}`);
	const odd = /\bat .+:\d+:\d+\)|[:,[](NaN|-?Infinity)/.exec(text);
	if (odd) throw new Error(`${odd[0]} in the answer to ${what}`);
};

test('malformed and hostile bodies give no 500, no hang, no stack and no growth', async ({ app }) => {
	const bodies = [...onceHarmful, ...fc.sample(hostileBody, { numRuns: BODIES, seed: 20261127 })];
	const agent = new Agent({ keepAlive: true, maxSockets: AT_ONCE });
	const health = watchHealth(app.address);
	const seen = new Map<number, number>();
	let next = 0;
	let settled = 0;
	const worker = async () => {
		while (next < bodies.length) {
			const index = next++;
			// What once did harm goes to every address.
			const to = index < onceHarmful.length ? paths : [paths[index % paths.length]];
			for (const path of to) {
				const answer = await post(agent, app.address + path, bodies[index]);
				seen.set(answer.status, (seen.get(answer.status) ?? 0) + 1);
				noServerError(answer, `${path} ${bodies[index].slice(0, 1500)}`);
			}
			if (index === Math.floor(bodies.length / 2)) settled = residentMegabytes(app.pid);
		}
	};
	await Promise.all(Array.from({ length: AT_ONCE }, worker));
	agent.destroy();
	const answers = await health.stop();
	expect(answers.filter(([status]) => status !== 200)).toEqual([]);
	if (MEASURED) {
		const times = answers.map(([, ms]) => ms).sort((a, b) => a - b);
		const p99 = times[Math.floor(times.length * 0.99)];
		console.log(
			`${bodies.length} bodies: health of ${times.length}, p99 ${p99} ms, ${[...seen].join(' · ')}`
		);
		expect(p99).toBeLessThan(100);
	}
	expect(seen.get(422) ?? 0).toBeGreaterThan(BODIES / 3);
	expect(seen.get(400) ?? 0).toBeGreaterThan(BODIES / 50);
	// The second half may not need noticeably more than the first: what is asked is not kept.
	expect(residentMegabytes(app.pid)).toBeLessThan(settled * 1.25 + 40);
});

const many = <T>(count: number, make: (at: number) => T) =>
	Array.from({ length: count }, (_, at) => make(at));

/** A camera that can be set in many ways. */
const setInManyWays = (marks: number) =>
	fixedCamera({
		aperture: { kind: 'stops', f: many(marks, (at) => 1 + at / 4) },
		shutter: { kind: 'speeds', seconds: many(marks, (at) => 1 / (1 + at * 8)) }
	});

const day = (marks: number) =>
	JSON.stringify({
		camera: setInManyWays(marks),
		film: colourNegative400,
		place: { latitude: 54, longitude: -4 },
		date: '2026-05-02',
		sky: 'clear',
		subject: 'facing'
	});

test('what takes long is worked out beside the server, which goes on answering', async ({
	app,
	request: api
}) => {
	const agent = new Agent({ keepAlive: true });
	const { cameraId } = await loadCamera(api);
	const bag = {
		filters: many(64, (at) => ({ name: `ND ${at}`, stops: at / 8 })),
		films: many(64, (at) => ({ ...colourNegative400, name: `Film ${at}`, iso: 25 + at * 20 }))
	};
	const match = { camera: setInManyWays(64), film: colourNegative400, light: { ev: 3 }, bag };
	const flicker = Float32Array.from({ length: 4_000_000 }, (_, at) => (Math.floor(at / 20) % 2 ? 0.5 : 0));
	const text = pngChunk(
		'zTXt',
		Buffer.concat([Buffer.from('a\0\0'), deflateSync(Buffer.alloc(7 * 1024 ** 2))])
	);
	const texts = Buffer.concat([pngSignature, pngHeader(2, 2), ...many(200, () => text)]);
	for (const [what, path, data, type] of [
		['a day for a thousand settings', '/api/plan', day(30), 'application/json'],
		['a match of everything', '/api/match', JSON.stringify(match), 'application/json'],
		[
			'a lamp that flickers',
			'/api/bench/shutter',
			new Uint8Array(writeWav({ samples: flicker, sampleRate: 4000 })),
			'audio/wav'
		],
		['200 packed texts', `/api/pictures?camera=${cameraId}&name=a.png`, texts, 'image/png']
	] as const) {
		const health = watchHealth(app.address);
		await expect.poll(() => health.answers().length).toBeGreaterThan(0);
		const before = health.answers().length;
		const answer = await post(agent, app.address + path, data, type);
		noServerError(answer, what);
		const answers = await health.stop();
		expect(
			answers.filter(([status]) => status !== 200),
			what
		).toEqual([]);
		if (answer.text.length > 100_000) expect(answers.length, what).toBeGreaterThan(before + 2);
	}
	agent.destroy();
});

test('more than can be worked out is refused in words', async ({ app }) => {
	const agent = new Agent();
	const answer = await post(agent, `${app.address}/api/plan`, day(64));
	expect(answer.status).toBe(422);
	expect(answer.text).toContain('too many for a day');
});
