// Many people at one server: how much memory it takes, and how long answers take, while some of them work at once.
import { copyFileSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { setTimeout as pause } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import Database from 'better-sqlite3';
import { multiply } from './bench/scale.mjs';
import { serveApart } from './serve-apart.mjs';
import { build, install, main } from './steps.mjs';

const PASSPHRASE = 'four grey herons wading';
const DATABASE_FILE = 'just-enough.sqlite';
const BOOK_FILE = 'door.sqlite';
/** Somebody who looks at a view and logs a frame asks about so often, ms. */
const PAUSE_MS = 1000;

const { values } = parseArgs({
	options: {
		people: { type: 'string', default: '200' },
		frames: { type: 'string', default: '2000' },
		active: { type: 'string', default: '50' },
		seconds: { type: 'string', default: '60' }
	}
});
const [people, frames, active, seconds] = ['people', 'frames', 'active', 'seconds'].map((name) =>
	Number(values[name])
);

/** A logbook of so many frames, as everybody gets a copy of it. */
async function logbook(folder) {
	const server = await serveApart({ data: folder, demo: true });
	await server.stop();
	const database = new Database(join(folder, DATABASE_FILE));
	const many = { loads: Math.round(frames / 12), frames, pictures: 0 };
	database.transaction(() => multiply(database, many))();
	database.pragma('wal_checkpoint(TRUNCATE)');
	database.close();
	return join(folder, DATABASE_FILE);
}

/** Everybody in the book, each with a device that is in; their cookies. */
function everybody(data, book) {
	const hash = (token) => createHash('sha256').update(token).digest('base64url');
	const addPerson = book.prepare('INSERT INTO person (id, name, created_at) VALUES (?, ?, ?)');
	const addPass = book.prepare(
		`INSERT INTO pass (id, person_id, kind, name, access, hash, created_at, seen_at)
		VALUES (?, ?, 'device', 'Phone', 'write', ?, ?, ?)`
	);
	return Array.from({ length: people }, (_, n) => {
		const [id, token, now] = [randomUUID(), randomBytes(32).toString('base64url'), Date.now()];
		addPerson.run(id, `Person ${n}`, now);
		addPass.run(randomUUID(), id, hash(token), now, now);
		mkdirSync(join(data, 'people', id), { recursive: true });
		return { id, cookie: `just-enough=${token}` };
	});
}

const status = (pid, name) =>
	Number(new RegExp(`${name}:\\s+(\\d+)`).exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024;

/** What somebody does who goes through the views and logs. */
const steps = [
	['view of Shoot', () => ['/api/views/shoot']],
	['view of Frames', () => ['/api/views/frames']],
	['frames, 50 of them', () => ['/api/frames?limit=50']],
	['a frame found by a word', () => ['/api/frames?limit=20&q=quay']],
	['changes since', () => ['/api/changes?limit=1']],
	[
		'a reading kept',
		() => [
			'/api/readings',
			{
				method: 'POST',
				body: { id: randomUUID(), takenAt: new Date().toISOString(), light: { ev: 12, sd: 0.5 } }
			}
		]
	]
];

async function work(address, { cookie }, until, times) {
	let isFirst = true;
	for (let n = Math.floor(Math.random() * steps.length); performance.now() < until; n++) {
		const [name, step] = steps[n % steps.length];
		const [path, { method = 'GET', body } = {}] = step();
		const begun = performance.now();
		const answer = await fetch(address + path, {
			method,
			headers: { cookie, ...(body && { 'content-type': 'application/json' }) },
			...(body && { body: JSON.stringify(body) })
		});
		await answer.arrayBuffer();
		if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
		// All of them come at once, and each has their records opened by it.
		(times[isFirst ? FIRST : name] ??= []).push(performance.now() - begun);
		isFirst = false;
		await pause(PAUSE_MS * (0.5 + Math.random()));
	}
}

const FIRST = 'the first of each, all at once';
const at = (sorted, share) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];
const row = (name, times) => {
	const sorted = times.toSorted((a, b) => a - b);
	const [median, p99] = [at(sorted, 0.5), at(sorted, 0.99)].map((ms) => `${ms.toFixed(0)} ms`);
	return `| ${name} | ${sorted.length} | ${median} | ${p99} |`;
};

await main(async () => {
	install();
	build();
	const root = mkdtempSync(join(tmpdir(), 'just-enough-people-'));
	try {
		const one = await logbook(join(root, 'one'));
		const data = join(root, 'data');
		mkdirSync(data);
		writeFileSync(join(root, 'passphrase.txt'), PASSPHRASE);
		const args = ['--people', '--passphrase-file', join(root, 'passphrase.txt')];
		await (await serveApart({ data, args })).stop();
		const book = new Database(join(data, BOOK_FILE));
		const all = everybody(data, book);
		book.close();
		for (const { id } of all) copyFileSync(one, join(data, 'people', id, DATABASE_FILE));
		const server = await serveApart({ data, args });
		try {
			const idle = status(server.pid, 'VmRSS');
			const times = {};
			const until = performance.now() + seconds * 1000;
			const blank = [];
			const watch = async () => {
				while (performance.now() < until) {
					const begun = performance.now();
					await (await fetch(`${server.address}/sign-in`)).arrayBuffer();
					blank.push(performance.now() - begun);
					await pause(100);
				}
			};
			await Promise.all([
				watch(),
				...all.slice(0, active).map((person) => work(server.address, person, until, times))
			]);
			console.log(`${people} people with ${frames} frames each, ${active} active for ${seconds} s\n`);
			console.log('| asked | times | median | p99 |\n| --- | --- | --- | --- |');
			for (const [name, each] of Object.entries(times)) console.log(row(name, each));
			const { [FIRST]: _, ...others } = times;
			console.log(row('all after the first', Object.values(others).flat()));
			console.log(row('the sign-in, meanwhile', blank));
			console.log(
				`\nMemory: ${idle.toFixed(0)} MB before, ${status(server.pid, 'VmRSS').toFixed(0)} MB now, ${status(server.pid, 'VmHWM').toFixed(0)} MB at most`
			);
		} finally {
			await server.stop();
		}
	} finally {
		rmSync(root, { recursive: true, force: true });
	}
});
