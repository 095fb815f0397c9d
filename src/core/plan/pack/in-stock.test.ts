import { describe, expect, it } from 'vitest';
import { filmOf, fixedCamera } from '../../../../tests/fixtures/bag';
import { packingOf, usesOf, type PackFilm, type PackQuestion } from '.';

const pack = (question: PackQuestion) =>
	packingOf(
		question,
		question.scenes.map((scene) => usesOf(question, scene))
	);

/** f/11 at 1/100 s: EV 13½ at ISO 100. */
const box = fixedCamera({ name: 'Quay Box' });
const slide = (changes: Partial<PackFilm> = {}): PackFilm => ({
	film: filmOf('reversal', 100),
	frames: 12,
	...changes
});
const asked = (films: PackFilm[], frames: number): PackQuestion => ({
	cameras: [{ camera: box }],
	films,
	filters: [],
	tripod: false,
	scenes: [{ name: 'Slip', light: { ev: 13.5, sd: 0.33 }, frames }]
});

describe('what is in cameras and in stock', () => {
	it('counts what is in the camera first, then whole packs', () => {
		const inside = [{ camera: 0, frames: 5 }];
		const packed = (frames: number) => pack(asked([slide({ inside, price: 8, left: 1 })], frames)).films[0];
		// By hand: 5 are there; 17 more are two rolls of 12, one of which has to be bought.
		expect(packed(5)).toEqual({ film: 0, loads: 0, inside: [0], buy: 0, cost: 0 });
		expect(packed(6)).toMatchObject({ loads: 1, buy: 0, cost: 8 });
		expect(packed(22)).toMatchObject({ loads: 2, buy: 1, cost: 16 });
		expect(pack(asked([slide({ inside, price: 8, left: 1 })], 22)).purchase).toBe(8);
	});

	it('buys as little as it can, even where what is bought would be cheaper', () => {
		const films = [slide({ price: 4, left: 0 }), slide({ price: 9, left: 2 })];
		const packing = pack(asked(films, 12));
		expect(packing.films).toMatchObject([{ film: 1, loads: 1, buy: 0, cost: 9 }]);
		expect(packing.purchase).toBe(0);
		// Of neither there is any: the cheaper one.
		const none = pack(
			asked(
				films.map((film) => ({ ...film, left: 0 })),
				12
			)
		);
		expect(none.films).toMatchObject([{ film: 0, buy: 1 }]);
		expect(none.purchase).toBe(4);
	});

	it('says nothing of what nobody counts, and nothing of a price that nobody said', () => {
		expect(pack(asked([slide()], 12))).toMatchObject({ films: [{ buy: null, cost: null }], purchase: 0 });
		expect(pack(asked([slide({ left: 0 })], 12))).toMatchObject({ films: [{ buy: 1 }], purchase: null });
	});
});
