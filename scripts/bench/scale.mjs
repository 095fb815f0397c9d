// How long pages and endpoints take on the logbook of a lifetime: many loads, frames and pictures.
import { fork } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { serveApart } from '../serve-apart.mjs';
import { root } from '../steps.mjs';

const LIFETIME = { loads: 3000, frames: 100_000, pictures: 20_000 };
/** What an answer may take, ms, or this many times the bare question to the database; and how large it may be. */
const ENOUGH_MS = 150;
const TIMES_BARE = 10;
const ENOUGH_KB = 200;
/** Nothing may keep others waiting longer, ms. */
const ENOUGH_BLOCKED_MS = 50;
const ASKED = 3;

const DAY_MS = 86_400_000;
const daysBefore = (time, days) => new Date(Date.parse(time) - days * DAY_MS).toISOString();

/** A row of each table, by its columns. */
function writersOf(database) {
	const writer = (table) => {
		const names = database.prepare(`PRAGMA table_info(${table})`).all();
		const columns = names.map(({ name }) => name);
		return database.prepare(
			`INSERT INTO ${table} (${columns.join(', ')}) VALUES (${columns.map((name) => `@${name}`).join(', ')})`
		);
	};
	return { load: writer('loads'), frame: writer('frames'), picture: writer('pictures') };
}

const THUMBNAIL = Buffer.alloc(200);
const pictureOf = (frame, at) => ({
	id: randomUUID(),
	frame_id: frame,
	camera_id: null,
	name: 'scan.jpg',
	type: 'image/jpeg',
	width: 1000,
	height: 800,
	added_at: at,
	original: THUMBNAIL,
	thumbnail: THUMBNAIL
});

/** A row again, in other columns and with other fields in its body. */
const again = (row, columns, fields) => ({
	...row,
	...columns,
	body: JSON.stringify({ ...JSON.parse(row.body), ...fields })
});

/** The demo's loads and frames again and again, each further back. */
export function multiply(database, many) {
	const rows = (table) => database.prepare(`SELECT * FROM ${table}`).all();
	const [loads, frames] = [rows('loads'), rows('frames')];
	const write = writersOf(database);
	let written = 0;
	for (let at = 0; at < many.loads; at++) {
		const load = loads[at % loads.length];
		const id = randomUUID();
		const loadedAt = daysBefore(load.loaded_at, at + 1);
		write.load.run(
			again(load, { id, in_camera: 0, loaded_at: loadedAt }, { loadedAt, unloadedAt: loadedAt })
		);
		const upTo = Math.round((many.frames * (at + 1)) / many.loads);
		for (let number = 1; written < upTo; number++, written++) {
			const frame = frames[written % frames.length];
			const takenAt = daysBefore(frame.taken_at, at + 1);
			const own = randomUUID();
			const columns = { id: own, load_id: id, number, taken_at: takenAt };
			write.frame.run(again(frame, columns, { loadId: id, number, takenAt }));
			if (written < many.pictures) write.picture.run(pictureOf(own, takenAt));
		}
	}
}

/** The logbook of a lifetime; some ids in it, and what the bare question behind a page takes, ms. */
function plant(file) {
	const database = new Database(file);
	database.transaction(() => multiply(database, LIFETIME))();
	database.exec('ANALYZE');
	const idOf = (sql) => database.prepare(sql).get().id;
	const ids = {
		oldest: idOf('SELECT id FROM loads ORDER BY loaded_at LIMIT 1'),
		frame: idOf('SELECT id FROM frames ORDER BY taken_at LIMIT 1'),
		recipe: idOf('SELECT id FROM recipes LIMIT 1'),
		camera: idOf("SELECT id FROM cameras WHERE name = 'Wedge'"),
		film: idOf("SELECT id FROM films WHERE name = 'Wrack 640'")
	};
	const bareMs = median(() => {
		database.prepare('SELECT body FROM frames ORDER BY taken_at DESC LIMIT 50').all();
		database.prepare('SELECT count(*) FROM frames').get();
	});
	database.close();
	return { ids, bareMs };
}

const inOrder = (values) => values.toSorted((a, b) => a - b);

function median(work) {
	const took = Array.from({ length: ASKED }, () => {
		const begun = performance.now();
		work();
		return performance.now() - begun;
	});
	return inOrder(took)[1];
}

const pathsFor = ({ oldest, frame, recipe, camera, film }) => [
	'/',
	'/api/views/around',
	'/api/views/shoot',
	'/api/views/plan',
	'/api/views/outings',
	'/api/views/bag',
	'/api/views/load-film',
	`/api/views/load?id=${oldest}`,
	`/api/views/card?camera=${camera}&film=${film}`,
	'/api/views/frames',
	`/api/views/frames?load=${oldest}`,
	`/api/views/frame?id=${frame}`,
	'/api/views/all-frames',
	'/api/views/all-frames?page=1500',
	'/api/views/all-frames?order=darkest',
	'/api/views/all-frames?order=lightest&state=to-judge',
	`/api/views/all-frames?camera=${camera}&state=judged`,
	'/api/views/all-frames?q=winch',
	'/api/views/learnt',
	'/api/views/honest',
	'/api/views/settings',
	'/api/views/develop',
	`/api/views/recipe?id=${recipe}`,
	'/api/views/run',
	'/api/views/practice',
	'/api/views/progress',
	'/api/frames?limit=100',
	`/api/frames?load=${oldest}`,
	`/api/frames?camera=${camera}&q=winch`,
	'/api/loads?limit=100',
	'/api/pictures',
	'/api/changes',
	'/api/changes?since=50000',
	`/api/loads/${oldest}/paper.pdf`,
	`/api/cameras/${camera}/learnt?film=${film}`
];

/** How long others waited while something was asked, ms: a process of its own asks for the health again and again. */
async function whileWatched(address, work) {
	const watch = fork(join(root, 'tests/e2e/health-watch.mjs'), [address], { silent: true });
	const waited = [];
	watch.stdout.on('data', (chunk) => {
		for (const line of String(chunk).trim().split('\n')) waited.push(Number(line.split(' ')[1]));
	});
	await new Promise((resolve) => watch.stdout.once('data', resolve));
	await work();
	watch.disconnect();
	await new Promise((resolve) => watch.once('exit', resolve));
	return Math.max(...waited);
}

async function ask(address, path) {
	const took = [];
	let bytes = 0;
	for (let time = 0; time < ASKED; time++) {
		const begun = performance.now();
		const response = await fetch(address + path);
		bytes = (await response.arrayBuffer()).byteLength;
		took.push(performance.now() - begun);
		if (!response.ok) throw new Error(`${path}: ${response.status}`);
	}
	return { ms: inOrder(took)[1], kb: bytes / 1024 };
}

/** Prints what each page and endpoint takes, and what is beyond its bounds. */
export async function measureScale(row) {
	const data = mkdtempSync(join(tmpdir(), 'just-enough-scale-'));
	try {
		await (await serveApart({ data, demo: true })).stop();
		const { ids, bareMs } = plant(join(data, 'just-enough.sqlite'));
		const most = Math.max(ENOUGH_MS, TIMES_BARE * bareMs);
		row(`Fifty of ${LIFETIME.frames} frames and their count, bare SQL`, `${bareMs.toFixed(1)} ms`, '1');
		const server = await serveApart({ data });
		try {
			await ask(server.address, '/');
			for (const path of pathsFor(ids)) {
				let found;
				const blocked = await whileWatched(server.address, async () => {
					found = await ask(server.address, path);
				});
				const beyond = [
					...(found.ms > most ? ['slow'] : []),
					...(found.kb > ENOUGH_KB ? ['large'] : []),
					...(blocked > ENOUGH_BLOCKED_MS ? ['blocks'] : [])
				];
				const shown = path.replaceAll(/[0-9a-f]{8}-[0-9a-f-]{27}/g, '…');
				row(
					`${shown}, ${found.kb.toFixed(0)} kB, others wait ${blocked.toFixed(0)} ms`,
					`${found.ms.toFixed(0)} ms`,
					`${(found.ms / bareMs).toFixed(1)} × bare${beyond.length > 0 ? `   BEYOND: ${beyond.join(', ')}` : ''}`
				);
			}
		} finally {
			await server.stop();
		}
	} finally {
		rmSync(data, { recursive: true, force: true });
	}
}
