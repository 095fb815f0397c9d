// The whole test: install, lint, types, unit tests, build, browser tests. Node alone at the start.
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build, chromium, independentReaders, install, main, run, runTool } from './steps.mjs';

const results = mkdtempSync(join(tmpdir(), 'just-enough-results-'));
const counts = { passed: 0, failed: 0, skipped: 0 };
const read = (name) => {
	try {
		return JSON.parse(readFileSync(join(results, name), 'utf8'));
	} catch {
		return undefined;
	}
};

function unitTests() {
	const file = join(results, 'unit.json');
	try {
		runTool('vitest', ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${file}`]);
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

await main(async () => {
	try {
		install();
		independentReaders();
		run('npm', ['run', '--silent', 'lint']);
		run('npm', ['run', '--silent', 'check']);
		unitTests();
		build();
		browserTests();
	} finally {
		rmSync(results, { recursive: true, force: true });
		console.log(`\n${counts.passed} passed, ${counts.failed} failed, ${counts.skipped} skipped`);
	}
});
