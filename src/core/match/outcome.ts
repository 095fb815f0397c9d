import { chooseFocus, type Focused } from '../focus';
import { askedWithin, chancesOf } from './chance';
import { answerTo } from './response';
import type { Scene } from './scene';
import type { Placed } from './settings';
import { spoilersOf } from './spoilers';
import type { Outcome } from './types';
import { whyOf } from './why';
import { verdictOf } from './verdict';

/** The times to be expected from an eye; of a hand, the one that it set. */
function secondsRange(scene: Scene, { setting, answered }: Placed): [number, number] {
	if (setting.aim === null) return [answered.seconds, answered.seconds];
	const [dim, bright] = askedWithin(scene, setting, setting.aim);
	return [answerTo(setting.response, bright).seconds, answerTo(setting.response, dim).seconds];
}

/** Where the lens is set and what is sharp; the same for every time at an f-number. */
export function focusedAt({ camera, intent }: Scene, f: number): Focused {
	return chooseFocus(camera, f, intent.subjectDistance, intent.closeUp);
}

/**
 * All that is known of a setting in a light.
 *
 * @param chances where they have been worked out already
 */
export function outcomeOf(scene: Scene, placed: Placed, chances = chancesOf(scene, placed)): Outcome {
	const { setting, answered, error } = placed;
	const focused = focusedAt(scene, answered.f);
	return {
		f: answered.f,
		seconds: answered.seconds,
		compensation: setting.compensation,
		iso: setting.iso,
		position: setting.position,
		handTimed: setting.handTimed,
		...(setting.manual && { manual: true }),
		error,
		why: whyOf(scene, placed),
		verdict: verdictOf(scene.latitude, error),
		chances,
		clamped: answered.clamped,
		secondsRange: secondsRange(scene, placed),
		spoilers: spoilersOf(scene.camera, scene.intent, answered, focused),
		...focused
	};
}
