import { offsetOf, type Camera } from '../camera';
import { effectiveSpeedStops, type Film } from '../film';
import {
	flashDistance,
	flashDoubt,
	flashError,
	flashRange,
	lessGuideNumber,
	OPEN_AIR,
	together,
	type FlashSetting
} from '../flash';
import type { Light } from '../light';
import { worth } from './best';
import { chanceWithin, doubtOf } from './chance';
import { outcomeOf } from './outcome';
import { filterStops, sceneOf, type Scene } from './scene';
import { reachableSettings, type Placed } from './settings';
import type { Bag, Intent, LitChange, Match, Outcome } from './types';
import { distanceOutside, verdictOf } from './verdict';
import { meetWishes } from './wishes';

/** Marks of shutters are rounded: this much faster than its sync still counts as it. */
const MARK_TOLERANCE = 1.02;

/** A flash with what the camera lets it do: m, and s of the fastest time that it works at. */
export interface Flash {
	guideNumber: number;
	powers: number[];
	/** What stands before it, stops. */
	loss?: number;
	nearest: number;
	farthest: number;
	sync: number;
}

/** The flash that a camera is used with: that of the bag, or the one built in. */
export function flashOf(camera: Camera, bag: Bag): Flash | null {
	const { nearest = 0, farthest = Infinity, sync = 0 } = camera.flash ?? {};
	if (bag.flash) return { ...bag.flash, nearest, farthest, sync };
	return camera.flash
		? { guideNumber: camera.flash.guideNumber, powers: [1], nearest, farthest, sync }
		: null;
}

/** An outcome with flash, and what is to be known of the flash. */
export interface Lit {
	outcome: Outcome;
	change: LitChange;
}

/** A flash in the law of guide numbers, as a film sees it behind its filters and a lens that moves out, in a room or outdoors. */
export function flashSetting(
	{ guideNumber, loss }: Pick<Flash, 'guideNumber' | 'loss'>,
	{ film, intent, nearLoss, outdoors }: Pick<Scene, 'film' | 'intent' | 'nearLoss' | 'outdoors'>,
	f: number
): FlashSetting {
	return {
		guideNumber: lessGuideNumber(guideNumber, (loss ?? 0) + (outdoors ? OPEN_AIR.stops : 0)),
		f,
		speed: effectiveSpeedStops(film) - filterStops(intent) - nearLoss
	};
}

/**
 * One setting with the flash at one power. The flash alone lights the subject by its guide number;
 * the eye or the hand has set the time for the rest, and that is the background's own exposure.
 */
export function lit(scene: Scene, placed: Placed, flash: Flash, power: number): Lit {
	const { intent, latitude } = scene;
	const plain = outcomeOf(scene, placed);
	const { guideNumber, f, speed } = flashSetting(flash, scene, plain.f);
	const right = flashDistance(guideNumber, f, speed, power);
	const inReach = Math.min(flash.farthest, Math.max(flash.nearest, plain.sharp.from, right));
	const distance = intent.subjectDistance ?? inReach;
	const alone = flashError(right, distance);
	const error = together(plain.error, alone);
	const fromFlash = 2 ** (alone - error);
	const doubt = Math.hypot(
		(1 - fromFlash) * doubtOf(scene, placed),
		fromFlash * Math.hypot(flashDoubt(scene.outdoors), scene.filmDoubt, offsetOf(scene.camera).sd)
	);
	const chance = (range: [number, number]) => chanceWithin(range, error, doubt);
	const outcome: Outcome = {
		...plain,
		error,
		why: { ...plain.why, flash: error - plain.error },
		verdict: verdictOf(latitude, error),
		chances: { good: chance(latitude.good), usable: chance(latitude.usable) },
		spoilers:
			fromFlash > 1 / 2
				? plain.spoilers.filter(({ kind }) => kind === 'near' || kind === 'far')
				: plain.spoilers
	};
	const [near, far] = flashRange(right, latitude.usable);
	// What it lights nearer than the lens is sharp is no picture.
	const farthest = Math.min(flash.farthest, far);
	const range: [number, number] = [
		Math.max(flash.nearest, near, Math.min(plain.sharp.from, farthest)),
		farthest
	];
	return { outcome, change: { power, range, background: plain.error, to: distance } };
}

/** Better exposed, then not spoiled, then worthier. */
function better(scene: Scene, a: Lit, b: Lit): Lit {
	const key = ({ outcome }: Lit) => [
		outcome.verdict === 'just-enough' ? 0 : 1 + distanceOutside(scene.latitude.usable, outcome.error),
		outcome.spoilers.length,
		-worth(outcome)
	];
	const [left, right] = [key(a), key(b)];
	const differs = left.findIndex((value, index) => Math.abs(value - right[index]) > 1e-9);
	return differs < 0 || left[differs] < right[differs] ? a : b;
}

/**
 * The best that a camera does with its flash: every setting that meets the wishes and the flash's
 * synchronisation, at every power.
 *
 * @returns null where there is no flash, or no setting in which it works
 * @example bestLit(f/8 at 1/60 s, ISO 100, { ev: 4 }, { flash: { guideNumber: 16, powers: [1] } }, {})?.change.to // 2
 */
export function bestLit(
	camera: Camera,
	film: Film,
	light: Light,
	bag: Bag,
	intent: Intent
): (Lit & { unmet: Match['unmet'] }) | null {
	const flash = flashOf(camera, bag);
	if (!flash) return null;
	const scene = sceneOf(camera, film, light, intent);
	const { met, unmet } = meetWishes(reachableSettings(scene), intent);
	const synced = met.filter(({ answered }) => answered.seconds * MARK_TOLERANCE >= flash.sync);
	const all = synced.flatMap((placed) => flash.powers.map((power) => lit(scene, placed, flash, power)));
	return all.length === 0 ? null : { ...all.reduce((a, b) => better(scene, a, b)), unmet };
}
