import { automaticExposure, type Camera } from '../camera';
import type { Film } from '../film';
import { resolveLight, type Light } from '../light';
import { bestOf, ranked } from './best';
import { flashOf, lit, type Lit } from './lit';
import { outcomeOf } from './outcome';
import { remediesFor } from './remedies';
import { shownByTrial, worthOfKnowing } from './remedies/knowing';
import { sceneOf, type Scene } from './scene';
import { handSetting, placed, reachableSettings, type Placed } from './settings';
import type { Bag, FlashFired, Intent, Match, Outcome } from './types';
import { wishProblems } from './fixed';
import { fullStopApertures, nearestMark } from '../units';
import { typicalOf } from './typical';
import { madeByEye, meetWishes } from './wishes';

const askedOf = (scene: Scene) => meetWishes(reachableSettings(scene), scene.intent);

/**
 * THE computation: what a camera with a film does in a light, setting by setting, best first, and the
 * least changes that would make it surer.
 *
 * @param camera lengths mm, distances m, times s
 * @param film speeds ISO, changes in stops
 * @param light EV at ISO 100 with its doubt, or a reading of it
 * @param bag what a remedy may use
 * @param intent what is wanted or fixed already; everything absent is free
 * @returns errors in stops, + = too much light on the film
 * @throws nothing for input that its schemas pass and wishProblems finds no fault with
 * @example match(fixed f/11 at 1/100 s, ISO 400 colour negative, { ev: 12 }).best.error // 0.44
 */
export function match(camera: Camera, film: Film, light: Light, bag: Bag = {}, intent: Intent = {}): Match {
	const scene = sceneOf(camera, film, light, intent);
	const { met, unmet } = askedOf(scene);
	const settings = ranked(scene, met);
	const [best] = settings;
	const remedies = remediesFor({ camera, film, light, bag, intent }, best, bestOutcome, settings.length);
	return { light: resolveLight(light), best, settings, unmet, typical: typicalOf(camera, film), remedies };
}

/**
 * The best outcome and the unmet wishes alone: what a lane shows while the light is dragged. The same
 * as of `match(…)`, without ordering the rest.
 *
 * @param camera see match
 * @param film see match
 * @param light see match
 * @param intent see match
 */
export function quickMatch(
	camera: Camera,
	film: Film,
	light: Light,
	intent: Intent = {}
): Pick<Match, 'best' | 'unmet'> {
	const scene = sceneOf(camera, film, light, intent);
	const { met, unmet } = askedOf(scene);
	return { best: bestOf(scene, met), unmet };
}

/** The best outcome alone; see quickMatch. */
export function bestOutcome(camera: Camera, film: Film, light: Light, intent: Intent = {}): Outcome {
	return quickMatch(camera, film, light, intent).best;
}

/**
 * The scale of equivalents: of each aperture that a hand can set, the best that goes with it, widest first.
 *
 * @returns empty where there are not several apertures and several times to set
 * @example equivalents(a camera with two rings, ISO 100, { ev: 15 }, {}).map(({ f }) => f) // [4, 5.6, 8, 11, 16]
 */
export function equivalents(camera: Camera, film: Film, light: Light, intent: Intent = {}): Outcome[] {
	const scene = sceneOf(camera, film, light, intent);
	const byMark = new Map<number, Placed[]>();
	for (const each of reachableSettings(scene)) {
		if (each.setting.aim !== null || each.setting.handTimed) continue;
		const mark = nearestMark(fullOrOwn(camera), each.answered.f);
		if (Math.abs(Math.log2(mark / each.answered.f)) > SAME_APERTURE) continue;
		byMark.set(mark, [...(byMark.get(mark) ?? []), each]);
	}
	const groups = [...byMark].sort(([a], [b]) => a - b).map(([, group]) => group);
	if (groups.length < 2 || groups.every(({ length }) => length < 2)) return [];
	return groups.map((group) => bestOf(scene, group));
}

/** What a test frame is worth for those after it. */
export interface TrialWorth {
	/** Chances of a frame that is shot at once, and of one that is answered to what a trial showed. */
	now: Outcome['chances'];
	then: Outcome['chances'];
	/** Frames more of those left that come out by it. */
	saved: number;
}

/**
 * Is a test frame worth it? The others are set by what it shows: by wheel, settings and filters that are
 * free. Where nothing is, it is worth nothing.
 *
 * @param left frames that are left, the trial among them
 * @returns null where it would take too long to say
 * @example trialWorth(one aperture and one speed, any film, { ev: 12 }, {}, {}, 8)?.saved // 0
 */
export function trialWorth(
	camera: Camera,
	film: Film,
	light: Light,
	bag: Bag,
	intent: Intent,
	left: number
): TrialWorth | null {
	const { met } = askedOf(sceneOf(camera, film, light, intent));
	const question = { camera, film, light, bag, intent };
	const best = bestOutcome(camera, film, light, intent);
	const knowing = worthOfKnowing(question, shownByTrial(question, best), bestOutcome, met.length);
	return knowing && { ...knowing, saved: Math.max(0, left - 1) * (knowing.then.usable - knowing.now.usable) };
}

/** Marks of a ring that turns freely, or the camera's own. */
const fullOrOwn = ({ aperture }: Camera): readonly number[] =>
	aperture.kind === 'stops' ? aperture.f : fullStopApertures;

const SAME_APERTURE = 1e-6;

/** A setting as it was really made, and what is known of wheel, dial and flash. */
export interface MadeSetting {
	f: number;
	seconds: number;
	compensation?: number | null;
	iso?: number | null;
	position?: string | null;
	/** The hand opened and closed the shutter. */
	handTimed?: boolean;
	/** The eye was put aside. */
	manual?: boolean;
	flash?: FlashFired;
}

/**
 * The outcome of one given setting, as it was really set: for a frame that was shot. By hand the
 * f-number and time are what they were; an eye had the wheel, the dial and what was left to the hand.
 *
 * @example outcomeAt(fixed f/11, ISO 400 colour negative, { ev: 12 }, {}, { f: 11, seconds: 1 / 100 }).error // 0.44
 */
export function outcomeAt(
	camera: Camera,
	film: Film,
	light: Light,
	intent: Intent,
	made: MadeSetting
): Outcome {
	const { scene, placed: here } = placedAsMade(camera, film, light, intent, made);
	return made.flash ? litBy(made.flash, scene, here).outcome : outcomeOf(scene, here);
}

function litBy({ guideNumber, power, loss }: FlashFired, scene: Scene, here: Placed): Lit {
	const flash = flashOf(scene.camera, { flash: { guideNumber, powers: [power], loss } })!;
	return lit(scene, here, flash, power);
}

/**
 * The outcome of a setting that was made with flash, and what is known of the flash beside it.
 *
 * @example litAt(f/8 at 1/60 s, ISO 100, { ev: 4 }, { subjectDistance: 2 }, { …, flash: { guideNumber: 16, power: 1 } }).change.to // 2
 */
export function litAt(
	camera: Camera,
	film: Film,
	light: Light,
	intent: Intent,
	made: MadeSetting & { flash: FlashFired }
): Lit {
	const { scene, placed: here } = placedAsMade(camera, film, light, intent, made);
	return litBy(made.flash, scene, here);
}

export function placedAsMade(
	camera: Camera,
	film: Film,
	light: Light,
	intent: Intent,
	made: MadeSetting
): { scene: Scene; placed: Placed } {
	const { f, seconds, compensation, iso, position = null } = made;
	if (!madeByEye(camera, made)) {
		const scene = sceneOf(camera, film, light, intent);
		const setting = handSetting(scene, made);
		return { scene, placed: placed(scene, { ...setting, position }) };
	}
	// What the camera no longer has, since it was edited, is left free.
	const known = (wish: Intent) => (wishProblems(camera, wish).length === 0 ? wish : {});
	const wheel = compensation == null ? {} : known({ compensation });
	const dial = iso == null ? {} : known({ iso });
	const scene = sceneOf(camera, film, light, { ...intent, ...wheel, ...dial });
	return { scene, placed: nearestByEye(scene, { f, seconds, position }) };
}

/** The setting of an eye that is nearest in what was left to the hand. */
function nearestByEye(scene: Scene, made: Pick<MadeSetting, 'f' | 'seconds' | 'position'>): Placed {
	const sets = automaticExposure(scene.camera)?.sets;
	const miss = ({ answered, setting }: Placed) => {
		const elsewhere = setting.aim === null || (made.position != null && setting.position !== made.position);
		if (elsewhere) return Infinity;
		if (sets === 'both') return 0;
		return Math.abs(Math.log2(sets === 'time' ? answered.f / made.f : answered.seconds / made.seconds));
	};
	return reachableSettings(scene).reduce((a, b) => (miss(b) < miss(a) ? b : a));
}
