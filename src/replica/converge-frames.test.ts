import 'fake-indexeddb/auto';
import fc from 'fast-check';
import type { RequestEvent } from '@sveltejs/kit';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { FrameRecord } from '$contract/records';
import { draws } from '../../tests/fixtures/few';
import { answersLost, ask, device, home, newId, noDevices, noServer, way } from '../../tests/fixtures/apart';
import { onTheDemo } from '../../tests/fixtures/store-of-demo';
import { create, keepInOrder, replace } from '../lib/records/api';
import { Delivery } from '../lib/records/delivery';
import { Pending, type Shelf, type Waiting } from '../lib/records/pending';
import { collectionHandlers } from '../server/api/collection';
import { frames } from '../server/api/collections';
import { framesInOrderHandlers } from '../server/api/frames-in-order';
import { store } from '../server/store';
import type { Replica } from './database';
import { push } from './push';
import { waitingWrites, type AnyRecord } from './writes';

/** Frames that are logged, judged and deleted on three devices of which none hears of the others. */

onTheDemo();

type Frame = FrameRecord & AnyRecord;

/** A browser's storage, as far as the outbox asks of it. */
function shelf(): Shelf {
	const kept = new Map<string, string>();
	return {
		getItem: (key) => kept.get(key) ?? null,
		setItem: (key, value) => void kept.set(key, value),
		removeItem: (key) => void kept.delete(key),
		key: (at) => [...kept.keys()][at] ?? null,
		get length() {
			return kept.size;
		}
	};
}

/** How the outbox reaches the server: well, not at all, or with every answer lost. */
type Network = 'well' | 'away' | 'lost';
const pushes = { well: way, away: noServer, lost: answersLost };
let network: Network = 'well';

/** The server's own answers, by a network of one kind or another. */
const asked: typeof fetch = async (input, init) => {
	if (network === 'away') throw new TypeError('no network');
	const url = new URL(String(input), 'http://here');
	const event = { url, request: new Request(url, init) } as RequestEvent;
	const handlers = url.pathname.endsWith('/in-order') ? framesInOrderHandlers : collectionHandlers(frames);
	const answer = (await handlers.POST(event)) as Response;
	if (network === 'lost') throw new TypeError('no answer');
	return answer;
};
beforeAll(() => void vi.stubGlobal('fetch', asked));
afterAll(() => void vi.unstubAllGlobals());

/** One phone: what it carries, and its outbox. */
class Phone {
	readonly #pending = new Pending(shelf());

	constructor(
		readonly replica: Replica,
		readonly loadId: string
	) {}

	get waiting(): Waiting[] {
		return this.#pending.all();
	}

	async frames(): Promise<Frame[]> {
		const rows = await this.replica.frames.toArray();
		return rows.map(({ record }) => record as Frame).filter(({ loadId }) => loadId === this.loadId);
	}

	/** The next number that it knows of; two phones that are apart give the same ones. */
	async log(like: FrameRecord, minute: number): Promise<{ id: string; number: number }> {
		const numbers = [...(await this.frames()), ...this.waiting.map(({ record }) => record as FrameRecord)];
		const number = Math.max(0, ...numbers.map((frame) => frame.number)) + 1;
		const id = newId();
		const takenAt = new Date(Date.UTC(2026, 4, 2, 10, minute)).toISOString();
		const record = { ...like, loadId: this.loadId, number, takenAt };
		this.#pending.put({ kind: 'frames', id, record, at: minute } as Waiting);
		return { id, number };
	}

	async send(by: Network): Promise<void> {
		network = by;
		await new Delivery(this.#pending, { create, replace, keepInOrder, alone: (work) => work() }).sendAll(
			false
		);
		if (by === 'well') await home(this.replica);
		else await push(this.replica, pushes[by]);
	}
}

const who = fc.integer({ min: 0, max: 2 });
const act = fc.constantFrom(...(['log', 'log', 'log', 'judge', 'remove', 'well', 'lost', 'away'] as const));
const steps = fc.array(fc.record({ who, act, minute: fc.integer({ min: 0, max: 59 }) }), {
	minLength: 6,
	maxLength: 30
});

type Step = { who: number; act: 'log' | 'judge' | 'remove' | Network; minute: number };

/** What three phones do on one load, and what must be true of it in the end. */
class Apart {
	/** The number that each frame was given where it was logged. */
	readonly logged = new Map<string, number>();
	readonly removed = new Set<string>();

	constructor(
		readonly phones: readonly Phone[],
		readonly like: FrameRecord
	) {}

	async take({ who, act, minute }: Step): Promise<void> {
		const phone = this.phones[who];
		if (act === 'log') {
			const { id, number } = await phone.log(this.like, minute);
			this.logged.set(id, number);
		} else if (act === 'judge' || act === 'remove') await this.change(phone, act, minute);
		else await phone.send(act);
	}

	private async change(phone: Phone, act: 'judge' | 'remove', minute: number): Promise<void> {
		const [frame] = (await phone.frames()).slice(minute % 3);
		if (!frame) return;
		if (act === 'remove') {
			this.removed.add(frame.id);
			return void (await ask(phone.replica, frame.id, { act }, 'frames'));
		}
		const judged = { stops: minute / 30 - 1, sd: 0.3, by: 'eye', judgedAt: frame.takenAt } as const;
		const record = { ...frame, judged } as AnyRecord;
		await ask(phone.replica, frame.id, { act: 'replace', record }, 'frames');
	}

	/** Each frame is there once and with a number of its own, and none is lost that nobody deleted. */
	async look(): Promise<void> {
		const there = store().frames.where('load_id', this.phones[0].loadId);
		const numbers = there.map(({ number }) => number);
		expect(new Set(numbers).size).toBe(numbers.length);
		const ids = there.map(({ id }) => id);
		for (const id of this.logged.keys()) if (!this.removed.has(id)) expect(ids).toContain(id);
		for (const id of ids) expect([...this.logged.keys()]).toContain(id);
		for (const phone of this.phones) {
			expect(phone.waiting).toEqual([]);
			const writes = await waitingWrites(phone.replica);
			// What both judged waits for a person, and for nothing else.
			for (const write of writes) expect(write.conflict).toBeDefined();
			const asked = new Set(writes.map(({ id }) => id));
			const own = (await phone.frames()).toSorted((a, b) => a.number - b.number);
			expect(own.filter(({ id }) => !asked.has(id))).toEqual(there.filter(({ id }) => !asked.has(id)));
		}
	}

	/** Frames that were given another number, because they met. */
	get met(): number {
		return [...this.logged].filter(([id, number]) => {
			const there = store().frames.get(id);
			return there && there.number !== number;
		}).length;
	}
}

describe('three phones that log on one load', () => {
	it('have the same frames in the end, each once and with a number of its own, and lose none', async () => {
		const { id: _id, version: _v, ...load } = store().loads.list(1, 0).items[0];
		const all = store().frames.list(500, 0).items;
		const found = all.find(({ light, outing, judged }) => light && !outing && !judged)!;
		const { id: _, version: _version, ...like } = found;
		let met = 0;
		await fc.assert(
			fc.asyncProperty(steps, async (steps) => {
				const loadId = newId();
				store().loads.create(loadId, { ...load, unloadedAt: '2026-05-03T10:00:00Z' });
				const phones = await Promise.all([0, 1, 2].map(async () => new Phone(await device(), loadId)));
				const apart = new Apart(phones, like);
				for (const step of steps) await apart.take(step);
				for (let round = 0; round < 4; round++) for (const phone of phones) await phone.send('well');
				await apart.look();
				met += apart.met;
				await noDevices();
			}),
			{ numRuns: draws(16) }
		);
		expect(met).toBeGreaterThan(0);
	});
});
