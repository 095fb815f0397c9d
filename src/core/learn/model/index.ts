import { asOne } from '../../match';
import {
	besideParts,
	bodyName,
	bodyParts,
	driftParts,
	filmName,
	filmPart,
	markPart,
	wanderedSince,
	wayPart,
	wayParts,
	wheelMiddle,
	wheelPart,
	worldOf,
	type Part,
	type World
} from './parts';
import { beliefOf, possibilitiesOf, type Belief, type Possibility } from './possibilities';
import { USUAL, type Priors, type TaughtFrame } from './taught';
import { rowOf, unseenVariance, type Unknowns } from './unknowns';
import { Worlds } from './worlds';

export { mayHold, ranInto } from './looks';
export { WILD as WILD_FRAMES } from './near-moments';
export type { Belief } from './possibilities';
export { USUAL } from './taught';
export type { Worlds } from './worlds';
export type { BodyPrior, NearLimit, Priors, TaughtFrame } from './taught';

/** What is asked about: any camera, film, load, way and judge, seen or not. */
export interface About {
	camera: string;
	film?: string;
	/** null: a pack of which nothing was seen. */
	load?: string | null;
	judge?: string;
	/** Left out where an eye follows the light. */
	way?: string;
	at: number;
	mark?: string;
	wheel?: number;
}

/** What all judged frames say together. */
export interface Model {
	/** What the next frame gets beyond its prediction: body, film, pack, judge, and by hand the way of reading. */
	sum: (about: About) => Belief;
	/** The same at a limit that holds the eye: all but the body. */
	atLimit: (about: About) => Belief;
	/** The camera's own, without film, pack and judge. */
	body: (about: Pick<About, 'camera' | 'at' | 'mark' | 'wheel'>) => Belief;
	film: (film: string) => Belief;
	way: (way: string) => Belief;
	mark: (camera: string, mark: string) => Belief;
	wheel: (camera: string) => Belief;
	/** How the sum goes with what a stop of the wheel does, stops². */
	sumWithWheel: (about: About) => number;
	/** How well the body is known after one more frame, stops. */
	bodyAfter: (of: Pick<About, 'camera' | 'at'>, frame: ToShoot) => number;
	/** By how much a body changed between two times, years. */
	drift: (camera: string, from: number, to: number) => Belief;
	/** How body and film go together, −1 … 1: near −1 their sum is known, and not whose it is. */
	together: (camera: string, film: string) => number;
	/** Ids of frames that are more likely wild than not. */
	wild: string[];
	/** Times that the variance of a camera's frames is larger than it was taken to be. */
	noise: (camera: string) => number;
	/** So many worlds that the frames leave open, each as likely as the next. */
	worlds: (count: number) => Worlds;
}

/** A frame that may be shot: with which film, and how much is new at it, stops. */
export interface ToShoot extends Pick<About, 'camera' | 'film' | 'judge'> {
	noise: number;
}

/** What is added to a sum of parts. */
interface Beside {
	/** The camera whose own middle is in it. */
	body?: string;
	/** Its pack; null: one of which nothing was seen. */
	load?: string | null;
	/** Doubt of its own, stops². */
	variance?: number;
	/** What is known to be added, stops. */
	turned?: number;
}

/** Answers from what was solved. */
class Answers {
	constructor(
		readonly world: World,
		readonly unknowns: Unknowns,
		readonly all: readonly Possibility[],
		readonly asked: string
	) {}

	/** What is known of a sum of parts: what was never seen adds what is known of it beforehand. */
	belief(parts: readonly Part[], { body, load, variance = 0, turned = 0 }: Beside = {}): Belief {
		const row = rowOf(this.unknowns, parts, load ?? undefined);
		const pack = load !== undefined && row.load === null ? USUAL.load ** 2 : 0;
		const added = variance + pack + unseenVariance(this.unknowns, parts);
		return beliefOf(
			this.all.map(({ share, stops, solved: { known } }) => ({
				share,
				stops: known.mean(row) + turned + this.#middleOf(body, stops),
				variance: known.covariance(row, row) + added
			}))
		);
	}

	#middleOf(body: string | undefined, asked: number): number {
		if (body === undefined) return 0;
		return body === this.asked ? asked : this.world.priors.bodies.get(body)!.stops;
	}

	body({ camera, at, mark, wheel }: Pick<About, 'camera' | 'at' | 'mark' | 'wheel'>, beside: Part[] = []) {
		const parts = [...bodyParts(this.world, { camera, at, mark, wheel }), ...beside];
		const turned = wheelMiddle(this.world, camera, wheel ?? 0);
		return { parts, body: camera, turned, variance: wanderedSince(this.world, camera, at) };
	}

	rest(about: About): Part[] {
		return [...besideParts(this.world, about), ...wayParts(this.world, about, 1)];
	}

	drift(camera: string, from: number, to: number): Belief {
		const earlier = driftParts(this.world, camera, from);
		const parts = driftParts(this.world, camera, to).map((part, at) => ({
			...part,
			by: part.by - earlier[at].by
		}));
		return this.belief(parts, { variance: wanderedSince(this.world, camera, to) });
	}

	/** By how much the variance of one sum falls when the other is looked at once, stops². */
	told(of: Beside & { parts: readonly Part[] }, look: Beside & { parts: readonly Part[] }): number {
		const [one, other] = [of, look].map(({ parts }) => rowOf(this.unknowns, parts));
		const sameWalk = of.body === look.body ? (of.variance ?? 0) : 0;
		const added = (look.variance ?? 0) + USUAL.load ** 2 + unseenVariance(this.unknowns, look.parts);
		return this.mean(({ solved: { known } }) => {
			const shared = known.covariance(one, other) + sameWalk;
			return shared ** 2 / (known.covariance(other, other) + added);
		});
	}

	/** How a sum goes with a part, stops². */
	covariance(sum: readonly Part[], load: string | null | undefined, part: Part): number {
		const [row, other] = [rowOf(this.unknowns, sum, load ?? undefined), rowOf(this.unknowns, [part])];
		return this.mean(({ solved: { known } }) => known.covariance(row, other));
	}

	/** The correlation of two unknowns in the likelier possibility; one that was never seen goes with nothing. */
	correlation(a: string, b: string): number {
		const [one, other] = [a, b].map((name) => rowOf(this.unknowns, [{ name, by: 1, sd: 0 }]));
		if (one.at.length === 0 || other.at.length === 0) return 0;
		const { known } = this.all.reduce((best, each) => (each.share > best.share ? each : best)).solved;
		return (
			known.covariance(one, other) / Math.sqrt(known.covariance(one, one) * known.covariance(other, other))
		);
	}

	/** Of something that each possibility has its own of. */
	mean(of: (possibility: Possibility) => number): number {
		return this.all.reduce((sum, each) => sum + each.share * of(each), 0);
	}
}

/** A frame that is more likely wild than not. */
const WILD = 1 / 2;

/**
 * What judged frames say of everything that hides in them: each body with its marks and its wheel, each film and
 * each pack of it, the judge, the ways of reading, what bodies lose over the years, frames at a limit as what
 * they are, and wild frames among them. A robust linear mixed model.
 * Source: Bayesian linear mixed models, as in any textbook; priors are common practice.
 *
 * @param frames of one camera, of its films and of other cameras that used them; their order does not matter
 * @param asked the camera that is asked about
 * @example modelOf(40 frames, priors, 'wedge').sum({ camera: 'wedge', film: 'wrack', judge: 'me', at: 3 }).sd // 0.11
 */
export function modelOf(frames: readonly TaughtFrame[], priors: Priors, asked: string): Model {
	const sorted = frames.toSorted((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
	const world = worldOf(sorted, priors);
	const { unknowns, all } = possibilitiesOf(sorted, world, asked);
	const answers = new Answers(world, unknowns, all, asked);
	const wildness = (at: number) => answers.mean(({ solved }) => solved.sites[at].wild);
	return {
		sum(about) {
			const { parts, ...more } = answers.body(about, answers.rest(about));
			return answers.belief(parts, { ...more, load: about.load });
		},
		atLimit: (about) => answers.belief(answers.rest(about), { load: about.load }),
		body(about) {
			const { parts, ...more } = answers.body(about);
			return answers.belief(parts, more);
		},
		film: (film) => answers.belief([filmPart(world, film)]),
		way: (way) => answers.belief([wayPart(world, way, 1)]),
		mark: (camera, mark) => answers.belief([markPart(camera, mark)]),
		wheel: (camera) =>
			answers.belief([wheelPart(world, camera, 1)], { turned: wheelMiddle(world, camera, 1) }),
		sumWithWheel(about) {
			const { parts } = answers.body(about, answers.rest(about));
			return answers.covariance(parts, about.load, wheelPart(world, about.camera, 1));
		},
		bodyAfter(of, { noise, ...frame }) {
			const body = answers.body(of);
			const beside = besideParts(world, frame);
			const look = answers.body({ camera: frame.camera, at: of.at }, beside);
			const before = asOne(answers.belief(body.parts, body)).sd ** 2;
			const told = answers.told(body, { ...look, variance: look.variance + noise ** 2 });
			return Math.sqrt(Math.max(0, before - told));
		},
		drift: (camera, from, to) => answers.drift(camera, from, to),
		together: (camera, film) => answers.correlation(bodyName(camera), filmName(film)),
		wild: sorted.flatMap(({ id }, at) => (wildness(at) > WILD ? [id] : [])),
		noise: (camera) => answers.mean(({ solved }) => solved.noise.get(camera) ?? 1),
		worlds: (count) => new Worlds(world, unknowns, all, asked, count)
	};
}
