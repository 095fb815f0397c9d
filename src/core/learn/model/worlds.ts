import { randomLcg, randomNormal } from 'd3-random';
import {
	besideParts,
	bodyName,
	bodyParts,
	limitPart,
	wanderedSince,
	wayPart,
	wheelMiddle,
	type Part,
	type World
} from './parts';
import type { Possibility } from './possibilities';
import { USUAL, type NearLimit, type TaughtFrame } from './taught';
import type { Unknowns } from './unknowns';

/** Worlds are drawn from fixed numbers: what is asked twice is answered alike. */
const SEED = 0.2718;

/** What is read of a frame to say what befell it. */
type BodyOf = Pick<TaughtFrame, 'camera' | 'at' | 'mark'> & { wheel?: number };

/**
 * Everything that hides in frames as it may really be: so many worlds, each as likely as the next by all that the
 * frames say. What is asked for comes with its value in each of them; what was never seen is drawn once and stays.
 */
export class Worlds {
	/** Unknowns and loads by their places, each with its value in every world. */
	readonly #shared: Float64Array[];
	readonly #loads: Float64Array[];
	/** What the asked body is about in each world, stops. */
	readonly #middles: Float64Array;
	readonly #own = new Map<string, Float64Array>();
	readonly #known = new Map<string, Float64Array>();
	readonly #source = randomLcg(SEED);
	/** A standard normal number; of the same run as the worlds. */
	readonly normal = randomNormal.source(this.#source)(0, 1);
	/** A number from 0 to 1, of the same run. */
	readonly uniform = (): number => this.#source();

	constructor(
		readonly world: World,
		readonly unknowns: Unknowns,
		all: readonly Possibility[],
		readonly asked: string,
		readonly count: number
	) {
		const columns = (size: number) => Array.from({ length: size }, () => new Float64Array(count));
		[this.#shared, this.#loads] = [columns(unknowns.sds.length), columns(unknowns.loads.size)];
		this.#middles = new Float64Array(count);
		const far = all.length > 1 ? all[1].share : 0;
		for (let at = 0; at < count; at++) {
			const { stops, solved } = (at + 1 / 2) / count < far ? all[1] : all[0];
			const { shared, loads } = solved.known.draw(this.normal);
			this.#middles[at] = stops;
			shared.forEach((value, place) => (this.#shared[place][at] = value));
			loads.forEach((value, place) => (this.#loads[place][at] = value));
		}
	}

	/** Something of its own that no frame says anything of: one standard normal number in each world. */
	own(name: string): Float64Array {
		const known = this.#own.get(name) ?? Float64Array.from({ length: this.count }, this.normal);
		this.#own.set(name, known);
		return known;
	}

	#sum(parts: readonly Part[], load?: string): Float64Array {
		const sum = new Float64Array(this.count);
		const add = (values: Float64Array, by: number) => {
			for (let at = 0; at < sum.length; at++) sum[at] += by * values[at];
		};
		for (const { name, by, sd } of parts) {
			if (by === 0) continue;
			const place = this.unknowns.places.get(name);
			if (place === undefined) add(this.own(name), by * sd);
			else add(this.#shared[place], by);
		}
		if (load === undefined) return sum;
		const pack = this.unknowns.loads.get(load);
		if (pack === undefined) add(this.own(`load ${load}`), USUAL.load);
		else add(this.#loads[pack], 1);
		return sum;
	}

	/** Asked again, it is not summed up again: few are asked for by many frames. */
	#once(name: string, work: () => Float64Array): Float64Array {
		const known = this.#known.get(name) ?? work();
		this.#known.set(name, known);
		return known;
	}

	/** What a body that no frame was shot with gives: as usual, or one that is far off. */
	#unseenBody(camera: string): Float64Array {
		const { stops, sd, wide } = this.world.priors.bodies.get(camera)!;
		const far = Math.round((wide?.share ?? 0) * this.count);
		return this.own(bodyName(camera)).map((z, at) =>
			wide && at >= this.count - far ? (wide.stops ?? stops) + z * wide.sd : stops + z * sd
		);
	}

	/** What a body gives at a time, at a mark, with its wheel, stops. */
	body(of: BodyOf): Float64Array {
		const [own, ...rest] = bodyParts(this.world, of);
		const seen = this.unknowns.places.has(own.name);
		const sum = this.#sum(seen ? [own, ...rest] : rest);
		const middle = this.world.priors.bodies.get(of.camera)!.stops;
		const turned = wheelMiddle(this.world, of.camera, of.wheel ?? 0);
		const unseen = seen ? null : this.#unseenBody(of.camera);
		const walked = Math.sqrt(wanderedSince(this.world, of.camera, of.at));
		const walk = walked > 0 ? this.own(`walk ${of.camera}`) : null;
		for (let at = 0; at < sum.length; at++) {
			sum[at] += turned + (unseen ? unseen[at] : of.camera === this.asked ? this.#middles[at] : middle);
			if (walk) sum[at] += walked * walk[at];
		}
		return sum;
	}

	/** What film, pack and judge add, stops. */
	beside({ film, load, judge }: Pick<TaughtFrame, 'film' | 'load' | 'judge'>): Float64Array {
		return this.#once(JSON.stringify([film, load, judge]), () =>
			this.#sum(besideParts(this.world, { film, judge }), load)
		);
	}

	/** By how much a way of reading runs too bright, stops. */
	way(way: string | undefined): Float64Array {
		return this.#once(`way ${way}`, () => this.#sum(way === undefined ? [] : [wayPart(this.world, way, 1)]));
	}

	/** How far a limit lies from where it is said to be, stops. */
	limit(camera: string, end: NearLimit['end']): Float64Array {
		return this.#once(`${end} ${camera}`, () => this.#sum([limitPart(camera, end)]));
	}
}
