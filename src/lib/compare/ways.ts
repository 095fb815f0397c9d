import { automaticExposure, dialSpeeds, takenBy, type Camera, type Filter } from '$core/camera';
import type { Way } from '$core/compare';
import type { Film } from '$core/film';
import type { CameraRecord, FilmRecord, GearRecord } from '$contract/records';
import { filmFor, filmsThatFit, typicalLoad } from '$lib/bag/takes';
import { filtersToTry } from '$lib/bag/filters-to-try';
import type { BagRecords } from '$lib/shoot/bag';
import { wayName } from '$words';

/** A way as it is chosen: by what is in the bag, and what would be changed. */
export interface WayDraft {
	id: string;
	/** As the person calls it; empty: by what it is. */
	called: string;
	/** Empty: the camera that all is about. */
	cameraId: string;
	filmId: string;
	/** A filter to try, by its id; empty: none. */
	filter: string;
	/** On the pack it stays; before the lens, or lens and eye, it is on where it helps. */
	sits: 'pack' | 'lens' | 'both';
	/** null: as suits each frame. */
	wheel: number | null;
	/** Stops of development. */
	push: number;
	/** The film speed that its eye is made to believe in; null: as it is. */
	eye: number | null;
	/** A flash of the bag; empty: none. */
	flash: string;
	once: number;
	/** null: what such a frame cost last. */
	frame: number | null;
}

/** What ways are chosen from. */
export type WaysBag = BagRecords & { usual: Record<string, { frames?: number; price?: number }> };

type Kept<R> = R & { id: string };

const draftOf = (id: string, filmId: string, changes: Partial<WayDraft> = {}): WayDraft => ({
	...{ id, filmId, called: '', cameraId: '', filter: '', sits: 'lens', wheel: null, push: 0 },
	...{ eye: null, flash: '', once: 0, frame: null, ...changes }
});

/** What a frame on a film cost last, in the person's own money; undefined where no load was priced. */
export function framePrice({ usual }: WaysBag, filmId: string, camera: Camera): number | undefined {
	const { frames = typicalLoad(camera).frames, price } = usual[filmId] ?? {};
	return price === undefined ? undefined : price / frames;
}

/** A camera whose eye believes in another speed. */
function withEye<C extends Camera>(camera: C, iso: number | null): C {
	const eye = automaticExposure(camera);
	return eye && iso !== null ? { ...camera, exposure: { ...eye, iso: [iso] } } : camera;
}

function filterOf(gear: readonly Kept<GearRecord>[], { filter: id, sits }: WayDraft): Filter[] {
	const found = filtersToTry(gear).find((each) => each.id === id)?.filter;
	return found ? [{ ...found, ...(sits === 'both' && { overMeter: true }) }] : [];
}

/** What a choice is called: as the person says, else by what it is. */
function nameOf(
	{ called, cameraId, sits, wheel, push, eye }: WayDraft,
	{ camera, film }: Pick<Way, 'camera' | 'film'>,
	filters: readonly Filter[],
	flash: string | undefined
): string {
	const parts = { film: film.name, filters: filters.map(({ name }) => ({ name, sits })), flash };
	const other = cameraId ? { camera: camera.name } : {};
	return called.trim() || wayName({ ...parts, ...other, wheel, push, eye });
}

/** A film that is pushed or pulled, stops. */
const developed = <F extends Film>(film: F, push: number): F =>
	push === 0 ? film : { ...film, processStops: (film.processStops ?? 0) + push };

/** The way that a choice stands for; null where what it names has left the bag. */
export function wayOf(draft: WayDraft, own: Kept<CameraRecord>, records: WaysBag): Way | null {
	const camera = draft.cameraId ? records.cameras.find(({ id }) => id === draft.cameraId) : own;
	const film = records.films.find(({ id }) => id === draft.filmId);
	if (!camera || !film) return null;
	const { wheel, push, once } = draft;
	const filters = filterOf(records.gear, draft);
	const flash = records.gear.find(({ id }) => id === draft.flash);
	return {
		name: nameOf(draft, { camera, film }, filters, flash?.name),
		camera: withEye(camera, draft.eye),
		film: developed(film, push),
		...(filters.length > 0 && { filters, removable: draft.sits !== 'pack' }),
		...(wheel !== null && { compensation: wheel }),
		...(flash?.type === 'flash' && { flash: { guideNumber: flash.guideNumber, powers: flash.powers } }),
		cost: { once, frame: draft.frame ?? framePrice(records, film.id, camera) ?? 0 }
	};
}

/** Stops by which a film is faster than what an eye was built for; 0 by hand, or where its dial has it. */
function tooFast(camera: Camera, { iso }: Film): number {
	if (!automaticExposure(camera)) return 0;
	const beside = dialSpeeds(camera).map((speed) => Math.log2(iso / speed));
	return beside.reduce((a, b) => (Math.abs(b) < Math.abs(a) ? b : a), Infinity);
}

/** Greys that are suggested at once. */
const GREYS_SUGGESTED = 2;

/** The greys of the bag, or to buy, that are nearest to some stops. */
function greysFor(gear: readonly Kept<GearRecord>[], stops: number): string[] {
	const greys = filtersToTry(gear).filter(({ filter }) => (filter.kind ?? 'neutral') === 'neutral');
	const away = ({ filter }: (typeof greys)[number]) => Math.abs(filter.stops - stops);
	return greys
		.toSorted((a, b) => away(a) - away(b))
		.slice(0, GREYS_SUGGESTED)
		.map(({ id }) => id);
}

/** Less than this nobody buys a filter for, stops. */
const WORTH_A_FILTER = 2 / 3;

/** Films of the bag that a camera takes as it is loaded now, the slow ones first. */
export function filmsFor(camera: Kept<CameraRecord>, { films, loads }: BagRecords): Kept<FilmRecord>[] {
	const inside = loads.find(({ cameraId }) => cameraId === camera.id);
	return filmsThatFit(
		films,
		takenBy(
			camera,
			films.find(({ id }) => id === inside?.filmId)
		)
	);
}

/** The ways that a person argues about with themselves: as it is, a filter, the eye converted, another film. */
export function suggestedWays(camera: Kept<CameraRecord>, records: WaysBag): WayDraft[] {
	const inside = records.loads.find(({ cameraId }) => cameraId === camera.id)?.filmId;
	const film = filmFor(camera, records.films, inside ? [inside] : []);
	if (!film) return [];
	const fast = tooFast(camera, film);
	const others = filmsFor(camera, records).filter(({ id }) => id !== film.id);
	const other = others.toSorted((a, b) => Math.abs(tooFast(camera, a)) - Math.abs(tooFast(camera, b)))[0];
	const filtered = fast > WORTH_A_FILTER || !automaticExposure(camera);
	return [
		draftOf('as it is', film.id),
		...(filtered ? greysFor(records.gear, fast > 0 ? fast : 1) : []).map((filter) =>
			draftOf(filter, film.id, { filter })
		),
		...(Math.abs(fast) > WORTH_A_FILTER ? [draftOf('eye', film.id, { eye: film.iso })] : []),
		...(other ? [draftOf('film', other.id)] : [])
	];
}
