import { onlyByHand, type Camera } from '$core/camera';
import { store } from './store';

type Fields = Readonly<Record<string, unknown>>;

const fieldsOf = (value: unknown): Fields | null =>
	typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Fields) : null;

/** The camera that a frame's load is in. */
function cameraOf(loadId: unknown): Camera | undefined {
	const { loads, cameras } = store();
	const load = typeof loadId === 'string' ? loads.get(loadId.toLowerCase()) : undefined;
	return load && cameras.get(load.cameraId);
}

/**
 * A frame as it was written before its time's hand and the measure of its spoilers were told, in today's
 * form: a phone that was away during an update still has such frames to send. What is told already, and
 * what is no frame, stays as it is.
 *
 * @returns a frame whose time is the hand's where only bulb reaches it, as it was taken to be then
 */
export function raisedFrame(frame: Fields): Record<string, unknown> {
	const [settings, predicted] = [fieldsOf(frame.settings), fieldsOf(frame.predicted)];
	if (!settings || !predicted || 'handTimed' in predicted) return { ...frame };
	const { seconds } = settings;
	const camera = cameraOf(frame.loadId);
	const timeable = camera !== undefined && typeof seconds === 'number' && seconds > 0;
	const handTimed = timeable && onlyByHand(camera, seconds);
	const { spoilers } = predicted;
	const measured = Array.isArray(spoilers)
		? spoilers.slice(0, 64).map((kind: unknown) => (typeof kind === 'string' ? { kind, by: null } : kind))
		: spoilers;
	return {
		...frame,
		settings: { handTimed, ...settings },
		predicted: { ...predicted, handTimed, spoilers: measured }
	};
}
