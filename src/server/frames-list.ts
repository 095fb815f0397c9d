import { frameSearchSchema, type FrameSearch } from '$contract/frame-search';
import { runningNumber } from '$contract/loads';
import { check } from '$contract/validate';
import type { ReadTables } from './database/tables';
import { everything } from './everything';

/** Frames on one page: what a screen or two hold. */
const ON_PAGE = 50;

const usual: FrameSearch & { page: number } = { state: 'any', order: 'newest', page: 1 };

/** What an address asks for; what it says wrong is as if it were not said. */
function searchIn(query: URLSearchParams): FrameSearch & { page: number } {
	const asked = Object.fromEntries([...query].filter(([, value]) => value !== ''));
	const page = /^\d{1,6}$/.test(asked.page ?? '') ? Number(asked.page) : 1;
	const checked = check(frameSearchSchema, { ...usual, ...asked, page });
	return checked.ok ? checked.value : usual;
}

/** A page of all frames, with the cameras and films they were shot with. */
export function framesAsked({ cameras, films, loads, search }: ReadTables, query: string) {
	const asked = searchIn(new URLSearchParams(query));
	const { items, total } = search.page(asked, ON_PAGE, (asked.page - 1) * ON_PAGE);
	const rows = items.map((frame) => {
		const load = loads.get(frame.loadId)!;
		const camera = cameras.get(load.cameraId)!;
		const film = films.get(load.filmId)!;
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
		cameras: everything(cameras).map(({ id, name }) => ({ id, name })),
		films: everything(films).map(({ id, name }) => ({ id, name }))
	};
}
