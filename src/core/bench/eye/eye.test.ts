import { describe, expect, it } from 'vitest';
import { firedBy, realEye, type RealEye } from '../../../../tests/fixtures/eyes';
import { draws } from '../../../../tests/fixtures/few';
import { standInEye } from '../../standin';
import { measureEye, tellEnough } from '.';

/** How often something was near the truth, and within what was said of it. */
class Near {
	readonly #near: Record<string, { near: number; inside: number; of: number }> = {};

	add(name: string, truth: number, { value, sd }: { value: number; sd: number }, within: number): void {
		const each = (this.#near[name] ??= { near: 0, inside: 0, of: 0 });
		each.of++;
		if (Math.abs(value - truth) <= within) each.near++;
		// Nine in ten of a normal distribution.
		if (Math.abs(value - truth) <= 1.645 * sd) each.inside++;
	}

	part = (name: string) => this.#near[name].near / this.#near[name].of;
	inside = (name: string) => this.#near[name].inside / this.#near[name].of;
	of = (name: string) => this.#near[name].of;
}

describe('an eye measured with the empty camera', () => {
	// Against whole simulations with known truth, made by arithmetic of their own. Nine in ten must be as near as is asked
	// for; so few cameras may miss that by two deviations.
	it.each([
		['by sound', 0.001, 1 / 3, 20],
		['by a clip', 0.0003, 1 / 6, 12]
	])('is near what it really is, %s', (_, timing, fast, cameras) => {
		const near = new Near();
		const count = draws(cameras);
		for (let at = 0; at < count; at++) {
			const eye = realEye((at + 0.5) / 331, timing);
			const told = measureEye(firedBy(eye, (at + 0.5) / 733), { sd: timing });
			near.add('slope', eye.slope, told.slope, 0.05);
			const black = eye.brightest * (eye.leak / (1 + eye.leak)) ** -eye.slope;
			const limit = ({ seconds, sd }: typeof told.slowest) => ({ value: Math.log2(seconds), sd: sd ?? 9 });
			if (black > 1.4 * eye.slowest) near.add('slowest', Math.log2(eye.slowest), limit(told.slowest), 1 / 6);
			near.add('fastest', Math.log2(eye.fastest), limit(told.fastest), fast);
			for (const { place, ...wheel } of told.wheel) near.add('wheel', eye.wheel[place], wheel, 0.2);
		}
		for (const name of ['slope', 'slowest', 'fastest', 'wheel']) {
			const least = 0.9 - 2 * Math.sqrt(0.09 / near.of(name));
			expect(near.part(name), name).toBeGreaterThanOrEqual(least);
			expect(near.inside(name), name).toBeGreaterThanOrEqual(least);
		}
	});

	const good: RealEye = {
		...{ slope: 1, fastest: 1 / 125, slowest: 4, brightest: 1 / 60, leak: 1 / 1024, scatter: 0.1 },
		...{ wheel: { [-1]: -1, [-0.5]: -0.5, 0.5: 0.5, 1: 1 }, timing: 0.001 }
	};

	it('says that a limit was not reached, and does not make one up', () => {
		// By hand: from 1/60 s at all of the screen, black of 1/64 asks for no more than about a second.
		const bright = { ...good, leak: 1 / 64, slowest: 30 };
		const { slowest, notes, leak } = measureEye(firedBy(bright, 0.3).filter(({ fraction }) => fraction));
		expect(slowest).toMatchObject({ sd: null, reached: false });
		expect(slowest.seconds).toBeLessThan(1.5);
		// Steps that are less than eight times as bright as black do not count.
		expect(leak.value).toBeGreaterThan(1 / 128);
		expect(notes).toContain('dark-steps');
	});

	// Against simulations: of an eye that black holds short of its slowest time, an ND a third stronger than is written on
	// it finds both. By hand: 64 times darker than 1/60 s is about a second, and 4⅓ stops more is beyond 4 s.
	it('reaches farther down through an ND, whose strength three overlapping steps tell', () => {
		const dim = { ...good, leak: 1 / 512, slowest: 4, slope: 0.9, filterOff: 1 / 3 };
		const near = new Near();
		const count = draws(4);
		for (let at = 0; at < count; at++) {
			const fire = standInEye(dim, (at + 0.5) / 97);
			const through = [1, 1 / 2, 1 / 4, 1, 1 / 2, 1 / 4, 1 / 16, 1 / 32, 1 / 64, 1 / 128];
			const { filters, slowest, slope } = measureEye([
				...firedBy(dim, (at + 0.5) / 31),
				...through.map((fraction) => fire({ fraction, filter: 4 }))
			]);
			expect(filters.map(({ filter }) => filter)).toEqual([4]);
			near.add('filter', 4 + 1 / 3, filters[0], 0.25);
			expect(slowest.reached).toBe(true);
			near.add('slowest', 2, { value: Math.log2(slowest.seconds), sd: slowest.sd! }, 1 / 6);
			near.add('slope', 0.9, slope, 0.05);
		}
		for (const name of ['filter', 'slowest', 'slope'])
			expect(near.part(name), name).toBeGreaterThanOrEqual(0.9 - 2 * Math.sqrt(0.09 / near.of(name)));
	});

	// By hand: it stops down below 1/40 s and leaves its time half of the light, so that its bright steps would say ½.
	it('does not take an eye that stops down, too, for one that leans', () => {
		const both = { ...good, stopsDown: { from: 1 / 40, share: 1 / 2 }, brightest: 1 / 200, fastest: 1 / 500 };
		const firings = firedBy(both, 0.7);
		const told = measureEye(firings, { sd: 0.001, wideOpen: 1 / 30 });
		expect(Math.abs(told.slope.value - 1)).toBeLessThan(0.06);
		expect(told.notes).toContain('stopped-down');
		expect(measureEye(firings).slope.value).toBeLessThan(0.94);
		expect(tellEnough(firings, { sd: 0.001, wideOpen: 1 / 30 })).toBe(true);
		expect(tellEnough(firings, { sd: 0.001, wideOpen: 600 })).toBe(false);
	});

	it('names a firing that goes with no others, and is not led by it', () => {
		const firings = firedBy(good, 0.4);
		firings[4] = { ...firings[4], seconds: 3 };
		const { wild, notes, slope } = measureEye(firings);
		expect(wild).toEqual([4]);
		expect(notes).toContain('wild');
		expect(Math.abs(slope.value - 1)).toBeLessThan(0.06);
	});

	it('leaves out what a flickering screen cuts', () => {
		// By hand: of a light that flashes 60 times a second, a time of less than two periods meets none or one of its flashes.
		const { notes, next } = measureEye(firedBy(good, 0.5), { sd: 0.001, period: 1 / 60 });
		expect(notes).toContain('flicker');
		expect(next).not.toBeNull();
	});

	it('says where few steps lie between the limits', () => {
		const narrow = { ...good, slowest: 1 / 20 };
		expect(measureEye(firedBy(narrow, 0.6)).notes).toContain('few-steps');
	});
});
