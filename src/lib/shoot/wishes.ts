import { takenBy, type Camera, type Filter } from '$core/camera';
import { goesInto, type Film } from '$core/film';
import { BUILT_IN, bounceLoss } from '$core/flash';
import { resolveLight, type Light } from '$core/light';
import {
	isSameThing,
	keptIntent,
	type Bag,
	type Change,
	type Intent,
	type LitChange,
	type Remedy
} from '$core/match';
import { filtersOf } from '$contract/own-filters';
import type { CameraRecord, FilmRecord, GearRecord } from '$contract/records';
import type { Kept } from '$lib/records/client';

/** What is wanted of the picture, whatever camera takes it. */
export interface SceneWishes extends Pick<Intent, 'subjectDistance' | 'subjectSpeed' | 'depth'> {
	/** s, at least and at most. */
	seconds?: [number | null, number | null];
}

/** What is set or mounted on one camera; what is absent is free. */
export interface CameraWishes extends Pick<
	Intent,
	'compensation' | 'aperture' | 'iso' | 'position' | 'handTimed' | 'manual'
> {
	/** s */
	seconds?: number;
	filters: Filter[];
	closeUp?: { id: string; name: string; dioptres: number };
	/** It stands on a tripod or a wall. */
	support: boolean;
	/** Stops by which the eye's light is brighter than the subject's. */
	meterDifference: number;
	/** Doubt of the eye's light where it was read on its own, stops. */
	meterSd?: number;
	/** The flash fires. */
	flash: boolean;
	/** Which one, and how it is set. */
	flashed?: FlashWish;
}

/** A flash as it is set; what is absent is as suits best. */
export interface FlashWish {
	/** Which of the bag; BUILT_IN for the camera's own. */
	id?: string;
	/** Part of full power. */
	power?: number;
	/** What stands before it, stops. */
	loss?: number;
	/** It shines at a white ceiling so far above it, m. */
	ceiling?: number;
}

/** Where a subject is taken to stand that nobody placed, m. */
const USUAL_DISTANCE = 2;

/** A flash that can be used with a camera. */
export interface OwnFlash extends NonNullable<Bag['flash']> {
	/** Its record in the bag; BUILT_IN for the camera's own. */
	id: string;
	name: string;
}

/** The flashes that a camera can be used with: those of the bag that fit, and its own. */
export function flashesFor(
	gear: readonly Kept<GearRecord>[],
	{ flash, flashes }: Pick<CameraRecord, 'flash' | 'flashes'>
): OwnFlash[] {
	const fitting = gear.flatMap((piece): OwnFlash[] => {
		if (piece.type !== 'flash' || !(flashes?.includes(piece.id) ?? true)) return [];
		const { id, name, guideNumber, powers } = piece;
		return [{ id, name, guideNumber, powers: [...powers] }];
	});
	return flash
		? [...fitting, { id: BUILT_IN, name: BUILT_IN, guideNumber: flash.guideNumber, powers: [1] }]
		: fitting;
}

/**
 * The flash that is used, as it is set: the one that is wished for, or else the first.
 *
 * @param distance of the subject, m: the way by the ceiling depends on it
 */
export function flashSet(
	flashes: readonly OwnFlash[],
	{ id, power, loss, ceiling }: FlashWish = {},
	distance = USUAL_DISTANCE
): OwnFlash | null {
	const flash = flashes.find((each) => each.id === id) ?? flashes[0];
	if (!flash) return null;
	const lost = ceiling === undefined ? loss : bounceLoss(distance, ceiling);
	return { ...flash, ...(power === undefined ? {} : { powers: [power] }), ...(lost ? { loss: lost } : {}) };
}

export const freeCamera: CameraWishes = { filters: [], meterDifference: 0, flash: false, support: false };

/** What a match is asked of a camera. */
export function intentOf(scene: SceneWishes, camera: CameraWishes): Intent {
	const { filters, closeUp, support, position, aperture, handTimed, manual, compensation, iso } = camera;
	const asked: Intent = {
		...scene,
		// What is set is set; whether it is what was wanted is said beside it.
		seconds: camera.seconds ?? scene.seconds,
		handheld: !support,
		position,
		aperture,
		handTimed,
		manual,
		compensation,
		iso,
		filters: filters.length > 0 ? filters : undefined,
		closeUp: closeUp?.dioptres
	};
	return Object.fromEntries(Object.entries(asked).filter(([, value]) => value !== undefined));
}

/** The light with the eye in it, or beside it. */
export function lightFor(light: Light, { meterDifference, meterSd }: CameraWishes): Light {
	if (meterDifference === 0 && meterSd === undefined) return light;
	const eye = { ...light, meterEv: resolveLight(light).ev + meterDifference };
	return meterSd === undefined ? eye : { ...eye, meterSd };
}

const unnamed = ({ id: _id, name: _name, ...flash }: OwnFlash): NonNullable<Bag['flash']> => flash;

/** What remedies may use of the bag. */
export function bagOf(
	gear: readonly Kept<GearRecord>[],
	films: readonly Kept<FilmRecord>[],
	loaded: { film: Film; camera?: Camera } | undefined,
	flash: OwnFlash | null
): Bag {
	const takes = loaded && takenBy(loaded.camera ?? {}, loaded.film);
	return {
		filters: filtersOf(gear),
		films: films.filter((film) => !film.archived && takes && goesInto(film, takes)),
		tripod: gear.some(({ type }) => type === 'support'),
		...(flash ? { flash: unnamed(flash) } : {})
	};
}

/** The filters on a lens with one of the bag put on or taken off. */
export function mounted(
	filters: readonly Filter[],
	which: { id?: string; name: string },
	on: boolean,
	bag: Bag
): Filter[] {
	const others = filters.filter((filter) => !isSameThing(filter, which));
	return on ? [...others, ...(bag.filters ?? []).filter((filter) => isSameThing(filter, which))] : others;
}

/** All that is wanted: of the scene and of one camera. */
export interface Wishes {
	scene: SceneWishes;
	camera: CameraWishes;
}

/** The wishes with the changes of a remedy made, or null where one of them is not made here and now. */
export function keeping({ scene, camera }: Wishes, changes: readonly Change[], bag: Bag): Wishes | null {
	const kept = keptIntent(intentOf(scene, camera), changes, bag);
	if (!kept) return null;
	const { seconds, subjectDistance, subjectSpeed, depth, handheld, filters = [], ...set } = kept;
	const { compensation, aperture, iso, position, handTimed, manual } = set;
	const fires = changes.some(({ kind }) => kind === 'flash');
	const one = typeof seconds === 'number';
	return {
		scene: { subjectDistance, subjectSpeed, depth, seconds: one ? scene.seconds : seconds },
		camera: {
			...camera,
			...{ compensation, aperture, iso, position, handTimed, manual },
			seconds: one ? seconds : undefined,
			support: handheld === false,
			filters,
			flash: fires || camera.flash
		}
	};
}

/** What a remedy says of its flash; null where it uses none. */
export function litOf({ changes }: Remedy): LitChange | null {
	const fired = changes.find(({ kind }) => kind === 'flash');
	return fired ? (fired as Change & LitChange) : null;
}
