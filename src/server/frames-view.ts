import { store } from './store';

const MOST_LOADS = 1000;

/** All loads with their cameras and films, and the frames of the one asked for, or of the newest. */
export function framesView(loadId: string | null) {
	const { cameras, films, loads, frames } = store();
	const shown = loads.list(MOST_LOADS, 0).items.map((load) => ({
		load,
		camera: cameras.get(load.cameraId)!,
		film: films.get(load.filmId)!
	}));
	const chosen = shown.find(({ load }) => load.id === loadId) ?? shown[0] ?? null;
	return { loads: shown, chosen, frames: chosen ? frames.where('load_id', chosen.load.id) : [] };
}

/** A frame with all that its prediction needs, or nothing where there is no such frame. */
export function frameView(id: string) {
	const { cameras, films, loads, frames } = store();
	const frame = frames.get(id);
	const load = frame && loads.get(frame.loadId);
	if (!frame || !load) return null;
	return { frame, load, camera: cameras.get(load.cameraId)!, film: films.get(load.filmId)! };
}
