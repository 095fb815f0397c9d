import { chanceWithin, doubtOf, freshDoubt } from '../chance';
import { union, type Interval } from '../intervals';
import { outcomeOf } from '../outcome';
import { sceneOf, type Scene } from '../scene';
import { reachableSettings, type Placed } from '../settings';
import type { Camera } from '../../camera';
import type { Film, StopRange } from '../../film';
import type { Light } from '../../light';
import type { Intent, Outcome } from '../types';
import { meetWishes } from '../wishes';
import type { Judge, RemedyKind } from './remedy-kind';

/** Frames of a bracket stand a stop apart where the film holds as much, or just as far as it holds. */
const FARTHEST_STEP = 1;
/** A step that is missed by more than this is none, stops. */
const NEAR_ENOUGH = 1 / 3;

function nearestTo(candidates: readonly Placed[], error: number): Placed | null {
	const nearest = candidates.reduce((a, b) =>
		Math.abs(b.error - error) < Math.abs(a.error - error) ? b : a
	);
	return Math.abs(nearest.error - error) <= NEAR_ENOUGH ? nearest : null;
}

/** An error with what frames share of its doubt, and what is its own, stops. */
interface Doubted {
	error: number;
	shared: number;
	own: number;
}

function doubted(scene: Scene, placed: Placed): Doubted {
	const own = freshDoubt(scene, placed);
	return { error: placed.error, own, shared: Math.sqrt(Math.max(0, doubtOf(scene, placed) ** 2 - own ** 2)) };
}

/** Own doubt below this is none beside what is shared. */
const NOTHING = 0.02;
/** Sum over what is shared, in steps of its standard deviation, at most and at least: good to 0.001. */
const [COARSE, FINE, TAIL] = [1 / 4, 1 / 50, 5];

/** Half of what is each frame's own, so that no edge of a range falls between two steps. */
const stepFor = (frames: readonly Doubted[]) =>
	Math.max(FINE, Math.min(COARSE, ...frames.map(({ own, shared }) => own / (2 * shared))));

/** Where all that is in doubt is shared, frames move together: the ranges of it in which one comes out are joined. */
function together(range: StopRange, frames: readonly Doubted[]): number {
	const inside = frames.map(({ error, shared }): Interval => [
		(range[0] - error) / shared,
		(range[1] - error) / shared
	]);
	return union(inside).reduce((sum, piece) => sum + chanceWithin(piece, 0, 1), 0);
}

/**
 * The chance that one or other of several frames lies inside a range: 1 − E Π(1 − p), over what they share,
 * each p with what is its own.
 *
 * @example chanceOfOne([-1, 1], [{ error: 0, shared: 0, own: 1 }, { error: 0, shared: 0, own: 1 }]) // 1 − 0.317² = 0.9
 */
export function chanceOfOne(range: StopRange, frames: readonly Doubted[]): number {
	if (frames.every(({ own, shared }) => own < NOTHING && shared > 0)) return together(range, frames);
	let [missed, weights] = [0, 0];
	const steps = Math.ceil((2 * TAIL) / stepFor(frames));
	for (let at = 0; at <= steps; at++) {
		const z = TAIL * ((2 * at) / steps - 1);
		const weight = Math.exp((-z * z) / 2);
		const none = frames.reduce(
			(rest, { error, shared, own }) => rest * (1 - chanceWithin(range, error + z * shared, own)),
			1
		);
		missed += weight * none;
		weights += weight;
	}
	return 1 - missed / weights;
}

const sameSetting = ({ answered, setting }: Placed, best: Outcome) =>
	answered.f === best.f && answered.seconds === best.seconds && setting.compensation === best.compensation;

/** The three frames about a setting and their chance; null where the camera cannot be moved either way. */
function threeAbout(scene: Scene, best: Outcome): { frames: Placed[]; chances: Outcome['chances'] } | null {
	const { met } = meetWishes(reachableSettings(scene), scene.intent);
	const even = met.find((each) => sameSetting(each, best));
	if (!even) return null;
	const { good, usable } = scene.latitude;
	const step = Math.min(FARTHEST_STEP, good[1] - good[0]);
	const [darker, lighter] = [nearestTo(met, even.error - step), nearestTo(met, even.error + step)];
	if (!darker || !lighter || darker === even || lighter === even) return null;
	const frames = [darker, even, lighter];
	const errors = frames.map((each) => doubted(scene, each));
	const chances = { good: chanceOfOne(good, errors), usable: chanceOfOne(usable, errors) };
	return { frames, chances };
}

/** A bracket: its frames as they are shot, and the chance that one of them comes out. */
export interface Bracket {
	readonly frames: [darker: Outcome, even: Outcome, lighter: Outcome];
	chances: Outcome['chances'];
}

/**
 * The bracket about a setting: a stop each way where the film holds as much, by wheel or by settings.
 *
 * @param best the setting that it stands about
 * @returns null where the camera cannot be set darker and lighter
 * @example bracketAbout(a camera with a wheel, instant film, { ev: 10 }, {}, best)?.frames.length // 3
 */
export function bracketAbout(
	camera: Camera,
	film: Film,
	light: Light,
	intent: Intent,
	best: Outcome
): Bracket | null {
	const scene = sceneOf(camera, film, light, intent);
	const three = threeAbout(scene, best);
	if (!three) return null;
	return {
		chances: three.chances,
		// Asked for at every step of a drag, and needed only when the frames are logged.
		get frames(): Bracket['frames'] {
			const [darker, even, lighter] = three.frames.map((each) => outcomeOf(scene, each));
			return [darker, even, lighter];
		}
	};
}

const judge: Judge = ({ camera, film, light, intent }, answer) => {
	const scene = sceneOf(camera, film, light, intent);
	const three = threeAbout(scene, answer(camera, film, light, intent));
	return three && { outcome: outcomeOf(scene, three.frames[1], three.chances) };
};

/** Three frames: darker, even, lighter. */
export const bracket: RemedyKind = {
	kind: 'bracket',
	effort: 2,
	pairs: false,
	narrows: true,
	options: () => [{ name: 'three frames: darker, even, lighter' }],
	judge,
	make: (question) => question
};
