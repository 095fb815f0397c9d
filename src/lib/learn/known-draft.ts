import { automaticExposure, controlsOf, dialSpeeds, wheelPositions, type Camera } from '$core/camera';
import type { Film } from '$core/film';
import type { Experience } from '$core/learn';
import type { Light, ShadowEdgeCondition } from '$core/light';
import { match, type Intent } from '$core/match';
import type { CameraRecord } from '$contract/records';
import type { Kept } from '$lib/records/client';

/** What can be chosen to say how a camera is known to do. */
export interface KnownDraft {
	condition: ShadowEdgeCondition;
	intent: Intent;
	stops: number;
	sd: number;
}

/** How sure a person says to be, stops; common practice. */
export const sureness = [
	{ value: '0.25', name: 'always' },
	{ value: '0.5', name: 'usually' },
	{ value: '1', name: 'I think so' }
] as const;

/** Of which of its marks a camera has more than one. */
export interface Choices {
	positions: string[];
	apertures: number[];
	times: number[];
	wheel: number[];
	dial: number[];
	/** The light has to be said: no eye follows it. */
	light: boolean;
}

const several = <T>(values: readonly T[]): T[] => {
	const all = [...new Set(values)];
	return all.length > 1 ? all : [];
};

/** What has to be said of a camera for one setting. */
export function choicesOf(camera: Camera): Choices {
	const eye = automaticExposure(camera);
	const controls = controlsOf(camera).filter(({ handTimed }) => !handTimed);
	const positions = several(controls.flatMap(({ position }) => position?.label ?? []));
	const listed = (axis: 'aperture' | 'shutter') =>
		positions.length > 0
			? []
			: several(controls.flatMap(({ [axis]: each }) => (each.kind === 'listed' ? each.values : [])));
	return {
		positions,
		apertures: listed('aperture'),
		times: eye ? [] : listed('shutter'),
		wheel: several(wheelPositions(eye?.compensation)),
		dial: several(dialSpeeds(camera)),
		light: eye === null
	};
}

/** Where the choices stand before one is made: at their first, the wheel in its middle. */
export function usualOf({ positions, apertures, times, wheel, dial }: Choices): Intent {
	const first = <K extends string, V>(key: K, [value]: readonly V[]) =>
		value === undefined ? {} : { [key]: value };
	const middle = wheel.toSorted((a, b) => Math.abs(a) - Math.abs(b));
	return {
		...first('position', positions),
		...first('aperture', apertures),
		...first('seconds', times),
		...first('compensation', middle),
		...first('iso', dial)
	};
}

/**
 * A camera without one of the things that were said of it; where nothing else had taught it, it is as it was before.
 *
 * @param place of it in the list
 */
export function withoutKnown(camera: Kept<CameraRecord>, place: number): Kept<CameraRecord> {
	const known = (camera.known ?? []).filter((_, at) => at !== place);
	const { learnt } = camera;
	if (known.length > 0 || !learnt || learnt.frames > 0) return { ...camera, known };
	const { offset: _offset, learnt: _learnt, ...before } = camera;
	return { ...before, known, ...(learnt.untold ? {} : { offset: learnt.prior }) };
}

/** A light in the middle of what eyes follow; what an eye does of its own is the same in any. */
const IN_REACH: Light = { ev: 12 };

/** What is said so far, as it is kept. */
export function experienceOf(
	camera: Camera,
	film: Film & { id: string },
	{ condition, intent, stops, sd }: KnownDraft,
	at: string
): Experience {
	const light: Light = automaticExposure(camera)
		? IN_REACH
		: { method: 'shadows', school: 'shadow-edge', condition };
	const said = { ...usualOf(choicesOf(camera)), ...intent };
	const { f, seconds, compensation, iso, position } = match(camera, film, light, {}, said).best;
	return {
		filmId: film.id,
		light,
		settings: { f, seconds, compensation, iso, ...(position !== null && { position }) },
		judged: { stops, sd },
		at
	};
}
