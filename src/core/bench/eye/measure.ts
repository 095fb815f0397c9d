import { meanOf, spreadOf } from '../../units';
import { drawnFrom } from './drawn';
import { firedWideOpen, Firings, isBelieved, lightOf, UNKNOWN } from './likely';
import type { EyeCurve, EyeFiring, EyeLimit, EyeNote, Timing, Told } from './types';

/** A time by sound, s; common practice. */
export const BY_SOUND: Timing = { sd: 0.001 };

/** A limit that is known no better than this was not reached, stops. */
const REACHED = 1 / 4;
/** A step counts where it is so many times as bright as what black gives. */
const OVER_LEAK = 8;
/** Fewer steps that an eye follows say little of how it does. */
const FEW_STEPS = 3;
/** A firing is as likely wild as not. */
const LIKELY_WILD = 1 / 2;

function toldBy(values: readonly number[]): Told {
	const value = meanOf(values);
	return { value, sd: spreadOf(values, value) };
}

function limitBy(values: readonly number[], seen: number): EyeLimit {
	const { value, sd } = toldBy(values);
	const reached = sd < REACHED;
	return { seconds: 2 ** (reached ? value : seen), sd: reached ? sd : null, reached };
}

/** Of some draws, so many that are looked at where much is asked of each. */
const LOOKED_AT = 100;
const everySo = <T>(draws: readonly T[]): T[] =>
	draws.filter((_, at) => at % Math.max(1, Math.floor(draws.length / LOOKED_AT)) === 0);

/** The lights of the screen that were fired at with the wheel in its middle: the first firing of each, by its place. */
function lightsIn(all: readonly EyeFiring[]): number[] {
	const seen = new Set<string>();
	return all.flatMap((firing, at) => {
		const light = lightOf(firing);
		if (!firing.fraction || firing.compensation || seen.has(light)) return [];
		seen.add(light);
		return [at];
	});
}

/** What one more firing at each light would tell of the slope: of variances, how much goes with it. */
function nextStep(
	firings: Firings,
	draws: readonly Float64Array[],
	lights: readonly number[]
): number | null {
	const slopes = draws.map((of) => of[UNKNOWN.slope]);
	const slope = meanOf(slopes);
	const gains = lights.map((at) => {
		const asked = draws.map((of) => {
			firings.light(of[UNKNOWN.leak]);
			return Math.min(of[UNKNOWN.slowest], Math.max(of[UNKNOWN.fastest], firings.asked(of, at)));
		});
		const middle = meanOf(asked);
		const together = meanOf(asked.map((time, draw) => (time - middle) * (slopes[draw] - slope)));
		const own = meanOf(asked.map((time) => (time - middle) ** 2));
		const scatter = Math.exp(meanOf(draws.map((of) => of[UNKNOWN.scatter])));
		return together ** 2 / (own + scatter ** 2);
	});
	const most = Math.max(...gains);
	return most > 0 ? firings.all[lights[gains.indexOf(most)]].fraction! : null;
}

/** The lights that an eye follows: those between its limits in most draws. */
function followed(firings: Firings, draws: readonly Float64Array[], lights: readonly number[]): number[] {
	return lights.filter((at) => {
		const free = draws.filter((of) => {
			firings.light(of[UNKNOWN.leak]);
			const asked = firings.asked(of, at);
			return asked > of[UNKNOWN.fastest] && asked < of[UNKNOWN.slowest];
		});
		return free.length > draws.length / 2;
	});
}

/** Which firings count. */
function countedIn(all: readonly EyeFiring[], timing: Timing) {
	const [steady, open] = [all.map((firing) => isBelieved(firing, timing)), firedWideOpen(all, timing)];
	return { steady, open, believed: all.map((_, at) => steady[at] && open[at]) };
}

/** Firings, and lights among them, that say something at least. */
export const FEWEST_TOLD = 6;
const FEWEST_LIGHTS = 2;

/** Whether enough firings count that something can be worked out. */
export function tellEnough(all: readonly EyeFiring[], timing: Timing = BY_SOUND): boolean {
	const { believed } = countedIn(all, timing);
	const left = all.filter((_, at) => believed[at]);
	return left.length >= FEWEST_TOLD && lightsIn(left).length >= FEWEST_LIGHTS;
}

/**
 * What an eye does, by firings of the empty camera before lights whose ratios are known: how it follows the light,
 * where it stops, and what its wheel and dial do.
 *
 * The time asked for is a straight line over the logarithm of the light, step and what the black of the screen gives;
 * it scatters, is held by both limits, and is timed. All that may be so is drawn, each as likely as the next.
 *
 * @param all firings at four steps or more; those of black, and of something far too bright, tell the leak and the limits
 * @param timing how the times were taken; default by sound
 * @returns slope in stops of time for a stop of light; limits in seconds, "at least" where they were not reached
 * @example measureEye(firings of an eye that halves its time for twice the light).slope.value // about 1
 */
export function measureEye(all: readonly EyeFiring[], timing: Timing = BY_SOUND): EyeCurve {
	const { steady, open, believed } = countedIn(all, timing);
	const firings = new Firings(
		all.filter((_, at) => believed[at]),
		timing
	);
	const draws = drawnFrom(firings);
	const some = everySo(draws);
	const of = (unknown: number) => draws.map((each) => each[unknown]);
	const leak = toldBy(of(UNKNOWN.leak));
	const full = toldBy(draws.map((each) => firings.full(each)));
	const lights = lightsIn(firings.all);
	const bright = lights.filter((at) => firings.all[at].fraction! >= OVER_LEAK * 2 ** leak.value);
	const counted = followed(firings, some, bright);
	const wild = wildIn(firings, some);
	const notes: EyeNote[] = [
		...(counted.length < FEW_STEPS ? (['few-steps'] as const) : []),
		...(bright.length < lights.length ? (['dark-steps'] as const) : []),
		...(steady.includes(false) ? (['flicker'] as const) : []),
		...(open.includes(false) ? (['stopped-down'] as const) : []),
		...(wild.length > 0 ? (['wild'] as const) : [])
	];
	const places = all.flatMap((_, at) => (believed[at] ? [at] : []));
	return {
		slope: toldBy(of(UNKNOWN.slope)),
		scatter: toldBy(of(UNKNOWN.scatter).map(Math.exp)),
		full: { seconds: 2 ** full.value, sd: full.sd },
		fastest: limitBy(of(UNKNOWN.fastest), firings.span[0]),
		slowest: limitBy(of(UNKNOWN.slowest), firings.span[1]),
		wheel: firings.places.map((place, at) => ({ place, ...toldBy(of(firings.placeAt(at))) })),
		dial: firings.speeds.map((iso, at) => ({ iso, ...toldBy(of(firings.speedAt(at))) })),
		filters: firings.filters.map((filter, at) => ({ filter, ...toldBy(of(firings.filterAt(at))) })),
		leak: { value: 2 ** leak.value, sd: leak.sd },
		wild: wild.map((at) => places[at]),
		next: nextStep(
			firings,
			some,
			counted.filter((at) => !firings.all[at].filter)
		),
		notes
	};
}

/** Firings that are likelier wild than not. */
function wildIn(firings: Firings, draws: readonly Float64Array[]): number[] {
	const sums = firings.all.map(() => 0);
	for (const of of draws) {
		firings.light(of[UNKNOWN.leak]);
		firings.all.forEach((_, at) => (sums[at] += firings.wildness(of, at)));
	}
	return sums.flatMap((sum, at) => (sum / draws.length > LIKELY_WILD ? [at] : []));
}
