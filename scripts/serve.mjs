// Serves the built application. Node alone.
import { existsSync, mkdirSync, renameSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { atOnce } from './serve/at-once.mjs';
import { doorsOf, refuse, sendTo, waysOf, withHeaders } from './serve/doors.mjs';
import { serveNetwork } from './serve/lan.mjs';
import { KEPT_MS, listening } from './serve/network.mjs';
import { optionsFrom } from './serve/options.mjs';
import { endOnSignal } from './serve/stopping.mjs';
import { build, doorFile, install, workersFile } from './steps.mjs';

const DATABASE_FILE = 'just-enough.sqlite';
/** Tells the application that nothing asks any more: its database can be closed. */
const CLOSING = 'just-enough:closing';

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

/** What the application is told of how it is served. */
const tellEntrance = ({ closed, lan, people, trustsDesk, behindProxy, certificate, hosts }, port) => {
	const ownCertificate = certificate !== null;
	const told = { closed, lan, people, trustsDesk, behindProxy, ownCertificate, port, hosts };
	process.env.JUST_ENOUGH_ENTRANCE = JSON.stringify(told);
};

/** The application as it was built, behind what is looked at of every request. */
async function application(options, door) {
	const { default: compression } = await import('compression');
	const compressed = compression();
	const { handler } = await import(new URL('../build/handler.js', import.meta.url));
	const { default: work } = await import(pathToFileURL(workersFile));
	const first = atOnce((name, text) => work({ name: 'atOnce', given: [name, text] }));
	const refusalOf = doorsOf(options);
	const wayOf = waysOf(options);
	return (request, response) => {
		const way = wayOf(request);
		withHeaders(response, options.certificate !== null && way.https);
		const refusal = refusalOf(request);
		if (refusal) return refuse(request, response, refusal);
		const decided = door ? door.decide(request, way) : { entrant: null };
		if (decided.refused) return refuse(request, response, decided.refused);
		if (decided.sentTo) return sendTo(request, response, decided.sentTo);
		// The application knows them by the request itself: no header says who somebody is.
		Object.assign(request, { way, entrant: decided.entrant });
		request.headers['x-just-enough-protocol'] = way.https ? 'https' : 'http';
		first(request, response, () => compressed(request, response, () => handler(request, response)));
	};
}

const inAddress = (host) => (host.includes(':') ? `[${host}]` : host);

/** One address, as it always was. */
async function serveAlone(answer, options) {
	const server = createServer(answer);
	server.keepAliveTimeout = KEPT_MS;
	const port = await listening(server, options.port, options.host);
	tellEntrance(options, port);
	console.log(`Just Enough is at http://${inAddress(options.host)}:${port}`);
	return server;
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
		PROTOCOL_HEADER: 'x-just-enough-protocol'
	});
	tellEntrance(options, options.port);
	// Opened to nobody else, it needs nothing of what keeps a door.
	const doors = options.closed ? await import(pathToFileURL(doorFile)) : null;
	const canBegin = (options.lan || options.people) && options.trustsDesk;
	const door = doors && (await doors.doorOf(options.data, options.passphrase, options.people, canBegin));
	if (options.certificate) options.allowed.push(...doors.namesIn(options.certificate.cert));
	const answer = await application(options, door);
	const server = options.lan
		? await serveNetwork(answer, options, doors, (port) => tellEntrance(options, port))
		: await serveAlone(answer, options);
	console.log(`Data: ${options.data}`);
	endOnSignal(server, () => {
		process.emit(CLOSING);
		door?.close();
	});
}
