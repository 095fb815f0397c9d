import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { resolveLight, sunlight } from '../../light';
import { evFromLuminance } from '../../units';
import { skills, type Skill } from '../skills';
import { drawScene, evOfScene, isRoom, onTheCard, sceneFor, type DrawnPicture, type DrawnScene } from '.';
import type { OpenScene } from './scene';

const THIRD = 1 / 3;
const seeds = fc.integer({ min: 1, max: 1_000_000_000 });

/** Mean luminance of the middle of the card, cd/m². */
function cardLuminance(scene: DrawnScene, { width, height, luminances }: DrawnPicture): number {
	const { x, y } = onTheCard(scene);
	const spots = [-1, 0, 1].flatMap((down) =>
		[-1, 0, 1].map((right) => [Math.floor(x * width) + right, Math.floor(y * height) + down])
	);
	return spots.reduce((sum, [column, row]) => sum + luminances[row * width + column] / spots.length, 0);
}

/** A reflected meter at ISO 100, pointed at a luminance. Source: ISO 2720:1974, K = 12.5. */
const metered = (luminance: number) =>
	resolveLight({ method: 'meter', kind: 'reflected', iso: 100, ev: Math.log2(luminance / 0.125) }).ev;

const plain: OpenScene = {
	seed: 5,
	clock: '10:00',
	altitude: 35,
	sunFrom: 30,
	veil: 0,
	ground: 'grass',
	subject: 'facing'
};

describe('a drawn scene', () => {
	// Source: ISO 2720:1974: a reflected meter on an 18 % card in the subject's light reads the light.
	it.each(skills)('is as light as it claims, read back from its picture: %s', (skill: Skill) => {
		fc.assert(
			fc.property(seeds, (seed) => {
				const scene = sceneFor(skill, seed);
				const read = metered(cardLuminance(scene, drawScene(scene, 150)));
				// Against the light a dome also sees the sky behind the subject, which no card does.
				expect(Math.abs(read - evOfScene(scene))).toBeLessThan(
					!isRoom(scene) && scene.subject === 'back' ? 0.4 : THIRD
				);
			}),
			{ numRuns: 8 }
		);
	});

	// Common practice: a meter that takes in ground and things in mid tones, with the sun behind it, is near enough.
	it('is about as light as it claims by the mean of all that is not sky, where the tones are middling', () => {
		for (const skill of ['sharp', 'soft', 'faint', 'none'] as const) {
			const scene = sceneFor(skill, 31);
			const { width, height, luminances } = drawScene(scene, 150);
			const ground = luminances.slice(Math.ceil(0.45 * height) * width);
			const mean = ground.reduce((sum, each) => sum + each / ground.length, 0);
			expect(Math.abs(evFromLuminance(mean) - evOfScene(scene)), skill).toBeLessThan(0.8);
		}
	});

	// Source: IES RP-21 (from memory), as checked at its published values where sun and clock are.
	it('has the light of sun and clock under a clear and under a closed sky', () => {
		for (const altitude of [8, 20, 45]) {
			for (const subject of ['facing', 'side', 'back', 'open-shade', 'deep-shade'] as const) {
				const clear = evOfScene({ ...plain, altitude, subject });
				expect(clear, `${altitude} ${subject}`).toBeCloseTo(sunlight(altitude, 'clear', subject).ev, 9);
			}
			const closed = evOfScene({ ...plain, altitude, veil: 1 });
			expect(closed).toBeCloseTo(sunlight(altitude, 'overcast', 'facing').ev, 9);
			const heavy = evOfScene({ ...plain, altitude, veil: 1, heavy: true });
			expect(heavy).toBeCloseTo(sunlight(altitude, 'heavy', 'facing').ev, 9);
		}
	});

	// Common practice: the school of the shadow's edge counts a stop for each step.
	it('loses about a stop with each step of the shadow’s edge', () => {
		const at = (veil: number) => evOfScene({ ...plain, altitude: 25, veil });
		const steps = [at(0), at(1 / 3), at(2 / 3), at(1)];
		for (let step = 1; step < steps.length; step++)
			expect(Math.abs(steps[step - 1] - steps[step] - 1), `step ${step}`).toBeLessThan(0.5);
	});

	it('is never lighter under more cloud, nor darker on paler ground, and always a number', () => {
		const altitudes = fc.double({ min: 5, max: 60, noNaN: true });
		const part = fc.double({ min: 0, max: 1, noNaN: true });
		const subjects = fc.constantFrom('facing', 'side', 'back', 'open-shade', 'deep-shade' as const);
		fc.assert(
			fc.property(altitudes, part, part, subjects, (altitude, one, other, subject) => {
				const at = (veil: number, ground: OpenScene['ground'] = 'grass') =>
					evOfScene({ ...plain, altitude, veil, ground, subject: subject as OpenScene['subject'] });
				const [less, more] = [Math.min(one, other), Math.max(one, other)];
				expect(Number.isFinite(at(more))).toBe(true);
				// In shade a thin veil brightens the sky that is seen: only what the sun reaches must lose.
				if (subject === 'facing') expect(at(more)).toBeLessThanOrEqual(at(less) + 1e-9);
				expect(at(one, 'snow')).toBeGreaterThanOrEqual(at(one, 'grass') - 1e-9);
			})
		);
	});

	// By hand, with the inverse-square and the cosine law: two panels of 6000 lm are 1910 cd straight down. From the card the
	// one is 1.849 m away (0.75 aside, 0.6 before, 1.58 above), the other 2.506 m (1.85 aside); the card looks 26.6° up:
	// 1910 · (0.8545 · 0.6724 / 3.419 + 0.6305 · 0.4961 / 6.279) = 416 lx. Sumpner: 12 000 · 0.48 / (168.5 · 0.52) = 66 lx.
	// ISO 2720: 0.18 · 482 / π = 27.6 cd/m² is log2(27.6 / 0.125) = 7.79.
	it('has the light of lamps by their distance in a room', () => {
		const room = { seed: 1, clock: '19:00', lit: 'panels', lumens: 6000, kelvin: 4000 } as const;
		expect(evOfScene(room)).toBeCloseTo(7.79, 1);
		expect(evOfScene({ ...room, lumens: 12_000 }) - evOfScene(room)).toBeCloseTo(1, 9);
	});

	// Source: the published table of places: a work room has EV 7 to 8, a home in the evening 5 to 7.
	it.each([
		['room', 7, 8],
		['lamps', 5, 7]
	] as const)('is about as light as such places are: %s', (skill, from, to) => {
		fc.assert(
			fc.property(seeds, (seed) => {
				const ev = evOfScene(sceneFor(skill, seed));
				expect(ev).toBeGreaterThan(from - 0.5);
				expect(ev).toBeLessThan(to + 0.5);
			})
		);
	});

	// Source: the law of reflection: the sun on rippled water is seen below itself, and not with the sun behind the eye.
	it('glitters on water before the sun, and not away from it', () => {
		const brightest = (sunFrom: number) => {
			const scene: OpenScene = { ...plain, altitude: 20, sunFrom, ground: 'water', subject: 'side' };
			const { width, height, luminances } = drawScene(scene, 150);
			// Left of the person, where nothing stands before it.
			return Math.max(
				...luminances.filter(
					(_, at) => at % width < 0.3 * width && at > 0.42 * height * width && at < 0.6 * height * width
				)
			);
		};
		expect(brightest(-165)).toBeGreaterThan(3 * brightest(-15));
	});

	it('loses a stop every few minutes after sunset, and no shadow tells of it', () => {
		const at = (altitude: number) => evOfScene({ ...plain, altitude, sunFrom: 165 });
		// Source: published twilight illuminance (from memory): seven stops from −0.8° to −6°.
		expect(at(-0.8) - at(-6)).toBeGreaterThan(6);
		expect(at(-0.8) - at(-6)).toBeLessThan(8);
	});

	it('has softer edges the more cloud there is before the sun', () => {
		/** Neighbouring pixels half a stop apart: edges of things, which stay, and of shadows, which go. */
		const edges = (veil: number) => {
			const { width, height, luminances } = drawScene({ ...plain, veil, ground: 'stone' }, 240);
			const from = Math.ceil(0.6 * height) * width;
			const below = luminances.slice(from);
			return below.filter((each, at) => at > 0 && Math.abs(Math.log2(each / below[at - 1])) > 0.5).length;
		};
		expect(edges(0)).toBeGreaterThan(1.15 * edges(0.35));
	});

	it('is the same for the same seed, another for another, and opaque', () => {
		const one = drawScene(sceneFor('sharp', 1), 60);
		expect(drawScene(sceneFor('sharp', 1), 60)).toEqual(one);
		expect(drawScene(sceneFor('sharp', 2), 60).pixels).not.toEqual(one.pixels);
		expect(one).toMatchObject({ width: 60, height: 40 });
		expect(one.pixels.filter((_, at) => at % 4 === 3).every((alpha) => alpha === 255)).toBe(true);
		expect(one.luminances.every((each) => Number.isFinite(each) && each > 0)).toBe(true);
	});

	// Common practice: snow is two stops over mid grey, and a spot meter on it reads as much too bright.
	it('shows what a spot meter gets wrong on snow', () => {
		const scene: DrawnScene = { ...plain, ground: 'snow' };
		const { width, height, luminances } = drawScene(scene, 150);
		const foot = luminances[Math.floor(0.97 * height) * width + Math.floor(width / 2)];
		expect(metered(foot) - evOfScene(scene)).toBeGreaterThan(1);
	});

	// Source: area sampling: a pixel shows the mean of what is inside it, here of a picture four times as fine.
	// Four looks inside a pixel leave some of it.
	it.each(['sharp', 'lamps'] as const)('has edges without steps: %s', (skill) => {
		const [width, fine] = [90, 4];
		const [small, large] = [width, width * fine].map((wide) => drawScene(sceneFor(skill, 12), wide));
		const of = ({ pixels, width: wide }: DrawnPicture, column: number, row: number, channel: number) =>
			pixels[4 * (row * wide + column) + channel];
		let [steps, smooth] = [0, 0];
		for (let row = 0; row < small.height; row++)
			for (let column = 0; column < width; column++)
				for (const channel of [0, 1, 2]) {
					let mean = 0;
					for (let part = 0; part < fine ** 2; part++)
						mean +=
							of(large, column * fine + (part % fine), row * fine + Math.floor(part / fine), channel) /
							fine ** 2;
					steps += (of(large, column * fine + 2, row * fine + 2, channel) - mean) ** 2;
					smooth += (of(small, column, row, channel) - mean) ** 2;
				}
		expect(Math.sqrt(smooth)).toBeLessThan(0.7 * Math.sqrt(steps));
	});
});
