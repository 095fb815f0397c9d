import { gainOf, markGiven, offsetOf, togetherOf, withOffset } from './offset';
import type { Camera } from './types';

/** A camera as what is known of it with its film has it with any other: its own offset, and what its wheel does. */
export function withAnyFilm<C extends Camera>(camera: C): C {
	const together = togetherOf(camera);
	if (!together) return camera;
	const own = withOffset(camera, together.body);
	const { exposure } = camera;
	const { wheel } = together;
	if (!wheel || exposure.mode === 'manual' || !exposure.compensation) return own;
	const does = { stops: 1 + wheel.stops, sd: wheel.sd };
	return { ...own, exposure: { ...exposure, compensation: { ...exposure.compensation, does } } };
}

/** What the body gives by itself, whatever film is in it, with its wheel and dial where they are. */
export function bodyOffsetOf(
	camera: Camera,
	wheel = 0,
	iso: number | null = null
): { stops: number; sd: number } {
	const { stops, sd } = togetherOf(camera)?.body ?? offsetOf(camera);
	const gain = gainOf(camera) ?? { stops: 0, sd: 0 };
	const mark = markGiven(camera, iso) ?? { stops: 0, sd: 0 };
	return {
		stops: stops + wheel * gain.stops + mark.stops,
		sd: Math.hypot(sd, wheel * gain.sd, mark.sd)
	};
}
