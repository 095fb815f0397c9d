import { error } from '@sveltejs/kit';
import { isPack } from '$core/develop';
import { backupsTold } from '../api/backups';
import { allOutings, bagRecords, packingRecords, plainRecords } from '../bag-records';
import { asUsed } from '../cards/as-loaded';
import { developing, waiting } from '../developing';
import { everything } from '../everything';
import { filmsFor } from '../films-for';
import { framesView, frameView, scansView, sheetView, trackView } from '../frames-view';
import { inThread } from '../heavy/pool';
import { bodyOf, honesty, lessons } from '../learnt';
import { practising, progress } from '../practice';
import { dataFolder, safekeeping, store } from '../store';

/** What is asked of a view: ids and choices, by their names. */
type Asked = URLSearchParams;

const idIn = (asked: Asked, name = 'id') => asked.get(name)?.toLowerCase() ?? '';
/** What is there, or the word that it is not. */
const there = <T>(found: T | null | undefined, what: string): T =>
	found ?? error(404, `There is no such ${what}`);

const isNew = (asked: Asked) => idIn(asked) === 'new';

/** The films that each camera took, the last one first. */
function filmsTaken(): Record<string, string[]> {
	const took: Record<string, string[]> = {};
	for (const { camera, film } of store().loadSearch.taken()) (took[camera] ??= []).push(film);
	return took;
}

const cameraOf = (asked: Asked) => there(store().cameras.get(idIn(asked)), 'camera');
const outingOf = (asked: Asked) => there(store().outings.get(idIn(asked)), 'outing');

const bag = {
	bag: async () => ({ records: await bagRecords() }),
	reach: async (asked: Asked) => ({ camera: cameraOf(asked), records: await bagRecords() }),
	'load-film': (asked: Asked) => ({
		records: plainRecords(),
		recipes: everything(store().recipes),
		took: filmsTaken(),
		lastNumber: store().loadSearch.lastNumber(),
		cameraId: asked.get('camera'),
		filmId: asked.get('film')
	}),
	load(asked: Asked) {
		const { loads, cameras, films, frames } = store();
		const load = there(loads.get(idIn(asked)), 'load');
		return {
			load,
			camera: cameras.get(load.cameraId)!,
			films: everything(films),
			frames: frames.where('load_id', load.id)
		};
	},
	camera(asked: Asked) {
		const { gear, pictures } = store();
		const kindId = asked.get('kind');
		const flashes = gear.where('kind', 'flash').map(({ id, name }) => ({ id, name }));
		if (isNew(asked)) return { camera: null, flashes, pictures: [], kindId };
		const camera = cameraOf(asked);
		return { camera, flashes, kindId, pictures: pictures.of('camera', camera.id) };
	},
	film(asked: Asked) {
		const { cameras, films } = store();
		const camera = cameras.get(idIn(asked, 'camera')) ?? null;
		return { camera, film: isNew(asked) ? null : there(films.get(idIn(asked)), 'film') };
	},
	async card(asked: Asked) {
		const { camera, film } = await asUsed(idIn(asked, 'camera'), idIn(asked, 'film'));
		return { camera: there(camera, 'camera'), film: there(film, 'film'), records: plainRecords() };
	},
	async give(asked: Asked) {
		const camera = cameraOf(asked);
		const measurements = store().measurements.where('camera_id', camera.id).length;
		return { camera, measurements, body: await bodyOf(camera) };
	},
	'take-in': () => ({ cameras: everything(store().cameras) }),
	bench(asked: Asked) {
		const camera = cameraOf(asked);
		return {
			camera,
			films: filmsFor(camera),
			measurements: store()
				.measurements.where('camera_id', camera.id)
				.toSorted((a, b) => b.takenAt.localeCompare(a.takenAt))
		};
	}
};

const frames = {
	frames: (asked: Asked) => there(framesView(asked.get('load'), asked.get('after')), 'load'),
	frame: (asked: Asked) => there(frameView(idIn(asked)), 'frame'),
	sheet: (asked: Asked) => there(sheetView(idIn(asked)), 'load'),
	scans: (asked: Asked) => there(scansView(idIn(asked)), 'load'),
	track: (asked: Asked) => there(trackView(idIn(asked)), 'load'),
	'all-frames': (asked: Asked) => inThread('framesAsked', dataFolder(), asked.toString()),
	learnt: () => lessons(),
	honest: (asked: Asked) => honesty(asked),
	notebook() {
		const { cameras, films, places } = store();
		return { bag: { cameras: everything(cameras), films: everything(films), places: everything(places) } };
	}
};

const desk = {
	plan: () => bagRecords(),
	outings: () => ({ outings: allOutings() }),
	async outing(asked: Asked) {
		const records = await packingRecords();
		return { outing: isNew(asked) ? null : outingOf(asked), records };
	},
	'outing-sheet': async (asked: Asked) => ({ outing: outingOf(asked), records: await bagRecords() }),
	develop() {
		const { recipes, done } = developing();
		return { recipes, done };
	},
	recipe(asked: Asked) {
		const recipe = there(store().recipes.get(idIn(asked)), 'recipe');
		return { recipe, loads: waiting(!isPack(recipe.kind)) };
	},
	'edit-recipe'(asked: Asked) {
		const { recipes } = store();
		if (isNew(asked)) return { recipe: null, from: recipes.get(idIn(asked, 'from')) ?? null };
		return { recipe: there(recipes.get(idIn(asked)), 'recipe'), from: null };
	},
	run: () => ({ recipes: developing().recipes }),
	practice: () => practising(),
	progress: () => progress(),
	settings: () => ({ backups: backupsTold() })
};

/** What each view shows, by its name. */
export const views = {
	/** What stands around every view. */
	around: () => ({ backupFailed: safekeeping().failed()?.why ?? null }),
	shoot: async () => ({ records: await bagRecords() }),
	...bag,
	...frames,
	...desk
};

export type Views = typeof views;
export type ViewName = keyof Views;
