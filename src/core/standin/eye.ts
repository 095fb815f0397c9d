import { randomLcg, randomNormal } from 'd3-random';
import type { EyeFiring } from '../bench';

/** A simulated eye before a simulated screen, and how it is timed. */
export interface StandInEye {
	/** Stops of time for a stop of light: 1 is a good cell. */
	slope: number;
	/** s */
	fastest: number;
	slowest: number;
	/** At all of the screen, s, before any limit. */
	brightest: number;
	/** Light of black, part of the brightest step. */
	leak: number;
	/** Stops. */
	scatter: number;
	/** What places of the wheel really do, stops. */
	wheel: Readonly<Record<number, number>>;
	/** Doubt of a time, s. */
	timing: number;
	/** The film speed at which that is so, ISO; the dial does what is written on it. */
	iso?: number;
	/** What an ND over it takes beside what is written on it, stops. */
	filterOff?: number;
	/** It sets both: below this time it stops down too, and this part of the exposure is left for its time. */
	stopsDown?: { from: number; share: number };
	/** Of a screen that flickers, s: what it cuts off a time or adds to it. */
	period?: number;
}

/** What is no step is so many times as bright as the brightest. */
const SKY = 1000;
/** A shutter's own scatter, stops. */
const SHUTTER = 0.02;
/** No shutter is faster, s. */
const FASTEST = 1 / 4000;

/**
 * A simulated camera: what it does with each firing that it is asked for.
 *
 * @param seed 0 … 1
 * @example standInEye(a good one without scatter, 0.5)({ fraction: 1 / 2 }).seconds // twice its time at all of the screen
 */
export function standInEye(eye: StandInEye, seed: number): (asked: Omit<EyeFiring, 'seconds'>) => EyeFiring {
	const normal = randomNormal.source(randomLcg(seed))(0, 1);
	const { slope, fastest, slowest, brightest, leak, scatter, timing, period = 0 } = eye;
	return (asked) => {
		const { fraction, compensation = 0, iso, filter } = asked;
		const over = filter === undefined ? 0 : filter + (eye.filterOff ?? 0);
		const light = fraction === undefined ? SKY : ((fraction + leak) / (1 + leak)) * 2 ** -over;
		const dial = eye.iso && iso ? Math.log2(eye.iso / iso) : 0;
		const wanted =
			brightest *
			2 **
				(-slope * Math.log2(light) + (eye.wheel[compensation] ?? compensation) + dial + scatter * normal());
		const { from, share } = eye.stopsDown ?? { from: 0, share: 1 };
		const time = wanted < from ? from * (wanted / from) ** share : wanted;
		const open = Math.min(slowest, Math.max(fastest, time)) * 2 ** (SHUTTER * normal());
		const cut = fraction === undefined ? 0 : (period / 4) * normal();
		return { ...asked, seconds: Math.max(FASTEST, open + timing * normal() + cut) };
	};
}
