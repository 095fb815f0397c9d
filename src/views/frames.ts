import { asLoaded } from '$core/film';
import { frameSettings } from '$words/frame';
import type { FrameRecord, LoadRecord } from '$contract/records';
import { waitsForBath } from './developing';
import type { Kept, Tally, ViewRecords } from './records';

/** Loads that are listed at once. */
const LOADS_LISTED = 40;

/** A load with its camera, and its film as it is to be developed. */
async function shownLoad({ cameras, films }: ViewRecords, load: Kept<LoadRecord>) {
	const [camera, film] = await Promise.all([cameras.get(load.cameraId), films.get(load.filmId)]);
	return { load, camera: camera!, film: asLoaded(film!, load) };
}

/** A load as it is asked for by an id of any case, or nothing where there is none. */
async function loadOf(from: ViewRecords, id: string) {
	const load = await from.loads.get(id.toLowerCase());
	return load ? shownLoad(from, load) : null;
}

/** A load as the list has it. */
async function listedLoad(
	{ cameras, films }: ViewRecords,
	{ id, cameraId, filmId, loadedAt, unloadedAt, developed, frames }: LoadRecord & { id: string },
	tally: Tally = { taken: 0, judged: 0 }
) {
	const [camera, film] = await Promise.all([cameras.get(cameraId), films.get(filmId)]);
	const inCamera = unloadedAt === undefined;
	return {
		...{ id, camera: camera!.name, film: film!.name, loadedAt, inCamera, holds: frames, ...tally },
		toDevelop: waitsForBath({ unloadedAt, developed }, film!, tally)
	};
}

/**
 * The newest loads or those after a page of them, and one of them with its frames and pictures: the one that is asked
 * for, wherever it stands in the list, or the one that was shot on last, or the newest.
 *
 * @param after as a page before gave it; what is none of ours begins anew
 * @returns null where there is no such load
 */
export async function framesView(from: ViewRecords, loadId: string | null, after: string | null = null) {
	const { loads, frames, pictures, recipes } = from;
	const page =
		(after === null ? null : await loads.page(LOADS_LISTED, after)) ??
		(await loads.page(LOADS_LISTED, null))!;
	const asked = loadId?.toLowerCase() ?? (await loads.lastShot());
	const load = asked === null ? page.items.at(0) : await loads.get(asked);
	if (loadId !== null && !load) return null;
	const chosen = load ? await shownLoad(from, load) : null;
	const tallies = await loads.tallies(page.items.map(({ id }) => id));
	return {
		loads: await Promise.all(page.items.map((each) => listedLoad(from, each, tallies[each.id]))),
		older: page.next,
		after,
		chosen,
		frames: chosen ? await frames.ofLoad(chosen.load.id) : [],
		pictures: chosen ? await pictures.firstOfLoad(chosen.load.id) : {},
		recipes: await recipes.all()
	};
}

/** The frames of a load as files are put against them, or nothing where there is no such load. */
export async function scansView(from: ViewRecords, loadId: string) {
	const shown = await loadOf(from, loadId);
	if (!shown) return null;
	const { load, camera, film } = shown;
	const first = await from.pictures.firstOfLoad(load.id);
	return {
		load: { id: load.id, title: `${camera.name}, ${film.name}` },
		frames: (await from.frames.ofLoad(load.id)).map((frame) => ({
			id: frame.id,
			number: frame.number,
			line: [frame.subject ?? frame.note, frameSettings(camera, frame)].filter(Boolean).join(' · '),
			picture: first[frame.id] ?? null
		}))
	};
}

/** A load as it is put on paper, or nothing where there is no such load. */
export async function sheetView(from: ViewRecords, loadId: string) {
	const shown = await loadOf(from, loadId);
	if (!shown) return null;
	const { id } = shown.load;
	return {
		...shown,
		frames: await from.frames.ofLoad(id),
		pictures: await from.pictures.firstOfLoad(id)
	};
}

/** The frames of a load as a track puts them on places, or nothing where there is no such load. */
export async function trackView(from: ViewRecords, loadId: string) {
	const shown = await loadOf(from, loadId);
	if (!shown) return null;
	const { load, camera, film } = shown;
	return {
		load: { id: load.id, title: `${camera.name}, ${film.name}` },
		frames: await from.frames.ofLoad(load.id),
		places: (await from.places.all()).map(({ name, latitude, longitude }) => ({ name, latitude, longitude }))
	};
}

/** A frame with all that its prediction needs, or nothing where there is no such frame. */
export async function frameView(from: ViewRecords, id: string) {
	const frame = await from.frames.get(id);
	const load = frame && (await from.loads.get(frame.loadId));
	if (!frame || !load) return null;
	return {
		frame,
		...(await shownLoad(from, load)),
		gear: await from.gear.all(),
		pictures: await from.pictures.of('frame', id),
		next: nextUnjudged(await from.frames.ofLoad(load.id), frame)
	};
}

/** Loads whose frames may be what a picture shows, and such frames that are listed. */
const [LOADS_LOOKED_AT, UNJUDGED_LISTED] = [12, 40];

/** The frames of the last loads that are not judged yet, the last one first. */
export async function unjudgedFrames(from: ViewRecords) {
	const { items } = (await from.loads.page(LOADS_LOOKED_AT, null))!;
	const loads = await Promise.all(
		items.map(async (load) => ({
			...(await shownLoad(from, load)),
			frames: await from.frames.ofLoad(load.id)
		}))
	);
	const open = loads.flatMap(({ camera, film, frames }) =>
		frames
			.filter(({ judged }) => !judged)
			.map(({ id, number, takenAt, zone, subject }) => ({
				...{ id, number, takenAt, zone, subject },
				camera: camera.name,
				film: film.name
			}))
	);
	const latest = open.sort((a, b) => Date.parse(b.takenAt) - Date.parse(a.takenAt) || b.number - a.number);
	return latest.slice(0, UNJUDGED_LISTED);
}

/** The newest loads of which some frames are judged. */
export async function judgedLoads(from: ViewRecords) {
	const { items } = (await from.loads.page(LOADS_LISTED, null))!;
	const tallies = await from.loads.tallies(items.map(({ id }) => id));
	const judged = items.filter(({ id }) => (tallies[id]?.judged ?? 0) > 0);
	return Promise.all(judged.map((each) => listedLoad(from, each, tallies[each.id])));
}

/** The frame of a load to judge after this one: the next that is not judged yet. */
function nextUnjudged(all: (FrameRecord & { id: string })[], { number }: FrameRecord) {
	const open = all.filter((frame) => !frame.judged && frame.number !== number);
	const next = open.find((frame) => frame.number > number) ?? open[0];
	return next ? { id: next.id, number: next.number } : null;
}
