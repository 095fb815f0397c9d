import { NINE_IN_TEN, posterior, type Normal, type Seen } from './bayes';
import { outliersOf } from './outliers';

/** What is known of a body before its frames were judged. */
export interface Prior {
	stops: number;
	sd: number;
}

/** A judged frame, as learning takes it. */
export interface JudgedFrame {
	/** Error that a body without any offset would have made, stops; + = too much light. */
	predicted: number;
	/** Error as the picture shows it, stops. */
	judged: number;
	/** Doubt of the two together, stops: of the judge, the light and the process. */
	sd: number;
	/** What was set, where that may have an error of its own: "f/11", "dial 640". */
	setting?: string;
	/** Stops of the wheel. */
	compensation?: number;
	/** Frames of one pack share its error. */
	pack?: string;
	/** A frame at a limit says nothing of the eye. */
	clamped?: boolean;
}

/** What judged frames teach of a body. */
export interface Learnt extends Prior {
	/** What single settings do beyond that, where frames tell them apart. */
	bySetting: { setting: string; stops: number; sd: number; frames: number }[];
	/** What a stop of the wheel really does; null where it stood still. */
	wheel: { gain: number; sd: number } | null;
	/** Places of the frames that do not belong with the others. */
	outliers: number[];
	/** Frames that it was learnt from. */
	frames: number;
	/** Whether the frames disagree by more than their doubt, which then has been made larger. */
	contradict: boolean;
}

/** How far single marks, wheels and packs usually are off, stops; common practice. */
const SETTING_SD = 0.2;
const WHEEL_SD = 0.25;
const PACK_SD = 0.15;
/** A setting is told apart from this many frames on, if another one is, too. */
const FEWEST = 2;

type Term = (frame: JudgedFrame) => number;
interface Model {
	terms: Term[];
	priors: Normal[];
	settings: string[];
	wheelAt: number | null;
}

const counted = (frames: readonly JudgedFrame[], key: (frame: JudgedFrame) => string | undefined) => {
	const counts = new Map<string, number>();
	for (const frame of frames) {
		const name = key(frame);
		if (name !== undefined) counts.set(name, (counts.get(name) ?? 0) + 1);
	}
	return counts;
};

const namesOf = (counts: ReadonlyMap<string, number>, fewest: number) => {
	const names = [...counts].filter(([, count]) => count >= fewest).map(([name]) => name);
	return names.length > 1 ? names.sort() : [];
};

/** y = b + δ(setting) + (gain − 1)·w + ε(pack), with only those terms that the frames can tell apart. */
function modelOf(frames: readonly JudgedFrame[], prior: Prior): Model {
	const settings = namesOf(
		counted(frames, ({ setting }) => setting),
		FEWEST
	);
	const packs = [...counted(frames, ({ pack }) => pack).keys()].sort();
	const places = new Set(frames.map(({ compensation = 0 }) => compensation));
	const moved = places.size > 1;
	const terms: Term[] = [
		() => 1,
		...settings.map(
			(name): Term =>
				(frame) =>
					Number(frame.setting === name)
		),
		...packs.map(
			(name): Term =>
				(frame) =>
					Number(frame.pack === name)
		),
		...(moved ? [({ compensation = 0 }: JudgedFrame) => compensation] : [])
	];
	const priors = [
		{ mean: prior.stops, sd: prior.sd },
		...settings.map(() => ({ mean: 0, sd: SETTING_SD })),
		...packs.map(() => ({ mean: 0, sd: PACK_SD })),
		...(moved ? [{ mean: 0, sd: WHEEL_SD }] : [])
	];
	return { terms, priors, settings, wheelAt: moved ? terms.length - 1 : null };
}

/**
 * How many times more the frames scatter than their doubts say; 1 where chance explains it.
 * Source: the Birge ratio, tested by Wilson and Hilferty's normal approximation of χ².
 */
function contradiction(seen: readonly Seen[], known: readonly Normal[]): number {
	const degrees = seen.length - 1;
	if (degrees < 2) return 1;
	const chi = seen.reduce((sum, { x, y, sd }) => {
		const expected = x.reduce((total, each, at) => total + each * known[at].mean, 0);
		return sum + ((y - expected) / sd) ** 2;
	}, 0);
	const spread = Math.sqrt(2 / (9 * degrees));
	const score = ((chi / degrees) ** (1 / 3) - (1 - spread ** 2)) / spread;
	return score > NINE_IN_TEN ? Math.sqrt(chi / degrees) : 1;
}

/**
 * What a body really gives, from frames whose result was judged. A wild frame is named and left out;
 * one at a limit of the shutter says nothing of the eye and is left out, too.
 *
 * @param prior of the body, stops, sd > 0
 * @param frames sd > 0; their order does not matter
 * @returns stops, + = gives more than it should
 * @example learn({ stops: 0, sd: 0.3 }, [{ predicted: 0, judged: -0.6, sd: 0.3 }]).stops // -0.3
 */
export function learn(prior: Prior, frames: readonly JudgedFrame[]): Learnt {
	const telling = frames.map((frame, at) => ({ frame, at })).filter(({ frame }) => !frame.clamped);
	const model = modelOf(
		telling.map(({ frame }) => frame),
		prior
	);
	const seen = telling.map(({ frame }): Seen => ({
		x: model.terms.map((term) => term(frame)),
		y: frame.judged - frame.predicted,
		sd: frame.sd
	}));
	const wild = outliersOf(seen, model.priors);
	const kept = seen.filter((_, at) => !wild.includes(at));
	const first = posterior(kept, model.priors);
	const factor = contradiction(kept, first);
	const known =
		factor === 1
			? first
			: posterior(
					kept.map((each) => ({ ...each, sd: each.sd * factor })),
					model.priors
				);
	const [offset, ...rest] = known;
	const used = telling.filter((_, at) => !wild.includes(at)).map(({ frame }) => frame);
	const wheel = model.wheelAt === null ? null : known[model.wheelAt];
	return {
		stops: offset.mean,
		sd: offset.sd,
		bySetting: model.settings.map((setting, at) => ({
			setting,
			stops: rest[at].mean,
			sd: rest[at].sd,
			frames: used.filter((frame) => frame.setting === setting).length
		})),
		wheel: wheel && { gain: 1 + wheel.mean, sd: wheel.sd },
		outliers: wild.map((at) => telling[at].at).sort((a, b) => a - b),
		frames: used.length,
		contradict: factor > 1
	};
}
