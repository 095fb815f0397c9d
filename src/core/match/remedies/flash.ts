import type { Camera } from '../../camera';
import { effectiveSpeedStops } from '../../film';
import { flashDistance, flashError, flashRange, together } from '../../flash';
import { formatPart } from '../../units';
import { chanceWithin, doubtOf } from '../chance';
import { worth } from '../best';
import { outcomeOf } from '../outcome';
import { filterStops, sceneOf, type Scene } from '../scene';
import { reachableSettings, type Placed } from '../settings';
import type { Bag, Change, Outcome } from '../types';
import { distanceOutside, verdictOf } from '../verdict';
import { meetWishes } from '../wishes';
import type { Option, RemedyKind } from './remedy-kind';

/** Doubt of a flash, stops: guide numbers are measured in rooms; common practice. */
const FLASH_SD = 1 / 3;
/** Marks of shutters are rounded: this much faster than its sync still counts as it. */
const MARK_TOLERANCE = 1.02;

interface Flash {
	guideNumber: number;
	powers: number[];
	nearest: number;
	farthest: number;
	sync: number;
}

function flashOf(camera: Camera, bag: Bag): Flash | null {
	const { nearest = 0, farthest = Infinity, sync = 0 } = camera.flash ?? {};
	if (bag.flash) return { ...bag.flash, nearest, farthest, sync };
	return camera.flash
		? { guideNumber: camera.flash.guideNumber, powers: [1], nearest, farthest, sync }
		: null;
}

interface Lit {
	outcome: Outcome;
	change: Partial<Change>;
}

/**
 * One setting with the flash at one power. The flash alone lights the subject by its guide number;
 * the eye or the hand has set the time for the rest, and that is the background's own exposure.
 */
function lit(scene: Scene, placed: Placed, flash: Flash, power: number): Lit {
	const { film, intent, latitude } = scene;
	const plain = outcomeOf(scene, placed);
	const right = flashDistance(
		flash.guideNumber,
		plain.f,
		effectiveSpeedStops(film) - filterStops(intent),
		power
	);
	const inReach = Math.min(flash.farthest, Math.max(flash.nearest, plain.sharp.from, right));
	const distance = intent.subjectDistance ?? inReach;
	const alone = flashError(right, distance);
	const error = together(plain.error, alone);
	const fromFlash = 2 ** (alone - error);
	const doubt = Math.hypot(
		(1 - fromFlash) * doubtOf(scene, placed),
		fromFlash * Math.hypot(FLASH_SD, scene.otherDoubt)
	);
	const chance = (range: [number, number]) => chanceWithin(range, error, doubt);
	const outcome: Outcome = {
		...plain,
		error,
		verdict: verdictOf(latitude, error),
		chances: { good: chance(latitude.good), usable: chance(latitude.usable) },
		spoilers: fromFlash > 1 / 2 ? plain.spoilers.filter((spoiler) => spoiler === 'near') : plain.spoilers
	};
	const [near, far] = flashRange(right, latitude.usable);
	const range: [number, number] = [Math.max(flash.nearest, near), Math.min(flash.farthest, far)];
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

const judge: Option['judge'] = ({ camera, film, light, bag, intent }) => {
	const flash = flashOf(camera, bag)!;
	const scene = sceneOf(camera, film, light, intent);
	const { met } = meetWishes(reachableSettings(scene), intent);
	const synced = met.filter(({ answered }) => answered.seconds * MARK_TOLERANCE >= flash.sync);
	const all = synced.flatMap((placed) => flash.powers.map((power) => lit(scene, placed, flash, power)));
	if (all.length === 0) return null;
	const best = all.reduce((a, b) => better(scene, a, b));
	const name = best.change.power === 1 ? 'flash' : `flash at ${formatPart(best.change.power!)} power`;
	return { outcome: best.outcome, change: { ...best.change, name } };
};

/** The flash of the bag, or the one that is built in. */
export const flash: RemedyKind = {
	effort: 1,
	pairs: true,
	options: ({ camera, bag }) =>
		flashOf(camera, bag)
			? [{ change: { kind: 'flash', name: 'flash' }, apply: (question) => question, judge }]
			: []
};
