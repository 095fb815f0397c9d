// How fast, reachable and sound each view is on a phone, as Lighthouse sees it: the median of three, with the demo data.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import lighthouse from 'lighthouse';
import { throttling as throttlings } from 'lighthouse/core/config/constants.js';
import { median } from './median.mjs';
import { serveApart } from './serve-apart.mjs';
import { chromium, chromiumFlags, main } from './steps.mjs';

const VIEWS = [
	'/',
	'/plan',
	'/plan/year',
	'/bag',
	'/frames',
	'/frames/all',
	'/develop',
	'/practice',
	'/settings'
];
const TIMES = 3;
/** What is wanted of every view, of 100. */
const WANTED = { performance: 95, accessibility: 100, 'best-practices': 100 };
const kinds = Object.keys(WANTED);

/** A browser that can be looked into, with a profile of its own. */
async function startBrowser(folder) {
	const browser = spawn(
		chromium(),
		[...chromiumFlags, '--remote-debugging-port=0', `--user-data-dir=${folder}`, 'about:blank'],
		{ stdio: ['ignore', 'ignore', 'pipe'] }
	);
	const port = await new Promise((resolve, reject) => {
		let said = '';
		browser.once('exit', () => reject(new Error(`The browser did not start.\n${said}`)));
		browser.stderr.on('data', (chunk) => {
			said += chunk;
			const found = /DevTools listening on ws:[/][/][^:]+:(\d+)/.exec(said);
			if (found) resolve(Number(found[1]));
		});
	});
	return { browser, port };
}

/**
 * How much slower than this machine a middling phone is. Source: the documentation of Lighthouse, Calibrating
 * multipliers (from memory): 4 is for machines that measure 1,500 to 2,000; what measures less is slowed down less.
 */
const slowdownFor = (measured) => Math.min(4, Math.max(1, (4 * measured) / 1750));

/** What this machine measures, the median of as many times. */
async function measureMachine(address, port) {
	const measured = [];
	for (let time = 0; time < TIMES; time++) {
		const { lhr } = await lighthouse(address, { port, onlyAudits: ['doctype'], logLevel: 'silent' });
		measured.push(lhr.environment.benchmarkIndex);
	}
	return median(measured);
}

async function scoresOf(address, { port, throttling }) {
	const { lhr } = await lighthouse(address, { port, throttling, onlyCategories: kinds, logLevel: 'error' });
	return kinds.map((kind) => Math.round((lhr.categories[kind].score ?? 0) * 100));
}

await main(async () => {
	const folder = mkdtempSync(join(tmpdir(), 'just-enough-lighthouse-'));
	const server = await serveApart({ data: join(folder, 'data'), demo: true });
	const { browser, port } = await startBrowser(join(folder, 'profile'));
	const asked = process.argv.slice(2);
	try {
		const measured = await measureMachine(server.address, port);
		const throttling = { ...throttlings.mobileSlow4G, cpuSlowdownMultiplier: slowdownFor(measured) };
		console.log(
			`This machine measures ${Math.round(measured)}: slowed down ${throttling.cpuSlowdownMultiplier.toFixed(1)} times`
		);
		console.log(`${''.padEnd(16)}${kinds.map((kind) => kind.padStart(18)).join('')}`);
		for (const view of asked.length > 0 ? asked : VIEWS) {
			const runs = [];
			for (let time = 0; time < TIMES; time++)
				runs.push(await scoresOf(server.address + view, { port, throttling }));
			const scores = kinds.map((kind, at) => median(runs.map((run) => run[at])));
			const shown = scores.map((score, at) => (score < WANTED[kinds[at]] ? `(${score})` : String(score)));
			console.log(`${view.padEnd(16)}${shown.map((score) => score.padStart(18)).join('')}`);
		}
		console.log('In brackets: less than is wanted.');
	} finally {
		browser.kill();
		await server.stop();
		rmSync(folder, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 });
	}
});
