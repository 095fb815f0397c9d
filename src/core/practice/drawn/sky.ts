import { randomLcg } from 'd3-random';
import { createNoise2D } from 'simplex-noise';
import type { Air } from './air';
import type { OpenScene } from './scene';
import { dot, type Vector } from './vector';

const BLUE: Vector = [0.5, 0.9, 1.9];
const PALE: Vector = [0.85, 1, 1.25];
/** Where the sun goes down. */
const SUNSET: Vector = [1.7, 0.85, 0.5];
const CLOUD: Vector = [0.98, 1, 1.03];

const mix = (a: number, b: number, part: number) => a + (b - a) * part;
const step = (from: number, to: number, value: number) => {
	const part = Math.min(1, Math.max(0, (value - from) / (to - from)));
	return part * part * (3 - 2 * part);
};

/** How much of the sky clouds hide where the noise stands at its middle. */
const COVERS = 1.9;
const OCTAVES = [1, 2, 4, 8] as const;
const MOST = OCTAVES.reduce((sum, scale) => sum + 1 / scale, 0);
const MIDDLING = 1.9;

/** What the sky of a scene sends from a direction, in the colours of a screen, cd/m². */
export function skyOf(scene: OpenScene, { sky }: Air, sun: Vector): (towards: Vector) => Vector {
	const noise = createNoise2D(randomLcg(scene.seed + 3));
	const base = sky / Math.PI;
	const warm = 1 - step(-2, 9, scene.altitude);
	return (towards) => {
		const up = Math.max(0.02, towards[2]);
		const [x, y] = [towards[0] / up, towards[1] / up];
		let [rough, most] = [0, MOST];
		for (const scale of OCTAVES) {
			// What is left cannot make a cloud any more.
			if ((rough + most) / MIDDLING + COVERS * scene.veil <= 1) break;
			rough += noise(x * 0.25 * scale, y * 0.25 * scale) / scale;
			most -= 1 / scale;
		}
		const cloud = step(0, 0.7, rough / MIDDLING + COVERS * scene.veil - 1);
		const low = Math.exp(-towards[2] / 0.16);
		const fromSun = Math.acos(Math.min(1, dot(towards, sun)));
		const nearSun = Math.exp(-fromSun / mix(0.12, 0.4, scene.veil));
		const shining = 1 + (scene.veil < 1 ? 5 * (1 - scene.veil) * nearSun : 0);
		const set = warm * low * Math.exp(-fromSun / 0.6);
		const clear = base * mix(0.55, 1.1, low) * shining;
		const clouded = base * mix(1.25, 0.95, low) * (1 + 0.12 * rough) * (1 + (shining - 1) / 2);
		const sent = (channel: 0 | 1 | 2) =>
			mix(
				clear * mix(mix(BLUE[channel], PALE[channel], low), SUNSET[channel], set),
				clouded * CLOUD[channel],
				cloud
			);
		return [sent(0), sent(1), sent(2)];
	};
}
