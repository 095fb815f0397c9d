import { automaticExposure, controlsOf, usualOffset, type Camera, type Filter } from '../camera';
import type { Film } from '../film';
import type { Light } from '../light';
import { expectedOf, type MadeSetting } from '../match';
import { formatAperture } from '../units';
import { learn, type JudgedFrame, type Learnt, type Prior } from './offset';

/** A frame that was judged, as it was shot. */
export interface ShotFrame {
	light: Light;
	settings: MadeSetting;
	handheld?: boolean;
	filters?: Filter[];
	exposures?: number;
	/** A frame that a flash lit says nothing of eye and shutter. */
	flash?: unknown;
	judged: { stops: number; sd: number };
}

/** The mark or place that a frame was shot at, where the camera has more than one. */
function settingOf(camera: Camera, { f, iso }: MadeSetting): string | undefined {
	const eye = automaticExposure(camera);
	if (eye && eye.iso.length > 1 && iso != null) return `dial ${iso}`;
	const apertures = controlsOf(camera).flatMap(({ aperture }) =>
		aperture.kind === 'listed' ? aperture.values : []
	);
	return new Set(apertures).size > 1 ? formatAperture(f) : undefined;
}

/**
 * A judged frame as learning takes it: predicted for a body without any offset, with the doubt of the
 * judge, the light and the film, but not of the body, which is what is asked for.
 *
 * @param pack what tells the loads apart
 * @returns null for a frame that says nothing of the body
 */
export function judgedFrameOf(
	camera: Camera,
	film: Film,
	{ light, settings, judged, flash, ...mounted }: ShotFrame,
	pack: string
): JudgedFrame | null {
	if (flash) return null;
	const { handheld, filters, exposures } = mounted;
	const intent = { handheld, filters, exposures };
	const bare = expectedOf({ ...camera, offset: { stops: 0, sd: 0 } }, film, light, intent, settings);
	// Near a limit it depends on the offset itself whether the eye ran into it.
	const clamped =
		automaticExposure(camera) !== null &&
		(bare.clamped || expectedOf(camera, film, light, intent, settings).clamped);
	return {
		predicted: bare.error,
		judged: judged.stops,
		sd: Math.hypot(bare.sd, judged.sd),
		setting: settingOf(camera, settings),
		...(settings.compensation == null ? {} : { compensation: settings.compensation }),
		pack,
		clamped
	};
}

/** What is known of a body before any of its frames was judged. */
export function priorOf(camera: Camera): Prior {
	if (camera.offset && camera.offset.sd > 0) return camera.offset;
	return { ...usualOffset(camera), ...(camera.offset && { stops: camera.offset.stops }) };
}

/**
 * A camera with what freshly judged frames of its load say of it already: what the next click is
 * answered with.
 *
 * @returns the camera as it was where they say nothing
 */
export function answered<C extends Camera>(
	camera: C,
	film: Film,
	fresh: readonly ShotFrame[]
): { camera: C; learnt: Learnt | null } {
	const frames = fresh.flatMap((frame) => judgedFrameOf(camera, film, frame, film.name) ?? []);
	if (frames.length === 0) return { camera, learnt: null };
	const learnt = learn(priorOf(camera), frames);
	if (learnt.frames === 0) return { camera, learnt: null };
	return { camera: { ...camera, offset: { stops: learnt.stops, sd: learnt.sd } }, learnt };
}
