// Steps shared by the commands of package.json. Node alone: nothing may be installed yet.
import { spawn, spawnSync } from 'node:child_process';
import { accessSync, constants, existsSync, readdirSync, statfsSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));
const at = (...parts) => join(root, ...parts);

/** Runs a command of this project and shows what it prints; throws when it fails. */
export function run(command, args, options = {}) {
	const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
	if (error) throw error;
	if (status !== 0) throw new Error(`${command} ${args.join(' ')} failed`);
}

/** The path of a tool that the project has installed. */
export const bin = (name) => at('node_modules', '.bin', name);

/** Runs a tool that the project has installed. */
export const runTool = (name, args = [], options = {}) => run(bin(name), args, options);

/**
 * Runs a command of this project beside others and keeps what it says.
 *
 * @returns {Promise<{ said: string, failed: boolean }>}
 */
export function runApart(command, args) {
	const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
	let said = '';
	for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += chunk));
	return new Promise((resolve, reject) => {
		child.once('error', reject);
		child.once('close', (status) => resolve({ said, failed: status !== 0 }));
	});
}

const modified = (path) => (existsSync(path) ? statSync(path).mtimeMs : 0);

/** Installs the packages when they are missing or older than the lock file. */
export function install() {
	const installed = modified(at('node_modules', '.package-lock.json'));
	if (installed >= modified(at('package-lock.json')) && installed > 0) return;
	console.log('Installing packages (better-sqlite3 may compile, which takes two minutes) …');
	// Not `npm ci`: it refuses a lock file without the optional packages of platforms that a registry does not carry.
	run('npm', ['install', '--no-save', '--no-audit', '--no-fund']);
}

function newest(path) {
	if (!existsSync(path)) return 0;
	const stat = statSync(path);
	if (!stat.isDirectory()) return stat.mtimeMs;
	return Math.max(stat.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))));
}

/** What runs beside the server, in threads of its own. */
export const workersFile = at('build', 'workers', 'tasks.js');

/** What keeps the door, for the script that serves. */
export const doorFile = at('build', 'workers', 'door.js');

/** Builds the application when there is no build or the sources are newer. */
export function build() {
	const sources = [
		'src',
		'static',
		'package-lock.json',
		'svelte.config.js',
		'vite.chunks.ts',
		'vite.config.ts',
		'vite.workers.config.ts'
	];
	if (modified(workersFile) > Math.max(...sources.map((name) => newest(at(name))))) return;
	console.log('Building …');
	runTool('vite', ['build', '--logLevel', 'warn']);
	runTool('vite', ['build', '--config', 'vite.workers.config.ts', '--logLevel', 'warn']);
}

/** Flags for Chromium without a screen, on a machine without an open network. */
export const chromiumFlags = [
	'--no-sandbox',
	'--disable-gpu',
	'--disable-quic',
	'--no-first-run',
	'--disable-background-networking',
	'--disable-component-update',
	'--disable-sync'
];

/** The shell without a window first: half the work for the same pages. */
const chromiumPlaces = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium', '/usr/bin/chromium-browser'];

function tryAptInstall(...packages) {
	const isRoot = process.getuid?.() === 0;
	if (!isRoot || !existsSync('/usr/bin/apt-get')) return;
	console.log(`Installing ${packages.join(', ')} from Debian’s packages …`);
	try {
		const quiet = {
			stdio: ['ignore', 'ignore', 'inherit'],
			env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
		};
		run('apt-get', ['update', '-qq'], quiet);
		run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], quiet);
	} catch (error) {
		console.error(error.message);
	}
}

/** The Chromium that is there, if any. */
export const foundChromium = () =>
	[process.env.CHROMIUM, ...chromiumPlaces].find((path) => path && existsSync(path));

/** The path of a Chromium for the browser tests; installs Debian's where it may. */
export function chromium() {
	if (!process.env.CHROMIUM && !existsSync(chromiumPlaces[0])) tryAptInstall('chromium-headless-shell');
	if (!foundChromium()) tryAptInstall('chromium');
	const found = foundChromium();
	if (found) return found;
	throw new Error(
		'The browser tests need Chromium. Install it (Debian: sudo apt-get install chromium) or set CHROMIUM to its path.'
	);
}

/** Programs that read what ours writes, and write what ours reads: each with its Debian package. */
const readers = {
	exiftool: 'libimage-exiftool-perl',
	pdftotext: 'poppler-utils',
	sox: 'sox',
	ffmpeg: 'ffmpeg',
	unzip: 'unzip',
	python3: 'python3',
	openssl: 'openssl',
	xmllint: 'libxml2-utils',
	certutil: 'libnss3-tools'
};

/** Sees that the independent readers of the tests are there; installs Debian's where it may. */
export function independentReaders() {
	const missing = () => Object.keys(readers).filter((name) => !existsSync(`/usr/bin/${name}`));
	if (missing().length > 0) tryAptInstall(...missing().map((name) => readers[name]));
	if (missing().length === 0) return;
	const packages = missing().map((name) => readers[name]);
	throw new Error(
		`The tests need ${packages.join(', ')}. Debian: sudo apt-get install ${packages.join(' ')}`
	);
}

/** Where this system keeps files in memory, and what the tests' files may need of it, in bytes. */
const MEMORY = { folder: '/dev/shm', needed: 1e9 };

/**
 * Keeps what the tests write and throw away in memory, where the system has room for it: on a disk that is busy with
 * something else a single save waits for seconds, and no test is of that.
 *
 * @returns where they are kept
 */
export function temporaryFilesInMemory() {
	try {
		accessSync(MEMORY.folder, constants.W_OK);
		const { bavail, bsize } = statfsSync(MEMORY.folder);
		if (bavail * bsize >= MEMORY.needed) process.env.TMPDIR = MEMORY.folder;
	} catch {
		// A system without it keeps them where it keeps all temporary files.
	}
	return tmpdir();
}

/** Ends a command with one clear line instead of a stack. */
export async function main(steps) {
	try {
		const major = Number(process.versions.node.split('.')[0]);
		if (major < 20) throw new Error(`Node 20 or newer is needed; this is ${process.versions.node}.`);
		await steps();
	} catch (error) {
		console.error(`\n${error.message}`);
		process.exitCode = 1;
	}
}
