import { DateTime } from 'luxon';
import type { OutingRecord } from '$contract/records';
import type { Kept } from './database/record-table';
import { everything } from './everything';
import { learntByLoad } from './learnt';
import { agreedDoubts, agreedHabits, guessesSoFar } from './practice';
import { store } from './store';

/** Readings that one tap takes again. */
const LAST_READINGS = 6;

/** Whether an outing is taken along, or may be on somewhere on earth today. */
function mayBeOn({ along, date }: OutingRecord): boolean {
	if (along !== undefined) return along;
	return Math.abs(DateTime.fromISO(date, { zone: 'utc' }).diffNow('days').days) < 3;
}

/** The bag, the loads in cameras, their frames, the last readings, own landmarks and places: where nothing is answered. */
export function plainRecords() {
	const { cameras, films, loads, frames, gear, outings, readings, places } = store();
	const inCameras = loads.where('in_camera', 1);
	const on = everything(outings).filter(mayBeOn);
	const taken = [
		...inCameras.flatMap((load) => frames.where('load_id', load.id)),
		...on.flatMap((outing) => frames.where('outing_id', outing.id))
	];
	return {
		cameras: everything(cameras),
		films: everything(films),
		loads: inCameras,
		frames: [...new Map(taken.map((frame) => [frame.id, frame])).values()],
		gear: everything(gear),
		outings: on,
		readings: readings.list(LAST_READINGS, 0).items,
		landmarks: readings.where('named', 1),
		places: everything(places),
		doubts: agreedDoubts(),
		habits: agreedHabits(),
		guesses: guessesSoFar(),
		learnt: {}
	};
}

/** What the Shoot view is derived from: the same, with what frames have taught. */
export async function bagRecords() {
	const records = plainRecords();
	return { ...records, learnt: await learntByLoad(records.loads) };
}

/** What a load of a film usually is. */
export interface UsualLoad {
	frames: number;
	price?: number;
}

/** The bag, and of each film how its last load was: what packing asks beside. */
export async function packingRecords() {
	const { loadSearch } = store();
	const records = await bagRecords();
	const usual: Record<string, UsualLoad> = Object.fromEntries(
		records.films.flatMap(({ id }) => {
			const last = loadSearch.lastOf(id);
			return last ? [[id, { frames: last.load.frames, price: last.price }]] : [];
		})
	);
	return { ...records, usual };
}

/** All outings, the latest first, by where they stand. */
export const allOutings = (): Kept<OutingRecord>[] => everything(store().outings);
