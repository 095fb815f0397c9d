import fc from 'fast-check';
import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { cameraKinds, filterKinds } from '../../camera';
import { filmKinds } from '../../film';
import { filmOf, fixedCamera } from '../../../../tests/fixtures/bag';
import { smallestCovers, type Needs } from './cover';
import { oneMoreFor, packingOf, usesOf, type PackFilm, type PackQuestion, type PackScene } from '.';

const pack = (question: PackQuestion) =>
	packingOf(
		question,
		question.scenes.map((scene) => usesOf(question, scene))
	);

const scene = (ev: number, changes: Partial<PackScene> = {}): PackScene => ({
	name: `EV ${ev}`,
	light: { ev, sd: 0.33 },
	frames: 4,
	...changes
});
/** f/11 at 1/100 s: EV 13½ at ISO 100. */
const box = fixedCamera({ name: 'Quay Box' });
const slide = (iso: number, changes: Partial<PackFilm> = {}): PackFilm => ({
	film: filmOf('reversal', iso),
	frames: 12,
	...changes
});

/** Every set of things, the small ones first: brute force. */
function bruteForce(groups: readonly (readonly Needs[])[]): number {
	const things = [...new Set(groups.flat(2))];
	let least = Infinity;
	for (let chosen = 0; chosen < 2 ** things.length; chosen++) {
		const set = new Set(things.filter((_, at) => (chosen >> at) & 1));
		const covers = groups.every((ways) => ways.some((needs) => needs.every((thing) => set.has(thing))));
		if (covers) least = Math.min(least, set.size);
	}
	return least;
}

const anyGroups = (things: number, groups: number, ways: number) =>
	fc.array(
		fc.array(fc.uniqueArray(fc.integer({ min: 0, max: things - 1 }), { minLength: 1, maxLength: 4 }), {
			minLength: 1,
			maxLength: ways
		}),
		{ maxLength: groups }
	);

/** The same as a whole-number programme for a solver. */
function programme(groups: readonly (readonly Needs[])[]): string {
	const things = [...new Set(groups.flat(2))];
	const ways = groups.flatMap((group, at) =>
		group.map((needs, way) => ({ at, name: `w${at}_${way}`, needs }))
	);
	const covered = groups.map(
		(group, at) => ` c${at}: ${group.map((_, way) => `w${at}_${way}`).join(' + ')} >= 1`
	);
	const needed = ways.flatMap(({ name, needs }) =>
		needs.map((thing) => ` n${name}_${thing}: t${thing} - ${name} >= 0`)
	);
	return [
		'Minimize',
		` all: ${things.map((thing) => `t${thing}`).join(' + ')}`,
		'Subject To',
		...covered,
		...needed,
		'Binary',
		...things.map((thing) => ` t${thing}`),
		...ways.map(({ name }) => ` ${name}`),
		'End'
	].join('\n');
}

describe('the smallest set that covers everything', () => {
	it('is as small as trying every set finds it', () => {
		fc.assert(
			fc.property(anyGroups(9, 5, 4), (groups) => {
				const [first] = smallestCovers(groups);
				expect(first.size).toBe(bruteForce(groups));
				for (const set of smallestCovers(groups)) {
					const covers = groups.every((ways) => ways.some((needs) => needs.every((thing) => set.has(thing))));
					expect(covers).toBe(true);
				}
			}),
			{ numRuns: 150 }
		);
	});

	it('is as small as an independent solver finds it, at the sizes people have', async () => {
		const highs = await loadHighs();
		const samples = fc.sample(anyGroups(45, 20, 12), { numRuns: 12, seed: 7 });
		for (const groups of samples.filter((each) => each.length > 3)) {
			// Source: HiGHS, a solver of whole-number programmes.
			const { ObjectiveValue, Status } = highs.solve(programme(groups));
			expect(Status).toBe('Optimal');
			expect(smallestCovers(groups)[0].size).toBe(Math.round(ObjectiveValue));
		}
	});
});

describe('packing', () => {
	it('takes one film where one will do, and a filter rather than a second film', () => {
		// By hand: f/11 at 1/100 s on ISO 100 wants EV 13½; EV 15½ is two stops more.
		const question: PackQuestion = {
			cameras: [{ camera: box }],
			films: [slide(100), slide(400)],
			filters: [{ name: 'ND 0.6', stops: 2, kind: 'neutral' }],
			tripod: false,
			scenes: [scene(13.56), scene(15.56)]
		};
		expect(pack(question)).toMatchObject({
			cameras: [0],
			films: [{ film: 0, loads: 1 }],
			filters: [0],
			things: 3
		});
		// Without the filter two films are needed, and there is none for the brighter scene.
		expect(pack({ ...question, filters: [] }).uses[1]).toBeNull();
		expect(pack({ ...question, filters: [], films: [slide(100), slide(25)] })).toMatchObject({
			films: [
				{ film: 0, loads: 1 },
				{ film: 1, loads: 1 }
			],
			things: 3
		});
	});

	it('counts packs and what they cost', () => {
		const question: PackQuestion = {
			cameras: [{ camera: box }],
			films: [slide(100, { frames: 8, price: 16 })],
			filters: [],
			tripod: false,
			scenes: [scene(13.56, { frames: 6 }), scene(13.5, { frames: 6 })]
		};
		// Twelve frames are two packs of eight.
		expect(pack(question)).toMatchObject({ films: [{ loads: 2, cost: 32 }], cost: 32 });
		expect(pack({ ...question, films: [slide(100)] }).cost).toBeNull();
	});

	it('puts a film only where it goes, and a scene only on what it is wanted on', () => {
		const question: PackQuestion = {
			cameras: [{ camera: box, takes: { type: 'instant' } }],
			films: [slide(100)],
			filters: [],
			tripod: false,
			scenes: [scene(13.56)]
		};
		expect(pack(question).uses).toEqual([null]);
		const rolls = { ...question, cameras: [{ camera: box, takes: { type: 'bw-negative' as const } }] };
		expect(pack(rolls).uses[0]).not.toBeNull();
		expect(pack({ ...rolls, scenes: [scene(13.56, { on: 'black-and-white' })] }).uses).toEqual([null]);
	});

	it('takes a support only where one is there, and where it is wanted', () => {
		const slow = fixedCamera({
			aperture: { kind: 'fixed', f: 11 },
			shutter: { kind: 'fixed', seconds: 1 / 4 }
		});
		const question: PackQuestion = {
			cameras: [{ camera: slow }],
			films: [slide(100)],
			filters: [],
			tripod: true,
			// By hand: log2(121 · 4) = 8.92.
			scenes: [scene(8.92)]
		};
		expect(pack(question)).toMatchObject({ support: true, things: 3 });
		const without = { ...question, tripod: false };
		expect(pack(without).uses).toEqual([null]);
		expect(oneMoreFor(without, [0])[0]).toEqual({ extra: { kind: 'support' }, scenes: [0] });
	});

	it('says which one thing more would cover what nothing covers', () => {
		const question: PackQuestion = {
			cameras: [{ camera: box, takes: { type: 'reversal' } }],
			films: [slide(100)],
			filters: [],
			tripod: true,
			// Two stops too light: a filter of density 0.6.
			scenes: [scene(15.56), scene(13.56)]
		};
		expect(pack(question).uses.map((use) => use === null)).toEqual([true, false]);
		expect(oneMoreFor(question, [0])[0]).toEqual({ extra: { kind: 'filter', name: 'ND 0.6' }, scenes: [0] });
	});

	const anyQuestion = fc.record({
		cameras: fc.subarray(
			cameraKinds.map(({ name, camera, film }) => ({ camera: { name, ...camera }, takes: { type: film } })),
			{ minLength: 1, maxLength: 3 }
		),
		films: fc.subarray(
			filmKinds.map(({ name, film }) => ({ film: { name, ...film }, frames: 12 })),
			{ minLength: 1, maxLength: 4 }
		),
		filters: fc.subarray([...filterKinds], { maxLength: 2 }),
		tripod: fc.boolean(),
		scenes: fc.array(
			fc.integer({ min: -2, max: 16 }).map((ev) => scene(ev)),
			{ minLength: 1, maxLength: 4 }
		)
	});

	it('never gets worse by one more film', () => {
		const extra = filmKinds.map(({ name, film }) => ({
			film: { ...film, name: `${name}, new` },
			frames: 12
		}));
		fc.assert(
			fc.property(anyQuestion, fc.constantFrom(...extra), (question, more) => {
				const before = pack(question);
				const after = pack({ ...question, films: [...question.films, more] });
				const covered = ({ uses }: typeof before) => uses.filter((use) => use !== null).length;
				expect(covered(after)).toBeGreaterThanOrEqual(covered(before));
				if (covered(after) === covered(before)) expect(after.things).toBeLessThanOrEqual(before.things);
			}),
			{ numRuns: 40 }
		);
	});

	it('gives every scene something that is carried', () => {
		fc.assert(
			fc.property(anyQuestion, (question) => {
				const packing = pack(question);
				for (const use of packing.uses) {
					if (!use) continue;
					expect(packing.cameras).toContain(use.camera);
					expect(packing.films.map(({ film }) => film)).toContain(use.film);
					for (const at of use.filters) expect(packing.filters).toContain(at);
					if (use.support) expect(packing.support).toBe(true);
				}
			}),
			{ numRuns: 40 }
		);
	});
});
