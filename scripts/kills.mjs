// Ends the server the hard way, again and again, while it is written to, backed up and brought up to date: what it said was saved must be there.
//   npm run kills            a thousand times
//   npm run kills -- 50      fifty times
import { randomUUID } from 'node:crypto';
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gunzipSync } from 'node:zlib';
import Database from 'better-sqlite3';
import sharp from 'sharp';
import { build, main, root } from './steps.mjs';

const FILE = 'just-enough.sqlite';
/** Every so many times it is the start of a new version on old tables that is ended. */
const EVERY_MIGRATION = 5;
const LONGEST_WRITING_MS = 700;
const LEAST_WRITTEN = 3;
/** Who write at the same time. */
const WRITERS = 4;
const LONGEST_START_MS = 900;

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
/** The same numbers each time, so that what went wrong can be looked at again. Source: the linear congruential generator of Numerical Recipes. */
function numbersFrom(seed) {
	let state = seed >>> 0;
	return () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 2 ** 32;
}

const camera = (name) => ({
	name,
	frame: { width: 57, height: 83 },
	focalLength: 105,
	focus: { kind: 'fixed', distance: 6 },
	aperture: { kind: 'fixed', f: 14 },
	shutter: { kind: 'fixed', seconds: 0.025 },
	exposure: { mode: 'manual' }
});
const film = { name: 'Samphire 125', type: 'bw-negative', iso: 125 };
const picture = await sharp({ create: { width: 24, height: 16, channels: 3, background: '#888' } })
	.png()
	.toBuffer();

/** What the server said it had saved: of each record its body, or null where it is deleted; unknown while it is asked. */
class Acknowledged {
	records = new Map();
	pictures = new Set();
	count = 0;

	async ask(address, method, path, body) {
		const response = await fetch(`${address}/api/${path}`, {
			method,
			body: body instanceof Buffer ? body : body && JSON.stringify(body),
			headers: { 'content-type': body instanceof Buffer ? 'image/png' : 'application/json' }
		});
		if (response.ok) this.count += 1;
		return response;
	}

	async create(address, kind, record) {
		const id = randomUUID();
		const response = await this.ask(address, 'POST', kind, { id, ...record });
		if (response.ok) this.records.set(id, { kind, version: 1, record });
		return id;
	}

	async replace(address, id, changes) {
		const { kind, version, record } = this.records.get(id);
		this.records.delete(id);
		const next = { ...record, ...changes };
		const response = await this.ask(address, 'PUT', `${kind}/${id}`, { version, ...next });
		if (response.ok) this.records.set(id, { kind, version: version + 1, record: next });
	}

	async remove(address, id) {
		const { kind } = this.records.get(id);
		this.records.delete(id);
		const response = await this.ask(address, 'DELETE', `${kind}/${id}`);
		if (response.ok) this.records.set(id, { kind, record: null });
	}

	async keepPicture(address, cameraId) {
		const id = randomUUID();
		const response = await this.ask(
			address,
			'POST',
			`pictures?id=${id}&camera=${cameraId}&name=a.png`,
			picture
		);
		if (response.ok) this.pictures.add(id);
	}
}

/** Writes of every kind, one after the other, until nothing answers any more. */
async function write(address, said, random, state) {
	try {
		for (;;) {
			const dice = random();
			if (dice < 0.5) {
				state.number += 1;
				const settings = { f: 14, seconds: 0.025, compensation: null, iso: null };
				const frame = {
					loadId: state.load,
					number: state.number,
					takenAt: new Date().toISOString(),
					light: null
				};
				state.frames.push(await said.create(address, 'frames', { ...frame, settings, predicted: null }));
			} else if (dice < 0.7) {
				const id = state.frames[Math.floor(random() * state.frames.length)];
				if (said.records.get(id)?.record) await said.replace(address, id, { note: `Note ${random()}` });
			} else if (dice < 0.8) {
				const id = state.frames[Math.floor(random() * state.frames.length)];
				if (said.records.get(id)?.record) await said.remove(address, id);
			} else if (dice < 0.95) await said.keepPicture(address, state.camera);
			else await said.ask(address, 'POST', 'backups');
		}
	} catch {
		// The server is gone: what was asked last is neither promised nor refused.
	}
}

/** What is missing of what was said to be saved. */
function missingIn(file, said) {
	const database = new Database(file);
	const missing = [];
	const found = database.pragma('integrity_check(1)', { simple: true });
	if (found !== 'ok') missing.push(`integrity: ${found}`);
	for (const [id, { kind, version, record }] of said.records) {
		const row = database.prepare(`SELECT version, body FROM ${kind} WHERE id = ?`).get(id);
		if (record === null ? row : !row || row.version !== version || JSON.parse(row.body).note !== record.note)
			missing.push(`${kind} ${id}`);
	}
	const kept = database.prepare('SELECT original FROM pictures WHERE id = ?');
	for (const id of said.pictures) if (!kept.get(id)?.original.equals(picture)) missing.push(`picture ${id}`);
	const own = database.prepare('SELECT count(*) AS n FROM frame_words').get().n;
	if (own !== database.prepare('SELECT count(*) AS n FROM frames').get().n) missing.push('words of frames');
	database.close();
	return missing;
}

/** Backups that have their name and are not whole. */
function brokenBackups(folder, seen) {
	if (!existsSync(folder)) return [];
	const fresh = readdirSync(folder).filter((name) => name.endsWith('.sqlite') && !seen.has(name));
	return fresh.filter((name) => {
		seen.add(name);
		const database = new Database(join(folder, name), { readonly: true });
		const found = database.pragma('integrity_check(1)', { simple: true });
		database.close();
		return found !== 'ok';
	});
}

const rowsOf = (file) => {
	const database = new Database(file);
	const count = (table) => database.prepare(`SELECT count(*) AS n FROM ${table}`).get().n;
	const rows = ['cameras', 'films', 'loads', 'frames'].map(count);
	const found = database.pragma('integrity_check(1)', { simple: true });
	database.close();
	return `${rows.join(' ')} ${found}`;
};

/** Starts the server; its address comes when it listens. */
function begin(data) {
	const script = join(root, 'scripts', 'start.mjs');
	const child = spawn(process.execPath, [script, '--port', '0', '--data', data], {
		stdio: ['ignore', 'pipe', 'inherit']
	});
	const ended = new Promise((resolve) => child.once('exit', resolve));
	const address = new Promise((resolve, reject) => {
		let printed = '';
		child.stdout.on('data', (chunk) => {
			printed += chunk;
			const found = /http:\/\/\S+/.exec(printed)?.[0];
			if (found) resolve(found);
		});
		void ended.then((code) => reject(new Error(`The server ended with ${code}\n${printed}`)));
	});
	address.catch(() => undefined);
	const kill = async () => {
		child.kill('SIGKILL');
		await ended;
	};
	return { address, kill };
}

/** A new version starts on old tables and is ended on the way; nothing of them is lost. */
async function endMigrating(old, after) {
	const data = mkdtempSync(join(tmpdir(), 'just-enough-kills-'));
	try {
		writeFileSync(join(data, FILE), old);
		const before = rowsOf(join(data, FILE));
		const { kill } = begin(data);
		await pause(after);
		await kill();
		const missing = brokenBackups(join(data, 'backups'), new Set());
		const now = rowsOf(join(data, FILE));
		return now === before ? missing : [...missing, `while tables changed: ${before} became ${now}`];
	} finally {
		rmSync(data, { recursive: true, force: true });
	}
}

/** Ends the server while it is written to. */
async function endWriting(data, said, seen, random, state) {
	const { address, kill } = begin(data);
	const at = await address;
	if (!state.load) {
		state.camera = await said.create(at, 'cameras', camera('Far Out'));
		const filmId = await said.create(at, 'films', film);
		state.load = await said.create(at, 'loads', {
			cameraId: state.camera,
			filmId,
			frames: 9000,
			loadedAt: '2026-05-02T10:00:00+01:00'
		});
		await said.ask(at, 'POST', 'backups');
	}
	const before = said.count;
	const writing = Array.from({ length: WRITERS }, () => write(at, said, random, state));
	// However slow this machine is, something was said to be saved this time, too.
	while (said.count < before + LEAST_WRITTEN) await pause(5);
	await pause(random() * LONGEST_WRITING_MS);
	await kill();
	await Promise.all(writing);
	return [...missingIn(join(data, FILE), said), ...brokenBackups(join(data, 'backups'), seen)];
}

/**
 * Ends the server so many times.
 *
 * @param {{ times: number, seed?: number, tell?: (line: string) => void }} what how often, and from which number what is
 *   done is drawn
 * @returns {Promise<{ missing: string[], acknowledged: number, backups: number }>}
 */
export async function hardKills({ times, seed = 1, tell = () => undefined }) {
	const data = mkdtempSync(join(tmpdir(), 'just-enough-kills-'));
	const released = new URL('../tests/fixtures/released/', import.meta.url);
	const old = readdirSync(released)
		.filter((name) => name.endsWith('.sqlite.gz'))
		.map((name) => gunzipSync(readFileSync(new URL(name, released))));
	const random = numbersFrom(seed);
	const said = new Acknowledged();
	const seen = new Set();
	const state = { frames: [], number: 0 };
	const missing = [];
	try {
		for (let time = 0; time < times; time++) {
			const found =
				time % EVERY_MIGRATION === EVERY_MIGRATION - 1
					? await endMigrating(old[Math.floor(random() * old.length)], 300 + random() * LONGEST_START_MS)
					: await endWriting(data, said, seen, random, state);
			missing.push(...found.map((what) => `${time + 1}: ${what}`));
			if (time % 50 === 49)
				tell(`${time + 1} of ${times}: ${said.count} acknowledged, ${missing.length} missing`);
		}
		return { missing, acknowledged: said.count, backups: seen.size };
	} finally {
		rmSync(data, { recursive: true, force: true });
	}
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
	await main(async () => {
		build();
		const times = Number(process.argv[2] ?? 1000);
		const { missing, acknowledged, backups } = await hardKills({ times, tell: console.log });
		console.log(
			`${times} hard ends, ${acknowledged} writes acknowledged, ${backups} backups looked through.`
		);
		for (const what of missing) console.error(`Missing: ${what}`);
		if (missing.length > 0) throw new Error(`${missing.length} missing`);
		console.log('Nothing is missing.');
	});
}
