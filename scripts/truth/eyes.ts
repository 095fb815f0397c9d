import {
	canBeMeasured,
	measureEye,
	nextFiring,
	type EyeCurve,
	type EyeFiring,
	type Turned
} from '../../src/core/bench';
import { standInEye } from '../../src/core/standin';
import { realEye, type RealEye } from '../../tests/fixtures/eyes';

/** Cameras that are drawn. */
const CAMERAS = 200;
/** Nine in ten of a normal distribution. */
const NINE_TENTHS = 1.645;
const TURNED: Turned = { wheel: [-1, -0.5, 0, 0.5, 1], dial: [100] };

/** Fires what is asked for until enough is known. */
function measured(eye: RealEye, timing: number, seed: number): { curve: EyeCurve; firings: number } {
	const fire = standInEye(eye, seed);
	const firings: EyeFiring[] = [];
	for (;;) {
		const known = canBeMeasured(firings) && nextFiring(TURNED, firings, null) === null;
		const curve = known ? measureEye(firings, { sd: timing }) : null;
		const asked = nextFiring(TURNED, firings, curve);
		if (!asked) return { curve: curve!, firings: firings.length };
		const { why: _, ...place } = asked;
		firings.push(fire(place));
	}
}

class Tally {
	#near = 0;
	#inside = 0;
	#of = 0;

	add(truth: number, { value, sd }: { value: number; sd: number }, within: number): void {
		this.#of++;
		if (Math.abs(value - truth) <= within) this.#near++;
		if (Math.abs(value - truth) <= NINE_TENTHS * sd) this.#inside++;
	}

	line(name: string): string {
		const part = (count: number) => `${Math.round((100 * count) / this.#of)} %`;
		return `  ${name.padEnd(24)} near ${part(this.#near).padStart(5)}, inside nine tenths ${part(this.#inside).padStart(5)}, of ${this.#of}`;
	}
}

/** How near simulated cameras are to the truth, fired as they would be by hand. */
export function eyes(): string[] {
	return [
		{ name: 'by sound', timing: 0.001, fast: 1 / 3 },
		{ name: 'by a clip', timing: 0.0003, fast: 1 / 6 }
	].flatMap(({ name, timing, fast }) => {
		const [slope, slowest, fastest, wheel] = [new Tally(), new Tally(), new Tally(), new Tally()];
		let fired = 0;
		for (let at = 0; at < CAMERAS; at++) {
			const eye = realEye((at + 0.5) / 331, timing);
			const { curve, firings } = measured(eye, timing, (at + 0.5) / 733);
			fired += firings;
			slope.add(eye.slope, curve.slope, 0.05);
			const black = eye.brightest * (eye.leak / (1 + eye.leak)) ** -eye.slope;
			const limit = ({ seconds, sd }: EyeCurve['slowest']) => ({ value: Math.log2(seconds), sd: sd ?? 9 });
			if (black > 1.4 * eye.slowest) slowest.add(Math.log2(eye.slowest), limit(curve.slowest), 1 / 6);
			fastest.add(Math.log2(eye.fastest), limit(curve.fastest), fast);
			for (const { place, ...told } of curve.wheel) wheel.add(eye.wheel[place] ?? place, told, 0.2);
		}
		return [
			`${name}: ${(fired / CAMERAS).toFixed(0)} firings each`,
			slope.line('slope within 0.05'),
			slowest.line('slowest within ⅙'),
			fastest.line(`fastest within ${fast < 0.3 ? '⅙' : '⅓'}`),
			wheel.line('wheel within 0.2')
		];
	});
}
