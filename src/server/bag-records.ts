import { store } from './store';

const EVERYTHING = 10_000;

/** What the Shoot view is derived from: the bag, the loads in cameras, their frames, the last reading. */
export function bagRecords() {
	const { cameras, films, loads, frames, gear, readings } = store();
	const inCameras = loads.where('in_camera', 1);
	return {
		cameras: cameras.list(EVERYTHING, 0).items,
		films: films.list(EVERYTHING, 0).items,
		loads: inCameras,
		frames: inCameras.flatMap((load) => frames.where('load_id', load.id)),
		gear: gear.list(EVERYTHING, 0).items,
		reading: readings.list(1, 0).items[0] ?? null
	};
}
