// The whole test: install, lint and types beside unit tests, build, browser tests. Node alone at the start.
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
	bin,
	build,
	chromium,
	independentReaders,
	install,
	main,
	runApart,
	runTool,
	temporaryFilesInMemory
} from './steps.mjs';

const results = mkdtempSync(join(tmpdir(), 'just-enough-results-'));
const counts = { passed: 0, failed: 0, skipped: 0 };
const took = [];
const read = (name) => {
	try {
		return JSON.parse(readFileSync(join(results, name), 'utf8'));
	} catch {
		return undefined;
	}
};

/** Does a part of the whole and notes how long it took. */
async function phase(name, work) {
	const begun = performance.now();
	try {
		return await work();
	} finally {
		took.push([name, (performance.now() - begun) / 1000]);
	}
}

/** Prints what a command said as one piece, whatever runs beside it. */
async function apart(...command) {
	const { said, failed } = await runApart(...command);
	if (said.trim()) console.log(said.trimEnd());
	if (failed) throw new Error(`${command.flat().join(' ')} found something to mend`);
}

async function lintAndTypes() {
	await apart('npm', ['run', '--silent', 'lint']);
	await apart('npm', ['run', '--silent', 'check']);
}

async function unitTests() {
	const file = join(results, 'unit.json');
	try {
		await apart(bin('vitest'), ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${file}`]);
	} finally {
		const report = read('unit.json');
		counts.passed += report?.numPassedTests ?? 0;
		counts.failed += report?.numFailedTests ?? 0;
		counts.skipped += report?.numPendingTests ?? 0;
	}
}

function browserTests() {
	const env = {
		...process.env,
		CHROMIUM: chromium(),
		PLAYWRIGHT_JSON_OUTPUT_NAME: join(results, 'browser.json')
	};
	try {
		runTool('playwright', ['test', '--reporter=list,json'], { env });
	} finally {
		const { stats } = read('browser.json') ?? {};
		counts.passed += (stats?.expected ?? 0) + (stats?.flaky ?? 0);
		counts.failed += stats?.unexpected ?? 0;
		counts.skipped += stats?.skipped ?? 0;
	}
}

/** Both to their end, so that all that is wrong is said at once. */
async function both(...works) {
	const ends = await Promise.allSettled(works);
	const wrong = ends.flatMap((end) => (end.status === 'rejected' ? [end.reason.message] : []));
	if (wrong.length > 0) throw new Error(wrong.join('\n'));
}

await main(async () => {
	try {
		await phase('install', () => {
			install();
			independentReaders();
			chromium();
		});
		// What is installed may have to run from where it is unpacked, which memory may refuse.
		console.log(`What the tests write is kept in ${temporaryFilesInMemory()}`);
		runTool('svelte-kit', ['sync']);
		await both(phase('lint and types', lintAndTypes), phase('unit tests', unitTests));
		await phase('build', build);
		await phase('browser tests', browserTests);
	} finally {
		rmSync(results, { recursive: true, force: true });
		for (const [name, seconds] of took) console.log(`${name.padEnd(16)} ${seconds.toFixed(0).padStart(5)} s`);
		console.log(`\n${counts.passed} passed, ${counts.failed} failed, ${counts.skipped} skipped`);
	}
});
