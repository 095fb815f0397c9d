import { automaticExposure, dialSpeeds, type Camera } from '../camera';
import { effectiveSpeedStops, speedDoubt, type Film } from '../film';
import { bodyPriorOf, learn, type JudgedFrame } from '../learn';
import { landmarks } from '../light';
import { match } from '../match';
import { speedStops } from '../units';

/** One frame of a trial: how to set the camera, and what it is for. */
export interface TrialFrame {
	/** Wheel, stops. */
	compensation: number;
	/** Place of the film-speed dial. */
	iso: number;
	why: string;
}

/** A trial: in which light, and which frames. */
export interface Trial {
	/** EV in which no frame runs into a limit, and how such light is called. */
	ev: number;
	words: string;
	frames: TrialFrame[];
}

/** The brightest first: in long times films lose speed, which is no fault of the eye's. */
const LIGHTS = landmarks.map(({ ev }) => ev).sort((a, b) => b - a);

/** Whether the eye has room for all the frames in a light. */
function hasRoom(camera: Camera, film: Film, frames: readonly TrialFrame[], ev: number): boolean {
	return frames.every(({ compensation, iso }) => {
		const { best } = match(camera, film, { ev, sd: 0 }, {}, { compensation, iso, handheld: false });
		return best.clamped === null;
	});
}

/**
 * The fewest frames that tell an eye's habit, its wheel and its dial apart: both ends of the wheel,
 * which differ by the most that it can do; its middle, twice, for one frame proves little; and each
 * further place of the dial once.
 *
 * @returns null for a camera without an eye, or where no known light has room for its frames
 * @example trialOf(a folding instant camera, a film)?.frames.length // 4
 */
export function trialOf(camera: Camera, film: Film): Trial | null {
	const eye = automaticExposure(camera);
	if (!eye) return null;
	const [iso, ...others] = dialSpeeds(camera);
	const at = (compensation: number, why: string): TrialFrame => ({ compensation, iso, why });
	const { darken = 0, lighten = 0 } = eye.compensation ?? {};
	const frames = [
		at(0, 'what it does by itself'),
		...(darken < 0 ? [at(darken, 'one end of the wheel')] : []),
		...(lighten > 0 ? [at(lighten, 'the other end: together they show what a click does')] : []),
		at(0, 'the same again: one frame proves nothing'),
		...others.map((other) => ({ compensation: 0, iso: other, why: `whether the dial's ${other} is one` }))
	];
	const wheelless = eye.compensation ? frames : frames.map((frame) => ({ ...frame, compensation: 0 }));
	const ev = LIGHTS.find((each) => hasRoom(camera, film, wheelless, each));
	if (ev === undefined) return null;
	return { ev, words: landmarks.find((mark) => mark.ev === ev)!.words, frames: wheelless };
}

/** What a trial has taught. */
export interface TrialResult {
	/** The camera's offset: + gives more than it should. */
	offset: { stops: number; sd: number };
	/** What a stop of the wheel really does, and its doubt; null where the wheel was not moved. */
	wheel: { gain: number; sd: number } | null;
	/** Stops by which each further place of the dial gives more than the first. */
	dial: { iso: number; stops: number; sd: number }[];
}

/** Doubt of a frame as it is judged by eye, with the eye's own from frame to frame, stops; common practice. */
const FRAME_SD = 0.4;

/** All frames of a trial are on one pack of one film, and judged by one person. */
const SHARED = { film: 'film', load: 'pack', judge: 'own' };

/**
 * What the frames of a trial teach: offset, wheel and dial, by the same model and prior as judged frames do.
 *
 * @param film the film it was shot on: what it is faster than the dial is no fault of the body's
 * @param judged how far each frame came out from right, stops, + lighter; null where it was not shot
 */
export function learnFromTrial(
	camera: Camera,
	film: Film,
	frames: readonly TrialFrame[],
	judged: readonly (number | null)[]
): TrialResult {
	const dials = [...new Set(frames.map(({ iso }) => iso))];
	const marked = (iso: number) => `dial ${iso}`;
	const shot = frames.flatMap((frame, index): JudgedFrame[] => {
		const came = judged[index];
		if (came === null) return [];
		return [
			{
				...SHARED,
				predicted: effectiveSpeedStops(film) - speedStops(frame.iso) + frame.compensation,
				judged: came,
				sd: FRAME_SD,
				compensation: frame.compensation,
				speedSd: speedDoubt(film),
				...(dials.length > 1 ? { setting: marked(frame.iso) } : {})
			}
		];
	});
	const { stops, sd, wheel, settings } = learn(bodyPriorOf(camera), shot);
	const [first, ...others] = dials.map((iso) => settings.find(({ setting }) => setting === marked(iso)));
	return {
		offset: { stops, sd },
		wheel,
		dial: others.flatMap((each, index) =>
			each && first
				? [{ iso: dials[index + 1], stops: each.stops - first.stops, sd: Math.hypot(each.sd, first.sd) }]
				: []
		)
	};
}
