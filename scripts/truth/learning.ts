import { cameraKinds } from '../../src/core/camera';
import { modelOf } from '../../src/core/learn/model';
import { allowed, calibration, ways, type Decile } from '../../tests/fixtures/calibration';
import { badCases, covered, drawn, manyFrames } from '../../tests/fixtures/taught';

/** How often what is learnt and what is promised is right, for who maintains it. */

const percent = (part: number) => `${(100 * part).toFixed(1).padStart(5)} %`;
const SEED = 0.618;

/** Truths inside nine tenths, of the body and of the sum that the next frame is promised with. */
export function* coverage(): Generator<string> {
	yield `${'case'.padEnd(46)}  body     sum      sd of the sum`;
	for (const each of [drawn, ...badCases]) {
		const runs = each.years === undefined ? 1000 : 300;
		const { name, body, sum, sd } = covered(each, runs, SEED);
		yield `${name.padEnd(46)} ${percent(body)}  ${percent(sum)}  ${sd.toFixed(3)}   (${runs} runs)`;
	}
}

/** Time that 300 frames take, once warm, ms. */
export function pace(): string {
	const { frames, priors } = manyFrames();
	const took = Array.from({ length: 8 }, () => {
		const from = performance.now();
		modelOf(frames, priors, 'camera');
		return performance.now() - from;
	});
	return `300 frames are learnt from in ${Math.min(...took).toFixed(0)} ms`;
}

const FRAMES = 10_000;

function line(name: string, deciles: readonly Decile[]): string {
	const off = deciles.map((decile) => {
		if (decile.frames === 0) return '    ·';
		const points = (100 * (decile.cameOut - decile.promised)).toFixed(1).padStart(5);
		return allowed(decile) === Infinity ? `(${points.trim()})`.padStart(5) : points;
	});
	const failed = deciles.some((decile) => Math.abs(decile.cameOut - decile.promised) > allowed(decile));
	return `${name.padEnd(24)} ${off.join(' ')}${failed ? '   OFF' : ''}`;
}

/** By how many points each tenth of the promises is off; in brackets what too few frames were promised for. */
export function* promises(): Generator<string> {
	yield `${'promised, %'.padEnd(24)}  0–10 10–20 20–30 30–40 40–50 50–60 60–70 70–80 80–90 90–100`;
	yield line('all', calibration({}, FRAMES, SEED));
	for (const { id } of cameraKinds) yield line(id, calibration({ kind: id }, FRAMES, SEED));
	for (const way of Object.keys(ways)) yield line(`read by ${way}`, calibration({ way }, FRAMES, SEED));
}
