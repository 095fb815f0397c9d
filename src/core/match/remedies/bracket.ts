import { chanceWithin, doubtOf } from '../chance';
import { union, type Interval } from '../intervals';
import { outcomeOf } from '../outcome';
import { sceneOf } from '../scene';
import { reachableSettings, type Placed } from '../settings';
import type { StopRange } from '../../film';
import type { Outcome } from '../types';
import { meetWishes } from '../wishes';
import type { Option, RemedyKind } from './remedy-kind';

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

/** The chance that one or other of several frames lies inside a range: their errors move together. */
function chanceOfOne(range: StopRange, frames: readonly Placed[], sd: number): number {
	const inside = frames.map(({ error }): Interval => [range[0] - error, range[1] - error]);
	return union(inside).reduce((sum, piece) => sum + chanceWithin(piece, 0, sd), 0);
}

const sameSetting = ({ answered, setting }: Placed, best: Outcome) =>
	answered.f === best.f && answered.seconds === best.seconds && setting.compensation === best.compensation;

const judge: Option['judge'] = ({ camera, film, light, intent }, answer) => {
	const scene = sceneOf(camera, film, light, intent);
	const { met } = meetWishes(reachableSettings(scene), intent);
	const best = answer(camera, film, light, intent);
	const even = met.find((each) => sameSetting(each, best));
	if (!even) return null;
	const { good, usable } = scene.latitude;
	const step = Math.min(FARTHEST_STEP, good[1] - good[0]);
	const [darker, lighter] = [nearestTo(met, even.error - step), nearestTo(met, even.error + step)];
	if (!darker || !lighter || darker === even || lighter === even) return null;
	const frames = [darker, even, lighter];
	const sd = doubtOf(scene, even);
	const chances = { good: chanceOfOne(good, frames, sd), usable: chanceOfOne(usable, frames, sd) };
	return { outcome: outcomeOf(scene, even, chances) };
};

/** Three frames: darker, even, lighter. */
export const bracket: RemedyKind = {
	effort: 2,
	pairs: false,
	options: () => [
		{
			change: { kind: 'bracket', name: 'three frames: darker, even, lighter' },
			apply: (question) => question,
			judge,
			narrows: true
		}
	]
};
