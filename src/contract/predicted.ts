import type { Camera } from '../core/camera';
import type { Film } from '../core/film';
import type { Light } from '../core/light';
import { bestOutcome, outcomeAt, type Intent, type Outcome } from '../core/match';
import type { FrameRecord, FrameSettings } from './frames';

/** What the program would have said of a frame: one place for all who log it or put it right. */

/** A frame whose light was read: it has its settings and a promise. */
export type ReadFrame<F extends FrameRecord = FrameRecord> = F & {
	light: Light;
	settings: FrameSettings & { f: number; seconds: number };
	predicted: Outcome;
};

/** Whether the light of a frame was read. */
export const isRead = <F extends FrameRecord>(frame: F): frame is ReadFrame<F> =>
	frame.light !== null && frame.predicted !== null;

/** What was on the camera at a frame, as the match takes it. */
export function intentOfFrame(
	frame: Pick<FrameRecord, 'handheld' | 'filters' | 'exposures' | 'closeUp' | 'distance'>
): Intent {
	const { handheld, filters, exposures, closeUp, distance } = frame;
	return { handheld, filters, exposures, closeUp: closeUp?.dioptres, subjectDistance: distance };
}

/** What was set at a frame whose light is not known is not all known: the rest as suits best. */
function filledIn(camera: Camera, film: Film, light: Light, frame: FrameRecord): Outcome {
	const { f, seconds, compensation, iso, position, handTimed, manual } = frame.settings;
	const set = { aperture: f, seconds, compensation, iso, position, handTimed, manual };
	const known = Object.entries(set).filter(([, value]) => value !== null && value !== undefined);
	return bestOutcome(camera, film, light, { ...intentOfFrame(frame), ...Object.fromEntries(known) });
}

/**
 * A frame with what the program says of it, from its light, its settings and what was on the camera.
 *
 * @param film as it was developed
 * @returns the frame without a promise where its light is not known
 */
export function withPrediction<F extends FrameRecord>(camera: Camera, film: Film, frame: F): F {
	const { light, settings, flash } = frame;
	if (light === null) return { ...frame, predicted: null };
	const { f, seconds } = settings;
	if (f === null || seconds === null) {
		const predicted = filledIn(camera, film, light, frame);
		return { ...frame, settings: { ...settings, f: predicted.f, seconds: predicted.seconds }, predicted };
	}
	const made = { ...settings, f, seconds, ...(typeof flash === 'object' ? { flash } : {}) };
	return { ...frame, predicted: outcomeAt(camera, film, light, intentOfFrame(frame), made) };
}
