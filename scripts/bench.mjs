// Measures what a finger feels. Times differ from machine to machine; the ratios within one run do not.
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { createServer } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { chromium as browserType } from '@playwright/test';
import autocannon from 'autocannon';
import Database from 'better-sqlite3';
import { measureCount } from './bench/count.mjs';
import { eightLoaded } from './bench/eight-loaded.mjs';
import { measureOpening } from './bench/opening.mjs';
import { measureScale } from './bench/scale.mjs';
import { load } from './bundled.mjs';
import { serveApart } from './serve-apart.mjs';
import { opened } from './settled.mjs';
import { build, chromium, chromiumFlags, install, main } from './steps.mjs';

const FRAME_MS = 1000 / 60;
const LOOK_MS = 2000;
const MICROSECONDS = 1000;

const row = (what, value, ratio = '') => console.log(`${what.padEnd(80)} ${value.padStart(12)}  ${ratio}`);
const microseconds = (ms) => `${(ms * MICROSECONDS).toFixed(1)} µs`;

async function core(folder) {
	const { measureDrag } = await load('bench', 'drag', folder);
	const { lanes, settings, step, plain } = measureDrag();
	row(`Exposure equation alone, ${settings.toFixed(0)} settings, p95`, microseconds(plain), '1');
	row(
		`A drag step over ${lanes} lanes in the core, p95`,
		microseconds(step),
		`${(step / plain).toFixed(0)} × the equation alone`
	);
}

async function recording(folder) {
	const { writeLongRecording } = await load('bench', 'recording', folder);
	const wav = join(folder, 'long.wav');
	writeLongRecording(wav);
	const script = `import { measureRecording } from ${JSON.stringify(pathToFileURL(join(folder, 'recording.js')).href)};
		console.log(JSON.stringify(measureRecording(${JSON.stringify(wav)})));`;
	const child = spawnSync(process.execPath, ['--input-type=module', '-e', script], { encoding: 'utf8' });
	const { minutes, firings, seconds, once, megabytes } = JSON.parse(child.stdout);
	row(`Looking once at ${minutes} minutes of 96 kHz`, `${once.toFixed(2)} s`, '1');
	row(
		`Reading them and finding ${firings} firings, ${megabytes.toFixed(0)} MB at most`,
		`${seconds.toFixed(2)} s`,
		`${(seconds / once).toFixed(0)} × looking once`
	);
}

async function remedies(folder) {
	const { measureRemedies } = await load('bench', 'remedies', folder);
	const { settings, remedies: found, whole, one, least } = measureRemedies();
	row(`One setting worked out, of ${settings}`, microseconds(one), '1');
	row(
		`A match with ${found} remedies from 12 filters, 12 films, pairs`,
		`${whole.toFixed(1)} ms`,
		`${(whole / (one * least)).toFixed(1)} × the ${least} outcomes of single changes`
	);
}

/** A long log replayed, beside as many matches. */
async function replay(folder) {
	const { measureReplay } = await load('bench', 'replay', folder);
	const { frames, ways, whole, matches } = measureReplay();
	row(`${frames * ways} matches`, `${(matches / 1000).toFixed(2)} s`, '1');
	row(
		`${frames} frames replayed ${ways} ways`,
		`${(whole / 1000).toFixed(2)} s`,
		`${(whole / matches).toFixed(1)} × as many matches`
	);
}

/** Ways of using a camera over a year, beside the year of one of them. */
async function compare(folder) {
	const { measureCompare } = await load('bench', 'compare', folder);
	const { ways, one, all } = measureCompare();
	row('A year of one camera and film, the sun known', `${one.toFixed(0)} ms`, '1');
	row(`${ways} ways compared over it`, `${all.toFixed(0)} ms`, `${(all / one).toFixed(1)} × the one`);
}

/** Requests a second that an address answers to a body. */
async function throughput(url, body) {
	const { requests, non2xx } = await autocannon({
		url,
		method: 'POST',
		body,
		headers: { 'content-type': 'application/json' },
		connections: 8,
		duration: 4
	});
	if (non2xx > 0) throw new Error(`${url} refused ${non2xx} requests`);
	return requests.average;
}

const asked = JSON.stringify({
	camera: {
		name: 'Tin Box',
		frame: { width: 57, height: 83 },
		focalLength: 105,
		focus: { kind: 'fixed', distance: 6 },
		aperture: { kind: 'fixed', f: 14 },
		shutter: { kind: 'fixed', seconds: 0.025 },
		exposure: { mode: 'manual' }
	},
	film: { name: 'Samphire 125', type: 'bw-negative', iso: 125 },
	light: { ev: 13 }
});

async function api(folder) {
	const echo = createServer((request, response) => request.pipe(response));
	await new Promise((resolve) => echo.listen(0, '127.0.0.1', resolve));
	const server = await serveApart({ data: join(folder, 'api') });
	try {
		const bare = await throughput(`http://127.0.0.1:${echo.address().port}`, asked);
		const matches = await throughput(`${server.address}/api/match`, asked);
		row('A bare HTTP echo, requests a second', bare.toFixed(0), '1');
		row('/api/match, requests a second', matches.toFixed(0), `${(matches / bare).toFixed(2)} of the echo`);
	} finally {
		echo.close();
		await server.stop();
	}
}

/** Moves the light across the whole line and back on the real page, third by third, and times each until it is laid out. */
const dragOnPage = async (crossings) => {
	const slider = document.querySelector('[role=slider]');
	const press = (key) =>
		slider.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
	press('Home');
	const times = [];
	for (let step = 0; step < crossings * 66; step++) {
		await new Promise((resolve) => requestAnimationFrame(resolve));
		const before = performance.now();
		press(step % 132 < 66 ? 'ArrowRight' : 'ArrowLeft');
		await Promise.resolve();
		document.body.getBoundingClientRect();
		times.push(performance.now() - before);
	}
	return times.sort((a, b) => a - b)[Math.floor(times.length * 0.95)];
};

const PAGES = 12;

/** Median time in which an address answers in full, ms. */
async function answering(url) {
	const times = [];
	for (let turn = 0; turn < PAGES; turn++) {
		const before = performance.now();
		const answer = await fetch(url);
		await answer.text();
		if (!answer.ok) throw new Error(`${url} answered ${answer.status}`);
		times.push(performance.now() - before);
	}
	return times.sort((a, b) => a - b)[PAGES / 2];
}

/** Time from asking for a page to seeing what it is for, ms. */
async function seeing(browser, url, what) {
	const here = await browser.newPage({ viewport: { width: 1280, height: 800 } });
	const before = performance.now();
	await here.goto(url, { waitUntil: 'commit' });
	await here.locator(what).first().waitFor();
	const took = performance.now() - before;
	await here.close();
	return took;
}

/** Fifty thousand frames: a page of all of them, and the strip of a long load. */
async function frames(folder) {
	const { plantFrames, bareSql } = await load('bench', 'frames', folder);
	const data = join(folder, 'many');
	const start = () => serveApart({ data });
	const first = await start();
	const matched = await fetch(`${first.address}/api/match`, {
		method: 'POST',
		body: asked,
		headers: { 'content-type': 'application/json' }
	});
	const { best } = await matched.json();
	await first.stop();
	const { camera, film } = JSON.parse(asked);
	const database = new Database(join(data, 'just-enough.sqlite'));
	const planted = plantFrames(database, camera, film, best);
	const bare = bareSql(database, planted);
	database.close();
	const server = await start();
	const browser = await browserType.launch({ executablePath: chromium(), args: chromiumFlags });
	try {
		const list = `${server.address}/frames/all?order=newest`;
		const strip = `${server.address}/frames?load=${planted.longId}`;
		for (const [what, url, sql, seen] of [
			['list, a page of 50', list, bare.list, 'tbody tr'],
			['strip of a load of 1000', strip, bare.strip, '.strip li']
		]) {
			row(`Of ${planted.total} frames the ${what}: bare SQL`, `${sql.toFixed(1)} ms`, '1');
			const answered = await answering(url);
			row(
				`… its page from the server`,
				`${answered.toFixed(0)} ms`,
				`${(answered / sql).toFixed(0)} × the SQL`
			);
			const shown = await seeing(browser, url, seen);
			row(`… seen in Chromium`, `${shown.toFixed(0)} ms`, `${(shown / sql).toFixed(0)} × the SQL`);
		}
	} finally {
		await browser.close();
		await server.stop();
	}
}

/** Longest time for which a page did not answer while it waited for something, ms, and how long that took. */
const waiting = async (what) => {
	const begun = performance.now();
	let [last, longest] = [begun, 0];
	while (!document.querySelector(what)) {
		await new Promise((resolve) => requestAnimationFrame(resolve));
		const now = performance.now();
		[longest, last] = [Math.max(longest, now - last), now];
	}
	return { took: performance.now() - begun, longest };
};

/** A year and a packing: in the core, and in a worker with the page answering. */
async function plans(folder) {
	const { measureYear, measurePacking, largeBag } = await load('bench', 'plan', folder);
	const { positions, pairs, bare, whole } = measureYear();
	row(`${positions} bare sun positions: a year at 5 minutes`, `${bare.toFixed(0)} ms`, '1');
	row(
		`The year of ${pairs} cameras and films`,
		`${whole.toFixed(0)} ms`,
		`${(whole / bare).toFixed(2)} × the positions`
	);
	const packing = measurePacking();
	row('12 cameras × 20 films × 20 scenes matched once', `${packing.bare.toFixed(0)} ms`, '1');
	row(
		`The smallest of their sets with 12 filters and a support: ${packing.things} things`,
		`${packing.whole.toFixed(0)} ms`,
		`${(packing.whole / packing.bare).toFixed(1)} × one match each`
	);
	const server = await serveApart({ data: join(folder, 'plans') });
	const browser = await browserType.launch({ executablePath: chromium(), args: chromiumFlags });
	try {
		const here = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: server.address });
		const keep = async (kind, data) => {
			const answer = await here.request.post(`/api/${kind}`, { data });
			if (!answer.ok()) throw new Error(await answer.text());
			return (await answer.json()).id;
		};
		for (const camera of largeBag.cameras) await keep('cameras', camera);
		for (const film of largeBag.films) await keep('films', film);
		for (const filter of largeBag.filters) await keep('gear', { type: 'filter', ...filter });
		await keep('gear', { type: 'support', name: 'Tripod' });
		const where = { name: 'Hollin Holm', latitude: 54.62, longitude: -4.21 };
		await keep('places', where);
		const scenes = largeBag.scenes.map((scene) => ({ id: randomUUID(), ...scene }));
		const id = await keep('outings', { name: 'Everything', date: '2026-05-02', where, scenes });
		for (const [what, path, begun, seen] of [
			['The packing', `/plan/outings/${id}`, 'progress', '.carried'],
			['The year of 20 films', '/plan/year', '[aria-busy=true]', '.films tbody']
		]) {
			await here.goto(path, { waitUntil: 'load' });
			await here.locator(begun).waitFor();
			const { took, longest } = await here.evaluate(waiting, seen);
			row(
				`${what} in a worker, begun to seen`,
				`${took.toFixed(0)} ms`,
				`its page still for ${longest.toFixed(0)} ms at most`
			);
		}
	} finally {
		await browser.close();
		await server.stop();
	}
}

async function page(folder) {
	const server = await serveApart({ data: join(folder, 'data'), demo: true });
	const browser = await browserType.launch({ executablePath: chromium(), args: chromiumFlags });
	try {
		const here = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: server.address });
		await eightLoaded(here.request);
		await opened(here, '/');
		await here.getByRole('button', { name: /^Wedge/ }).click();
		await here.locator('.remedy').first().waitFor();
		const lanes = await here.locator('.lane').count();
		// Whoever drags has looked first.
		await here.waitForTimeout(LOOK_MS);
		const show = (when, p95) =>
			row(
				`A drag step over ${lanes} lanes and remedies in Chromium, p95 ${when}`,
				`${p95.toFixed(1)} ms`,
				`${(p95 / FRAME_MS).toFixed(2)} of a frame`
			);
		show('the first time', await here.evaluate(dragOnPage, 2));
		show('from then on', await here.evaluate(dragOnPage, 6));
	} finally {
		await browser.close();
		await server.stop();
	}
}

await main(async () => {
	install();
	build();
	const folder = mkdtempSync(join(tmpdir(), 'just-enough-bench-'));
	try {
		await recording(folder);
		await core(folder);
		await remedies(folder);
		await replay(folder);
		await compare(folder);
		await plans(folder);
		await api(folder);
		await page(folder);
		await measureOpening(folder, row);
		for (const [what, value, ratio] of await measureCount(folder)) row(what, value, ratio);
		await frames(folder);
		await measureScale(row);
	} finally {
		rmSync(folder, { recursive: true, force: true });
	}
});
