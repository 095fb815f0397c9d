// Serves the built application. Node alone.
import { existsSync, mkdirSync, renameSync } from 'node:fs';
import { createServer } from 'node:http';
import { isAbsolute, join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { pathToFileURL } from 'node:url';
import { atOnce } from './serve/at-once.mjs';
import { doorsOf, refuse, withHeaders } from './serve/doors.mjs';
import { endOnSignal } from './serve/stopping.mjs';
import { build, install, root, workersFile } from './steps.mjs';

const DATABASE_FILE = 'just-enough.sqlite';
const DEFAULT_PORT = '5253';
/** Tells the application that nothing asks any more: its database can be closed. */
const CLOSING = 'just-enough:closing';

/** Reads --port, --host, --allow-host, --data, --fresh, --restore and --second-backup. */
function optionsFrom(args, defaultFolder) {
	const { values } = parseArgs({
		args,
		options: {
			port: { type: 'string', default: DEFAULT_PORT },
			host: { type: 'string', default: '127.0.0.1' },
			'allow-host': { type: 'string', multiple: true, default: [] },
			data: { type: 'string', default: defaultFolder },
			fresh: { type: 'boolean', default: false },
			restore: { type: 'string', default: '' },
			'second-backup': { type: 'string', default: '' }
		}
	});
	const port = Number(values.port);
	if (!Number.isInteger(port) || port < 0 || port > 65535)
		throw new Error(`--port must be 0 to 65535, not ${values.port}`);
	return {
		...values,
		port,
		allowed: values['allow-host'],
		data: isAbsolute(values.data) ? values.data : join(root, values.data),
		restore: values.restore && resolve(values.restore),
		second: values['second-backup'] && resolve(values['second-backup'])
	};
}

/** Begins with an empty database; the old one is moved aside, never deleted. */
function moveAside(folder) {
	const stamp = new Date().toISOString().replace(/[:.]/g, '-');
	for (const ending of ['', '-wal', '-shm']) {
		const file = join(folder, DATABASE_FILE + ending);
		if (!existsSync(file)) continue;
		const aside = join(folder, `before-${stamp}-${DATABASE_FILE}${ending}`);
		renameSync(file, aside);
		if (ending === '') console.log(`The old database is kept as ${aside}`);
	}
}

const explain = (error, { host, port }) =>
	error.code === 'EADDRINUSE'
		? new Error(`Port ${port} on ${host} is taken. Try another one: --port ${port + 1}`)
		: error;

function listen(server, options) {
	return new Promise((resolve, reject) => {
		server.once('error', (error) => reject(explain(error, options)));
		server.listen(options.port, options.host, () => resolve(server.address()));
	});
}

/**
 * Installs and builds what is missing, then serves.
 *
 * @param {{ demo: boolean, folder: string }} what whether to fill an empty database with the demo, and where data lie
 */
export async function serve({ demo, folder }, args = process.argv.slice(2)) {
	const options = optionsFrom(args, folder);
	install();
	build();
	mkdirSync(options.data, { recursive: true });
	if (options.fresh) moveAside(options.data);
	Object.assign(process.env, {
		NODE_ENV: 'production',
		JUST_ENOUGH_DATA: options.data,
		JUST_ENOUGH_DEMO: demo ? '1' : '0',
		JUST_ENOUGH_RESTORE: options.restore,
		JUST_ENOUGH_SECOND: options.second,
		// Every address has a limit of its own, and says it in words.
		BODY_SIZE_LIMIT: 'Infinity',
		JUST_ENOUGH_WORKERS: workersFile,
		// Plain HTTP: the pages are on this machine or its own network.
		PROTOCOL_HEADER: 'x-just-enough-protocol'
	});
	const { default: compression } = await import('compression');
	const compressed = compression();
	const { handler } = await import(new URL('../build/handler.js', import.meta.url));
	const { default: work } = await import(pathToFileURL(workersFile));
	const first = atOnce((name, text) => work({ name: 'atOnce', given: [name, text] }));
	const refusalOf = doorsOf(options);
	const server = createServer((request, response) => {
		withHeaders(response);
		const refusal = refusalOf(request);
		if (refusal) return refuse(request, response, refusal);
		request.headers['x-just-enough-protocol'] = 'http';
		first(request, response, () => compressed(request, response, () => handler(request, response)));
	});
	// Longer than browsers keep a connection that they do not use, so that none is closed under a request.
	server.keepAliveTimeout = 65_000;
	const { port } = await listen(server, options);
	console.log(
		`Just Enough is at http://${options.host.includes(':') ? `[${options.host}]` : options.host}:${port}`
	);
	console.log(`Data: ${options.data}`);
	endOnSignal(server, () => void process.emit(CLOSING));
}
