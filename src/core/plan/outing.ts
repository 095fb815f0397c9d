import type { Camera, Filter } from '../camera';
import type { Film } from '../film';
import { instantOf, zoneAt, type Exposed, type Light, type Sky } from '../light';
import { quickMatch, type Intent, type Outcome } from '../match';
import { intentForDepth } from './depth';
import type { FilmWish, Packing, PackScene } from './pack';

/** Where the light of a scene is known from beforehand. */
export type SceneLight =
	| { by: 'sky'; sky: Sky; subject: Exposed }
	/** A kind of place that light is read by. */
	| { by: 'place'; place: string }
	/** EV at ISO 100 and its doubt, stops. */
	| { by: 'ev'; ev: number; sd: number };

/** With what a scene is taken. */
export interface Take {
	cameraId: string;
	filmId: string;
	/** Filters of the bag, as they were then. */
	filters?: Filter[];
	handheld?: boolean;
}

/** A picture or some that one goes out for. */
export interface Scene {
	id: string;
	name: string;
	/** Local time, 19:40. */
	at: string;
	/** After midnight: on the day after that of the outing. */
	nextDay?: boolean;
	light: SceneLight;
	/** How many frames it may take. */
	frames: number;
	on?: FilmWish;
	/** At least this f-number, for depth. */
	depth?: number;
	intent?: Pick<Intent, 'seconds' | 'subjectDistance' | 'subjectSpeed' | 'handheld'>;
	/** As it was packed. */
	take?: Take;
}

/** Scenes on a day at a place. */
export interface Outing {
	name: string;
	/** Local date, 2026-05-02. */
	date: string;
	where: { latitude: number; longitude: number; name?: string };
	scenes: Scene[];
}

const A_DAY = 86_400_000;

/**
 * When a scene is, by the place's clock.
 *
 * @returns ISO 8601 with the place's offset; a time that the clock jumps over is the one after it
 * @example sceneTime(outing, { at: '19:40', … }) // '2026-05-02T19:40:00.000+01:00'
 */
export function sceneTime({ date, where }: Outing, { at, nextDay }: Pick<Scene, 'at' | 'nextDay'>): string {
	const zone = zoneAt(where.latitude, where.longitude);
	// A day on the calendar: on a night of a clock change it has not 24 hours.
	const day = nextDay ? new Date(Date.parse(date) + A_DAY).toISOString().slice(0, 10) : date;
	return instantOf(day, at, zone)!.at;
}

/** The scenes of an outing by their time. */
export function scenesInOrder(outing: Outing): Scene[] {
	const time = (scene: Scene) => Date.parse(sceneTime(outing, scene));
	return outing.scenes.toSorted((a, b) => time(a) - time(b));
}

/** The light that a scene is expected in, as a reading. */
export function sceneLight(outing: Outing, scene: Pick<Scene, 'at' | 'nextDay' | 'light'>): Light {
	const { light } = scene;
	if (light.by === 'ev') return { ev: light.ev, sd: light.sd };
	if (light.by === 'place') return { method: 'place', place: light.place };
	const { latitude, longitude } = outing.where;
	const at = sceneTime(outing, scene);
	return { method: 'sun', latitude, longitude, at, sky: light.sky, subject: light.subject };
}

/** A scene as packing asks for it. */
export function packSceneOf(outing: Outing, scene: Scene): PackScene {
	const { name, intent, on, depth, frames } = scene;
	return { name, light: sceneLight(outing, scene), intent, on, depth, frames };
}

/** What the places in a packing's question stand for. */
export interface PackedFrom {
	cameras: readonly { id: string }[];
	films: readonly { id: string }[];
	filters: readonly Filter[];
}

/**
 * The scenes with what each is taken with.
 *
 * @param scenes those that were packed for, in their order
 * @example withTakes(outing.scenes, packing, bag)[0].take // { cameraId: '…', filmId: '…', handheld: true }
 */
export function withTakes(scenes: readonly Scene[], { uses }: Packing, from: PackedFrom): Scene[] {
	return scenes.map(({ take: _, ...scene }, at) => {
		const use = uses[at];
		if (!use) return scene;
		const filters = use.filters.map((filter) => from.filters[filter]);
		const take: Take = {
			cameraId: from.cameras[use.camera].id,
			filmId: from.films[use.film].id,
			handheld: !use.support,
			...(filters.length > 0 ? { filters } : {})
		};
		return { ...scene, take };
	});
}

/** The things that a scene is taken with, and how it comes out. */
export interface PlannedScene<C extends Camera, F extends Film> {
	camera: C;
	film: F;
	filters: Filter[];
	outcome: Outcome;
}

type WithId<T> = T & { id: string };

/**
 * How a scene is taken as it was packed.
 *
 * @param bag what there is now
 * @returns null where it was not packed, or what it was packed with is no longer there
 * @example plannedScene(outing, outing.scenes[0], bag)?.outcome.verdict // 'usable'
 */
export function plannedScene<C extends WithId<Camera>, F extends WithId<Film>>(
	outing: Outing,
	scene: Scene,
	bag: { cameras: readonly C[]; films: readonly F[] }
): PlannedScene<C, F> | null {
	const { take } = scene;
	const camera = bag.cameras.find(({ id }) => id === take?.cameraId);
	const film = bag.films.find(({ id }) => id === take?.filmId);
	if (!take || !camera || !film) return null;
	const { filters = [] } = take;
	const intent = intentForDepth(camera, { ...scene.intent, handheld: take.handheld, filters }, scene.depth);
	if (!intent) return null;
	const { best } = quickMatch(camera, film, sceneLight(outing, scene), intent);
	return { camera, film, filters, outcome: best };
}
