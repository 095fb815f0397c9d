import { inProcess } from '$core/film';
import { frameSettings } from '$contract/frame-words';
import type { FrameRecord, LoadRecord } from '$contract/records';
import type { Kept } from './database/record-table';
import { everything } from './everything';
import { store } from './store';

/** Loads that are listed at once. */
const LOADS_LISTED = 40;

/** A load with its camera, and its film as it is to be developed. */
function shownLoad(load: Kept<LoadRecord>) {
	const { cameras, films } = store();
	return {
		load,
		camera: cameras.get(load.cameraId)!,
		film: inProcess(films.get(load.filmId)!, load.process)
	};
}

/** A load as the list has it. */
function listedLoad({ id, cameraId, filmId, loadedAt, unloadedAt }: Kept<LoadRecord>) {
	const { cameras, films } = store();
	const [camera, film] = [cameras.get(cameraId)!.name, films.get(filmId)!.name];
	return { id, camera, film, loadedAt, inCamera: unloadedAt === undefined };
}

/**
 * The newest loads or those after a page of them, and one of them with its frames and pictures: the one that is asked
 * for, wherever it stands in the list, or the newest.
 *
 * @param after as a page before gave it; what is none of ours begins anew
 * @returns null where there is no such load
 */
export function framesView(loadId: string | null, after: string | null = null) {
	const { loads, frames, pictures, recipes } = store();
	const page =
		(after === null ? null : loads.page({ limit: LOADS_LISTED, after })) ??
		loads.page({ limit: LOADS_LISTED })!;
	const load = loadId === null ? page.items.at(0) : loads.get(loadId.toLowerCase());
	if (loadId !== null && !load) return null;
	const chosen = load ? shownLoad(load) : null;
	return {
		loads: page.items.map(listedLoad),
		older: page.next,
		after,
		chosen,
		frames: chosen ? frames.where('load_id', chosen.load.id) : [],
		pictures: chosen ? pictures.firstOfLoad(chosen.load.id) : {},
		recipes: everything(recipes)
	};
}

/** The frames of a load as files are put against them, or nothing where there is no such load. */
export function scansView(loadId: string) {
	const { loads, frames, pictures } = store();
	const load = loads.get(loadId.toLowerCase());
	if (!load) return null;
	const { camera, film } = shownLoad(load);
	const first = pictures.firstOfLoad(load.id);
	return {
		load: { id: load.id, title: `${camera.name}, ${film.name}` },
		frames: frames.where('load_id', load.id).map((frame) => ({
			id: frame.id,
			number: frame.number,
			line: [frame.subject ?? frame.note, frameSettings(camera, frame)].filter(Boolean).join(' · '),
			picture: first[frame.id] ?? null
		}))
	};
}

/** A load as it is put on paper, or nothing where there is no such load. */
export function sheetView(loadId: string) {
	const { loads, frames, pictures } = store();
	const load = loads.get(loadId.toLowerCase());
	if (!load) return null;
	return {
		...shownLoad(load),
		frames: frames.where('load_id', load.id),
		pictures: pictures.firstOfLoad(load.id)
	};
}

/** The frames of a load as a track puts them on places, or nothing where there is no such load. */
export function trackView(loadId: string) {
	const { loads, frames, places } = store();
	const load = loads.get(loadId.toLowerCase());
	if (!load) return null;
	const { camera, film } = shownLoad(load);
	return {
		load: { id: load.id, title: `${camera.name}, ${film.name}` },
		frames: frames.where('load_id', load.id),
		places: everything(places).map(({ name, latitude, longitude }) => ({ name, latitude, longitude }))
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
