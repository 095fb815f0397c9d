import { describe, expect, it } from 'vitest';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { offerOf, offersFor, type WhatIfBag } from './changes';

const camera = { ...fixedCamera(), id: 'box' };
const film = { ...filmOf('colour-negative', 400), id: 'film' };
const bag: WhatIfBag = { cameras: [camera], films: [film], gear: [] };
const frameIn = (light: object) => ({
	making: { camera, film, light, intent: {}, of: { camera: 'box', film: 'film', load: 'roll' } }
});
const logOf = (...lights: object[]) => ({ frames: lights.map(frameIn) }) as never;

describe('what can be done otherwise to a log', () => {
	it('is set by each reading alone where there were several', () => {
		const named = (log: never) =>
			offersFor(log, bag)
				.filter(({ group }) => group === 'Reading')
				.map(({ name, change }) => [name, change]);
		const edge = { method: 'shadows', school: 'shadow-edge', condition: 'soft' };
		const cover = { method: 'shadows', school: 'sky-cover', condition: 'clear' };
		const both = { method: 'combined', readings: [edge, cover, edge] };
		expect(named(logOf({ ev: 12 }, both))).toEqual([
			['By the “shadow edge” school alone', { reading: 'shadows shadow-edge' }],
			['By the “sky cover” school alone', { reading: 'shadows sky-cover' }]
		]);
		expect(named(logOf(edge))).toEqual([]);
	});

	it('is not one offer where two things together would have saved a frame', () => {
		const offers = offersFor(logOf({ ev: 12 }), bag);
		const none = { kind: 'filter', name: 'ND 2', off: true, stops: 2 } as const;
		const saving = { change: none, effort: 0, lost: 1, ids: [], spoils: 0 };
		expect(offerOf(offers, saving)?.id).toBe('no filter');
		expect(offerOf(offers, { ...saving, and: { kind: 'development', name: 'Pulled' } })).toBeNull();
	});
});
