import { json } from '@sveltejs/kit';
import { inOrderOfTime } from '$core/film';
import { framesInOrderSchema, type FramesInOrder } from '$contract/frame-order';
import type { FrameRecord } from '$contract/records';
import type { Kept } from '../database/record-table';
import { raisedFrame } from '../older-frames';
import { store } from '../store';
import { allTogether, NotAll } from './all-together';
import { invalid, onlyAllow, stale } from './answers';
import { guarded } from './guarded';
import { readChecked } from './read-json';

type Come = FramesInOrder['frames'][number];

/** No load has a number so high: it is free while others change theirs. */
const ASIDE = 1_000_000;

function renumber({ id, version, ...record }: Kept<FrameRecord>, number: number): void {
	const written = store().frames.replace(id, version, { ...record, number });
	if (written.result !== 'replaced') throw new Error(`Frame ${id} could not be given number ${number}`);
}

/** Frames of one load that are new here, and those that are there with the numbers that they have after it. */
function makeRoom(loadId: string, come: readonly Come[]): ReadonlyMap<string, number> {
	const { frames, loads } = store();
	const there = frames.where('load_id', loadId);
	const judged = new Set(there.filter((frame) => frame.judged).map(({ id }) => id));
	const unknown = loads.get(loadId)?.unknown;
	const numbers = inOrderOfTime(there, come, (id) => judged.has(id), unknown);
	const moving = there.filter(({ id }) => numbers.has(id));
	moving.forEach((frame, at) => renumber(frame, ASIDE + at));
	for (const { id } of moving) renumber(frames.get(id)!, numbers.get(id)!);
	return numbers;
}

/** A frame that is here already, but for its number the same; undefined where there is none. */
function hereAlready({ id, ...frame }: Come): Kept<FrameRecord> | undefined {
	const here = store().frames.get(id);
	if (!here) return undefined;
	const made = store().frames.create(id, { ...frame, number: here.number });
	if (made.result !== 'same') throw new NotAll(stale('Another frame has this id', here));
	return here;
}

/** Keeps frames that were logged apart: all of them, or none. */
function takenIn(come: readonly Come[]): Kept<FrameRecord>[] {
	const fresh = come.filter((frame) => !hereAlready(frame));
	for (const loadId of new Set(fresh.map((frame) => frame.loadId))) {
		const ofLoad = fresh.filter((frame) => frame.loadId === loadId);
		const numbers = makeRoom(loadId, ofLoad);
		for (const { id, ...frame } of ofLoad) {
			const made = store().frames.create(id, { ...frame, number: numbers.get(id) ?? frame.number });
			if (made.result !== 'invalid') continue;
			const path = `frames.${come.findIndex((each) => each.id === id)}`;
			throw new NotAll(invalid(made.issues.map((issue) => ({ ...issue, path: `${path}.${issue.path}` }))));
		}
	}
	return come.map(({ id }) => store().frames.get(id)!);
}

/** What waited on a phone may have been logged by an older version. */
function raised(body: unknown): unknown {
	const frames = (body as { frames?: unknown } | null)?.frames;
	if (!Array.isArray(frames)) return body;
	const isRecord = (frame: unknown): frame is Record<string, unknown> =>
		typeof frame === 'object' && frame !== null;
	return {
		...(body as object),
		frames: frames.map((frame) => (isRecord(frame) ? raisedFrame(frame) : frame))
	};
}

const POST = guarded(async ({ request }) => {
	const read = await readChecked(request, framesInOrderSchema, raised);
	if ('answer' in read) return read.answer;
	const { frames } = read.asked as unknown as FramesInOrder;
	const lower = frames.map((frame) => ({ ...frame, id: frame.id.toLowerCase() }));
	const twice = lower.findIndex(({ id }, at) => lower.findIndex((other) => other.id === id) !== at);
	if (twice >= 0) return invalid([{ path: `frames.${twice}.id`, message: 'is there twice' }]);
	return allTogether(() => json({ items: takenIn(lower) }));
});

export const framesInOrderHandlers = { POST, fallback: onlyAllow('POST') };
