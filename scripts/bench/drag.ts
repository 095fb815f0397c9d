import { cameraKinds, type Camera } from '../../src/core/camera';
import type { Film } from '../../src/core/film';
import { bestOutcome, match } from '../../src/core/match';

/** Eight loaded cameras, and what a drag of the light across the whole line costs them. */

const film: Film = {
	name: 'Any 400',
	type: 'colour-negative',
	iso: 400,
	reciprocity: { from: 1, exponent: 1.3 }
};
const bodies: Camera[] = Array.from({ length: 8 }, (_, index) => {
	const kind = cameraKinds[index % cameraKinds.length];
	return { name: `Body ${index}`, kind: kind.id, ...kind.camera };
});

const DARKEST = -4;
const BRIGHTEST = 18;
const ROUNDS = 40;
const thirds = Array.from({ length: (BRIGHTEST - DARKEST) * 3 + 1 }, (_, index) => DARKEST + index / 3);

export function percentile(values: number[], part: number): number {
	const sorted = [...values].sort((a, b) => a - b);
	return sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))];
}

/** Keeps results alive, so that no work is optimised away. */
let sink = 0;

function timesOf(step: (ev: number) => void): number[] {
	const times: number[] = [];
	for (let round = 0; round < ROUNDS; round++) {
		for (const ev of thirds) {
			const before = performance.now();
			step(ev);
			times.push(performance.now() - before);
		}
	}
	return times.slice(times.length / 2);
}

/** p95 of a drag step over eight lanes, ms, and of the plain exposure equation for as many settings. */
export function measureDrag(): {
	lanes: number;
	settings: number;
	step: number;
	plain: number;
	kept: number;
} {
	const reachable = thirds.map((ev) =>
		bodies.flatMap((camera) => match(camera, film, { ev }).settings.map(({ f, seconds }) => ({ f, seconds })))
	);
	const step = timesOf((ev) => {
		for (const camera of bodies) sink += bestOutcome(camera, film, { ev }).error;
	});
	const plain = timesOf((ev) => {
		for (const { f, seconds } of reachable[Math.round((ev - DARKEST) * 3)]) {
			sink += ev + Math.log2(film.iso / 100) - Math.log2((f * f) / seconds);
		}
	});
	const settings = reachable.reduce((sum, each) => sum + each.length, 0) / reachable.length;
	return {
		lanes: bodies.length,
		settings,
		step: percentile(step, 0.95),
		plain: percentile(plain, 0.95),
		kept: sink
	};
}
