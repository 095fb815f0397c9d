import type { RequestEvent } from '@sveltejs/kit';
import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Changes } from '$contract/changes';
import type { FrameRecord } from '$contract/records';
import { draws } from '../../../tests/fixtures/few';
import { onTheDemo } from '../../../tests/fixtures/store-of-demo';
import { store } from '../store';
import { changesHandlers } from './changes';
import { framesInOrderHandlers } from './frames-in-order';

onTheDemo();

type Come = FrameRecord & { id: string };

async function keep(frames: readonly object[]) {
	const url = new URL('http://here/api/frames/in-order');
	const request = new Request(url, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify({ frames })
	});
	const response = (await framesInOrderHandlers.POST({ url, request } as RequestEvent)) as Response;
	return { status: response.status, answer: (await response.json()) as { items: Come[]; issues?: object[] } };
}

/** A load of its own for each test: nothing of others is in it. */
let loadId = '';
let like: FrameRecord;
beforeEach(() => {
	const [load] = store().loads.list(1, 0).items;
	const { id: _, version: _version, ...record } = load;
	loadId = crypto.randomUUID();
	const made = store().loads.create(loadId, { ...record, unloadedAt: '2026-05-03T10:00:00Z' });
	expect(made).toMatchObject({ result: 'created' });
	const found = store()
		.frames.list(500, 0)
		.items.find(({ light, outing, judged }) => light && !outing && !judged)!;
	const { id: _id, version: _v, ...rest } = found;
	like = { ...rest, loadId };
});

const frame = (number: number, clock: string, more: Partial<FrameRecord> = {}): Come => ({
	...like,
	...more,
	id: crypto.randomUUID(),
	number,
	takenAt: `2026-05-02T${clock}:00.000Z`
});
const numbers = () =>
	Object.fromEntries(
		store()
			.frames.where('load_id', loadId)
			.map(({ number, takenAt }) => [takenAt.slice(11, 16), number])
	);
const judged = { stops: 0, sd: 0.3, by: 'eye', judgedAt: '2026-05-02T20:00:00.000Z' } as const;

async function changedAfter(since: number) {
	const url = new URL(`http://here/api/changes?since=${since}&limit=1000`);
	const response = (await changesHandlers.GET({
		url,
		request: new Request(url)
	} as RequestEvent)) as Response;
	return (await response.json()) as Changes;
}

describe('frames of one load that were logged on two phones', () => {
	it('are all there, and in order of time', async () => {
		await keep([frame(3, '10:00'), frame(4, '10:10')]);
		const { status, answer } = await keep([frame(3, '10:05'), frame(4, '09:00')]);
		expect(status).toBe(200);
		expect(answer.items.map(({ number }) => number)).toEqual([5, 3]);
		expect(numbers()).toEqual({ '09:00': 3, '10:00': 4, '10:05': 5, '10:10': 6 });
	});

	it('tell other devices of every number that changed, and nothing of what did not', async () => {
		const early = frame(3, '10:00');
		const apart = frame(8, '11:00');
		await keep([early, apart]);
		const { last } = await changedAfter(0);
		const late = frame(3, '09:00');
		await keep([late]);
		const { changes } = await changedAfter(last);
		expect(new Set(changes.map(({ id }) => id))).toEqual(new Set([early.id, late.id]));
		expect(store().frames.get(apart.id)?.version).toBe(1);
	});

	it('leave one that was judged its number', async () => {
		const first = frame(3, '10:00', { judged });
		expect(await keep([first])).toMatchObject({ status: 200 });
		await keep([frame(3, '09:00')]);
		expect(numbers()).toEqual({ '10:00': 3, '09:00': 4 });
	});

	it('are not there twice where they are sent twice, and none is where one is not right', async () => {
		const [here, there] = [frame(1, '10:00'), frame(1, '09:00')];
		await keep([here]);
		const before = await keep([there]);
		expect(await keep([here, there])).toMatchObject({ status: 200 });
		expect(before.answer.items).toMatchObject([{ number: 1 }]);
		expect(numbers()).toEqual({ '09:00': 1, '10:00': 2 });
		const nowhere = { ...frame(1, '12:00'), loadId: crypto.randomUUID() };
		const wrong = await keep([frame(1, '08:00'), nowhere, { ...frame(2, '12:30'), number: 'two' }]);
		expect(wrong.status).toBe(422);
		expect((await keep([frame(1, '08:00'), nowhere])).status).toBe(422);
		expect(numbers()).toEqual({ '09:00': 1, '10:00': 2 });
	});

	it('are all there once, whoever comes home first, and those that were judged keep their numbers', async () => {
		const logged = fc.uniqueArray(
			fc.record({
				minute: fc.integer({ min: 0, max: 59 }),
				phone: fc.nat({ max: 2 }),
				judgedLater: fc.boolean()
			}),
			{ minLength: 2, maxLength: 12, selector: ({ minute }) => minute }
		);
		let met = 0;
		await fc.assert(
			fc.asyncProperty(logged, fc.shuffledSubarray([0, 1, 2], { minLength: 3 }), async (all, order) => {
				for (const { id, version } of store().frames.where('load_id', loadId))
					store().frames.remove(id, version);
				const keeps = new Map<string, number>();
				const sent: Come[] = [];
				for (const phone of order) {
					const own = all.filter((each) => each.phone === phone).sort((a, b) => a.minute - b.minute);
					const frames = own.map(({ minute }, at) => frame(at + 1, `10:${String(minute).padStart(2, '0')}`));
					if (frames.length === 0) continue;
					const { status, answer } = await keep(frames);
					expect(status).toBe(200);
					if (sent.length > 0) met += 1;
					sent.push(...frames);
					own.forEach(({ judgedLater }, at) => {
						if (!judgedLater) return;
						const { id, version, ...record } = store().frames.get(answer.items[at].id)!;
						const seen = store().frames.replace(id, version, { ...record, judged });
						expect(seen.result).toBe('replaced');
						keeps.set(id, record.number);
					});
				}
				const there = store().frames.where('load_id', loadId);
				expect(there.map(({ id }) => id).sort()).toEqual(sent.map(({ id }) => id).sort());
				expect(new Set(there.map(({ number }) => number)).size).toBe(there.length);
				for (const [id, number] of keeps) expect(store().frames.get(id)?.number).toBe(number);
			}),
			{ numRuns: draws(60) }
		);
		expect(met).toBeGreaterThan(draws(60) / 4);
	});
});
