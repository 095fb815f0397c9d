import { everything } from './everything';
import { store } from './store';

/** Readings that one tap takes again. */
const LAST_READINGS = 6;

/** What the Shoot view is derived from: the bag, the loads in cameras, their frames, the last readings, own landmarks and places. */
export function bagRecords() {
	const { cameras, films, loads, frames, gear, readings, places } = store();
	const inCameras = loads.where('in_camera', 1);
	return {
		cameras: everything(cameras),
		films: everything(films),
		loads: inCameras,
		frames: inCameras.flatMap((load) => frames.where('load_id', load.id)),
		gear: everything(gear),
		readings: readings.list(LAST_READINGS, 0).items,
		landmarks: readings.where('named', 1),
		places: everything(places)
	};
}
