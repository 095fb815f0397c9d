import { error } from '@sveltejs/kit';
import { isPack } from '$core/develop';
import type { FilmRecord } from '$contract/records';
import { bagRecords, filmsFor, nextBatches, packingRecords, plainRecords, stockView } from './bag';
import { comparing } from './compare';
import { developing, recipeAsked } from './developing';
import {
	frameView,
	framesView,
	judgedLoads,
	scansView,
	sheetView,
	trackView,
	unjudgedFrames
} from './frames';
import { inUse } from './in-use';
import { asUsed, bodyOf, lessons } from './learn/learnt';
import { practising, progress } from './practice';
import type { ViewRecords } from './records';

/** What is asked of a view: ids and choices, by their names. */
type Asked = URLSearchParams;

const idIn = (asked: Asked, name = 'id') => asked.get(name)?.toLowerCase() ?? '';
/** What is there, or the word that it is not. */
const there = <T>(found: T | null | undefined, what: string): T =>
	found ?? error(404, `There is no such ${what}`);

const isNew = (asked: Asked) => idIn(asked) === 'new';

/** The films that each camera took, the last one first. */
async function filmsTaken({ loads }: ViewRecords): Promise<Record<string, string[]>> {
	const took: Record<string, string[]> = {};
	for (const { camera, film } of await loads.taken()) (took[camera] ??= []).push(film);
	return took;
}

const cameraOf = async ({ cameras }: ViewRecords, asked: Asked) =>
	there(await cameras.get(idIn(asked)), 'camera');
const outingOf = async ({ outings }: ViewRecords, asked: Asked) =>
	there(await outings.get(idIn(asked)), 'outing');

/** What was measured of a camera, the newest first. */
const measured = async ({ measurements }: ViewRecords, id: string) =>
	(await measurements.ofCamera(id)).toSorted((a, b) => b.takenAt.localeCompare(a.takenAt));

const bag = {
	bag: async (from: ViewRecords) => ({ records: await bagRecords(from) }),
	reach: async (from: ViewRecords, asked: Asked) => ({
		camera: await cameraOf(from, asked),
		records: await bagRecords(from)
	}),
	stock: (from: ViewRecords) => stockView(from),
	'load-film': async (from: ViewRecords, asked: Asked) => ({
		records: await plainRecords(from),
		recipes: await from.recipes.all(),
		took: await filmsTaken(from),
		lastNumber: await from.loads.lastNumber(),
		next: await nextBatches(from),
		cameraId: asked.get('camera'),
		filmId: asked.get('film')
	}),
	async load({ loads, cameras, films, frames }: ViewRecords, asked: Asked) {
		const load = there(await loads.get(idIn(asked)), 'load');
		return {
			load,
			camera: (await cameras.get(load.cameraId))!,
			films: await films.all(),
			frames: await frames.ofLoad(load.id)
		};
	},
	async camera(from: ViewRecords, asked: Asked) {
		const kindId = asked.get('kind');
		const flashes = (await from.gear.all())
			.filter(({ type }) => type === 'flash')
			.map(({ id, name }) => ({ id, name }));
		if (isNew(asked)) {
			const films: FilmRecord[] = (await from.films.all()).filter(({ archived }) => !archived);
			return { camera: null, flashes, pictures: [], kindId, films, measurements: [] };
		}
		const camera = await cameraOf(from, asked);
		return {
			camera,
			flashes,
			kindId,
			films: await filmsFor(from, camera),
			measurements: await measured(from, camera.id),
			pictures: await from.pictures.of('camera', camera.id)
		};
	},
	async film({ cameras, films }: ViewRecords, asked: Asked) {
		const camera = (await cameras.get(idIn(asked, 'camera'))) ?? null;
		return { camera, film: isNew(asked) ? null : there(await films.get(idIn(asked)), 'film') };
	},
	'film-cameras': async (from: ViewRecords, asked: Asked) => ({
		film: there(await from.films.get(idIn(asked)), 'film'),
		records: await bagRecords(from)
	}),
	async card(from: ViewRecords, asked: Asked) {
		const { camera, film } = await asUsed(from, idIn(asked, 'camera'), idIn(asked, 'film'));
		return {
			camera: there(camera, 'camera'),
			film: there(film, 'film'),
			records: await plainRecords(from)
		};
	},
	async give(from: ViewRecords, asked: Asked) {
		const camera = await cameraOf(from, asked);
		const measurements = (await from.measurements.ofCamera(camera.id)).length;
		return { camera, measurements, body: await bodyOf(from, camera) };
	},
	'take-in': async ({ cameras }: ViewRecords) => ({ cameras: await cameras.all() }),
	async bench(from: ViewRecords, asked: Asked) {
		const camera = await cameraOf(from, asked);
		return {
			camera,
			films: await filmsFor(from, camera),
			measurements: await measured(from, camera.id)
		};
	}
};

const frames = {
	frames: async (from: ViewRecords, asked: Asked) =>
		there(await framesView(from, asked.get('load'), asked.get('after')), 'load'),
	frame: async (from: ViewRecords, asked: Asked) => there(await frameView(from, idIn(asked)), 'frame'),
	sheet: async (from: ViewRecords, asked: Asked) => there(await sheetView(from, idIn(asked)), 'load'),
	scans: async (from: ViewRecords, asked: Asked) => there(await scansView(from, idIn(asked)), 'load'),
	track: async (from: ViewRecords, asked: Asked) => there(await trackView(from, idIn(asked)), 'load'),
	'all-frames': async (from: ViewRecords, asked: Asked) => from.frames.asked(asked.toString()),
	learnt: (from: ViewRecords) => lessons(from),
	async honest(from: ViewRecords, asked: Asked) {
		const [camera, film, way, light] = ['camera', 'film', 'way', 'light'].map(
			(name) => asked.get(name) ?? ''
		);
		return from.learning.honesty({ camera, film, way, light });
	},
	/** What a picture may be of that comes from outside. */
	shared: async (from: ViewRecords) => ({
		frames: await unjudgedFrames(from),
		records: await plainRecords(from)
	}),
	notebook: async ({ cameras, films, places }: ViewRecords) => ({
		bag: { cameras: await cameras.all(), films: await films.all(), places: await places.all() }
	})
};

const desk = {
	plan: (from: ViewRecords) => bagRecords(from),
	async 'what-if'(from: ViewRecords, asked: Asked) {
		const [load, camera] = ['load', 'camera'].map((name) => asked.get(name)?.toLowerCase() || undefined);
		const listed = await judgedLoads(from);
		// Nothing is asked for: the roll that was judged last.
		const chosen = load ?? (camera ? undefined : listed.at(0)?.id);
		if (chosen) there(await from.loads.get(chosen), 'load');
		const [cameras, films, gear] = await Promise.all([from.cameras.all(), from.films.all(), from.gear.all()]);
		return {
			bag: { cameras: inUse(cameras), films: inUse(films), gear },
			loads: listed,
			asked: { load: chosen, camera },
			log: await from.learning.log({ load: chosen, camera })
		};
	},
	compare: (from: ViewRecords, asked: Asked) => comparing(from, asked.get('camera')?.toLowerCase()),
	outings: async ({ outings }: ViewRecords) => ({ outings: await outings.all() }),
	async outing(from: ViewRecords, asked: Asked) {
		const records = await packingRecords(from);
		return { outing: isNew(asked) ? null : await outingOf(from, asked), records };
	},
	'outing-sheet': async (from: ViewRecords, asked: Asked) => ({
		outing: await outingOf(from, asked),
		records: await bagRecords(from)
	}),
	develop: (from: ViewRecords) => developing(from),
	async recipe(from: ViewRecords, asked: Asked) {
		const recipe = there(await from.recipes.get(idIn(asked)), 'recipe');
		return recipeAsked(from, recipe, !isPack(recipe.kind));
	},
	async 'edit-recipe'({ recipes }: ViewRecords, asked: Asked) {
		if (isNew(asked)) return { recipe: null, from: (await recipes.get(idIn(asked, 'from'))) ?? null };
		return { recipe: there(await recipes.get(idIn(asked)), 'recipe'), from: null };
	},
	run: async ({ recipes }: ViewRecords) => ({ recipes: await recipes.all() }),
	practice: (from: ViewRecords) => practising(from),
	progress: (from: ViewRecords) => progress(from),
	settings: async (from: ViewRecords) => ({ backups: await from.backups() })
};

/** What each view shows, by its name. */
export const views = {
	/** What stands around every view. */
	around: async (from: ViewRecords) => ({
		backupFailed: (await from.backups())?.failed?.why ?? null,
		settings: (await from.settings()) ?? null
	}),
	shoot: async (from: ViewRecords) => ({ records: await bagRecords(from) }),
	...bag,
	...frames,
	...desk
};

export type Views = typeof views;
export type ViewName = keyof Views;
