import { inProcess } from '$core/film';
import type { FrameRecord } from '$contract/records';
import { everything } from './everything';
import { store } from './store';

const MOST_LOADS = 1000;

/** All loads with their cameras and films, and the frames and pictures of the one asked for, or of the newest. */
export function framesView(loadId: string | null) {
	const { cameras, films, loads, frames, pictures, recipes } = store();
	const shown = loads.list(MOST_LOADS, 0).items.map((load) => ({
		load,
		camera: cameras.get(load.cameraId)!,
		film: inProcess(films.get(load.filmId)!, load.process)
	}));
	const chosen = shown.find(({ load }) => load.id === loadId) ?? shown[0] ?? null;
	return {
		loads: shown,
		chosen,
		frames: chosen ? frames.where('load_id', chosen.load.id) : [],
		pictures: chosen ? pictures.firstOfLoad(chosen.load.id) : {},
		recipes: everything(recipes)
	};
}

/** A frame with all that its prediction needs, or nothing where there is no such frame. */
export function frameView(id: string) {
	const { cameras, films, loads, frames, pictures, gear } = store();
	const frame = frames.get(id);
	const load = frame && loads.get(frame.loadId);
	if (!frame || !load) return null;
	const beside = frames.where('load_id', load.id);
	return {
		frame,
		load,
		camera: cameras.get(load.cameraId)!,
		film: inProcess(films.get(load.filmId)!, load.process),
		gear: everything(gear),
		pictures: pictures.of('frame', id),
		next: nextUnjudged(beside, frame)
	};
}

/** The frame of a load to judge after this one: the next that is not judged yet. */
function nextUnjudged(all: (FrameRecord & { id: string })[], { number }: FrameRecord) {
	const open = all.filter((frame) => !frame.judged && frame.number !== number);
	const next = open.find((frame) => frame.number > number) ?? open[0];
	return next ? { id: next.id, number: next.number } : null;
}
