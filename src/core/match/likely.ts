import { askedBy, automaticExposure, leanOf, offsetOf, type Camera } from '../camera';
import type { Film } from '../film';
import type { Light } from '../light';
import { doubtBeside, doubtOf, meterDoubt } from './chance';
import { placedAsMade, type MadeSetting } from './match';
import { rightAt } from './response';
import type { Scene } from './scene';
import type { Placed } from './settings';
import type { Intent } from './types';

/** Middles of ten equally likely parts of the normal distribution. Source: any table of its quantiles, 0.05, 0.15 … 0.95. */
const TENTHS = [-1.6449, -1.0364, -0.6745, -0.3853, -0.1257, 0.1257, 0.3853, 0.6745, 1.0364, 1.6449] as const;

/**
 * Ten errors that are equally likely for one setting, given all doubt: what ten frames would come to.
 *
 * @returns stops, darkest first
 * @example likelyErrors(fixed settings right for the light, sd 0.5 in all)[9] // about 0.8
 */
export function likelyErrors(
	camera: Camera,
	film: Film,
	light: Light,
	intent: Intent,
	made: MadeSetting
): number[] {
	const { scene, placed } = placedAsMade(camera, film, light, intent, made);
	const { setting, error } = placed;
	const rest = doubtBeside(scene, placed);
	if (setting.aim === null) {
		const sd = Math.hypot(scene.handDoubt, rest);
		return TENTHS.map((z) => error + z * sd);
	}
	const meter = meterDoubt(scene, setting);
	const aim = setting.aim;
	const beside = Math.hypot(meter.left, rest);
	const all = TENTHS.flatMap((seen) => {
		const onMeter = meter.mean + seen * meter.sd;
		const onSubject = scene.light.ev + meter.slope * (onMeter - meter.mean);
		const here = onSubject + scene.gain + setting.bonus - rightAt(setting.response, askedBy(aim, onMeter));
		return TENTHS.map((z) => here + z * beside);
	}).sort((a, b) => a - b);
	return TENTHS.map((_, tenth) => all[tenth * TENTHS.length + TENTHS.length / 2]);
}

/** What is expected of one setting, and which of its doubt a first frame would take away. */
export interface Expected {
	/** Stops, + = too much light. */
	error: number;
	sd: number;
	/** Doubt that all frames in this light share: of body, film and, by hand, of the light. */
	shared: number;
	clamped: boolean;
	/** An eye chose it, which follows the light. */
	byEye: boolean;
	/** The error that there would be without any limit of the camera, stops. */
	free: number;
	/** The limit of an eye that is nearest, and what the body would give beside its settings where it just meets it, stops. */
	limit: { end: 'fastest' | 'slowest'; at: number } | null;
}

/** Where an eye's limits stand; one by which it was given nothing to choose has none. */
function limitsOf(
	{ light }: Scene,
	{ setting: { aim, response } }: Placed
): Pick<Expected, 'limit'> & { beyond: number } {
	if (aim === null) return { limit: null, beyond: 0 };
	const { knots, ends } = response;
	const asked = askedBy(aim, light.meterEv);
	const [dim, bright] = [asked - knots[0].v, asked - knots[knots.length - 1].v];
	const beyond = Math.max(0, bright) + Math.min(0, dim);
	const near = Math.abs(bright) <= Math.abs(dim);
	if (ends[near ? 1 : 0] === null) return { limit: null, beyond };
	return { limit: near ? { end: 'fastest', at: bright } : { end: 'slowest', at: dim }, beyond };
}

/**
 * What is expected of a frame as it was set, with its doubt.
 *
 * @example expectedOf(fixed settings, ISO 400 film, { ev: 12, sd: 0.5 }, {}, made).sd // hypot of all doubts
 */
export function expectedOf(
	camera: Camera,
	film: Film,
	light: Light,
	intent: Intent,
	made: MadeSetting
): Expected {
	const { scene, placed } = placedAsMade(camera, film, light, intent, made);
	const clamped = placed.answered.clamped !== null;
	const byHand = placed.setting.aim === null;
	// What an eye does of its own does not come through a limit.
	const eye = automaticExposure(camera);
	const lean = eye && !byHand ? leanOf(eye, scene.light.meterEv, intent.filters ?? []).sd : 0;
	const body = clamped
		? 0
		: Math.hypot(offsetOf(camera, placed.setting.compensation, placed.setting.iso).sd, lean);
	const { limit, beyond } = limitsOf(scene, placed);
	return {
		error: placed.error,
		sd: doubtOf(scene, placed),
		shared: Math.hypot(scene.filmDoubt, body, byHand || clamped ? scene.light.sd : 0),
		clamped,
		byEye: !byHand,
		free: placed.error - beyond,
		limit
	};
}
