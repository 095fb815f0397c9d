// Changes the core here and there, one place at a time, and says which changes no test noticed:
//   npm run mutants units
//   npm run mutants match          a fixed sample of its lines: all of them would take hours
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { Stryker } from '@stryker-mutator/core';
import { root } from './steps.mjs';

/** What must be noticed of what tests reach at all, parts of a hundred. */
const ENOUGH = 85;
/** Folders of which only every so many'th line changed. */
const SAMPLED = { match: 4 };

const [folder] = process.argv.slice(2);
if (!folder) {
	console.error('Which folder of src/core? For instance: npm run mutants units');
	process.exit(2);
}

process.env.MUTANTS_OF = folder;

const sources = readdirSync(join(root, 'src/core', folder), { recursive: true, withFileTypes: true })
	.filter((entry) => entry.isFile() && entry.name.endsWith('.ts') && !entry.name.endsWith('.test.ts'))
	.map((entry) => relative(root, join(entry.parentPath, entry.name)))
	.sort();

/** Lines of a file that are changed: all, or every so many'th, counted on through all files. */
let counted = 0;
function sampled(file) {
	const every = SAMPLED[folder];
	if (!every) return [file];
	const lines = readFileSync(join(root, file), 'utf8').split('\n').length;
	const first = counted;
	counted += lines;
	return Array.from({ length: lines }, (_, at) => at + 1)
		.filter((line) => (first + line) % every === 0)
		.map((line) => `${file}:${line}-${line}`);
}

const results = await new Stryker({
	mutate: sources.flatMap(sampled),
	testRunner: 'vitest',
	vitest: { configFile: 'scripts/mutants/vitest.config.ts', related: true },
	plugins: ['@stryker-mutator/vitest-runner'],
	coverageAnalysis: 'perTest',
	ignoreStatic: true,
	incremental: true,
	incrementalFile: `.mutants/${folder}.json`,
	tempDirName: '.mutants/tree',
	ignorePatterns: ['build', 'docs', 'static', 'test-results', 'data', 'demo-data', '!.svelte-kit'],
	reporters: ['progress-append-only'],
	concurrency: 2,
	timeoutMS: 10_000,
	disableTypeChecks: false
}).runMutationTest();

const of = (...states) => results.filter(({ status }) => states.includes(status));
const killed = of('Killed', 'Timeout').length;
const survived = of('Survived');
for (const { fileName, location, mutatorName, replacement } of survived) {
	const { start } = location;
	const line = readFileSync(fileName, 'utf8').split('\n')[start.line - 1] ?? '';
	console.log(
		`${relative(root, fileName)}:${start.line}:${start.column}  ${mutatorName}: ${line.trim()}  →  ${replacement}`
	);
}
const covered = killed + survived.length;
const share = covered === 0 ? 100 : (100 * killed) / covered;
console.log(
	`\n${folder}: ${killed} of ${covered} covered changes were noticed, ${share.toFixed(1)} %; ` +
		`${of('NoCoverage').length} lie where no test comes.`
);
if (share < ENOUGH) process.exitCode = 1;
