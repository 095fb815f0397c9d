import { frameSearchSchema, type FrameSearch } from '$contract/frame-search';
import { runningNumber } from '$contract/loads';
import type { CameraRecord, FilmRecord, FrameRecord, LoadRecord } from '$contract/records';
import { check } from '$contract/validate';
import type { Kept } from './records';

/** Frames on one page: what a screen or two hold. */
export const ON_PAGE = 50;

type Asked = FrameSearch & { page: number };
const usual: Asked = { state: 'any', order: 'newest', page: 1 };

/** What an address asks for; what it says wrong is as if it were not said. */
export function searchIn(text: string): Asked {
	const query = new URLSearchParams(text);
	const asked = Object.fromEntries([...query].filter(([, value]) => value !== ''));
	const page = /^\d{1,6}$/.test(asked.page ?? '') ? Number(asked.page) : 1;
	const checked = check(frameSearchSchema, { ...usual, ...asked, page });
	return checked.ok ? checked.value : usual;
}

/** What was found, and what stands beside it. */
interface Found {
	items: readonly Kept<FrameRecord>[];
	total: number;
	loads: ReadonlyMap<string, Kept<LoadRecord>>;
	cameras: readonly Kept<CameraRecord>[];
	films: readonly Kept<FilmRecord>[];
}

export type FramesAsked = ReturnType<typeof framesAsked>;

/** A page of all frames, with the cameras and films they were shot with. */
export function framesAsked(asked: Asked, { items, total, loads, cameras, films }: Found) {
	const [bodies, packs] = [cameras, films].map((all) => new Map(all.map((each) => [each.id, each]))) as [
		Map<string, Kept<CameraRecord>>,
		Map<string, Kept<FilmRecord>>
	];
	const rows = items.map((frame) => {
		const load = loads.get(frame.loadId)!;
		const camera = bodies.get(load.cameraId)!;
		const film = packs.get(load.filmId)!;
		return {
			frame,
			camera,
			film,
			of: `${camera.name}, ${film.name}`,
			own: runningNumber(load, frame.number)
		};
	});
	return {
		asked,
		rows,
		total,
		pages: Math.max(1, Math.ceil(total / ON_PAGE)),
		cameras: cameras.map(({ id, name }) => ({ id, name })),
		films: films.map(({ id, name }) => ({ id, name }))
	};
}
