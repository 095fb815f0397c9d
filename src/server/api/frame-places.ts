import { json } from '@sveltejs/kit';
import { zoneAt } from '$core/light';
import { framePlacesSchema, type FramePlacesAsked } from '$contract/frame-places';
import type { FrameRecord } from '$contract/records';
import { store } from '../store';
import { allTogether, NotAll } from './all-together';
import { invalid, onlyAllow, stale } from './answers';
import { guarded } from './guarded';
import { readChecked } from './read-json';

type Asked = FramePlacesAsked['frames'][number];

/** A frame where it was taken, with the zone of the place. */
function placed(frame: FrameRecord, { where, takenAt = frame.takenAt }: Asked): FrameRecord {
	const { where: before, zone, ...rest } = frame;
	const there = where === undefined ? before : (where ?? undefined);
	const zoneThere = there ? zoneAt(there.latitude, there.longitude) : zone;
	return { ...rest, takenAt, ...(there && { where: there }), ...(zoneThere && { zone: zoneThere }) };
}

function write(asked: Asked, at: number) {
	const { frames } = store();
	const id = asked.id.toLowerCase();
	const here = frames.get(id);
	const issue = (path: string, message: string) =>
		new NotAll(invalid([{ path: path ? `frames.${at}.${path}` : `frames.${at}`, message }]));
	if (!here) throw issue('id', 'there is no such frame');
	const { id: _, version, ...record } = here;
	if (version !== asked.version)
		throw new NotAll(stale(`Frame ${here.number} was changed elsewhere since you read it`, here));
	const written = frames.replace(id, version, placed(record, asked));
	if (written.result !== 'replaced') throw issue('', 'cannot be written');
	return written.record;
}

/** Puts frames on places: all of them, or none. */
const POST = guarded(async ({ request }) => {
	const read = await readChecked(request, framePlacesSchema);
	if ('answer' in read) return read.answer;
	const { frames } = read.asked as FramePlacesAsked;
	return allTogether(() => json({ items: frames.map(write) }));
});

export const framePlacesHandlers = { POST, fallback: onlyAllow('POST') };
