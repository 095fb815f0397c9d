import { describe, expect, it } from 'vitest';
import { foldingInstant, twinLens } from '../../../../tests/fixtures/automatic';
import { filmOf, fixedCamera, losesNothing } from '../../../../tests/fixtures/bag';
import type { Camera } from '../../camera';
import type { Film } from '../../film';
import { resolveLight, type Light } from '../../light';
import { bestOutcome, match, type Bag, type Change, type Intent } from '..';
import { aperture } from './aperture';
import { bracket } from './bracket';
import { development } from './development';
import { distance } from './distance';
import { filter } from './filter';
import { flash } from './flash';
import { isoDial } from './iso-dial';
import { lamp } from './lamp';
import { withChange, type RemedyKind } from './remedy-kind';
import { seconds } from './seconds';
import { tripod } from './tripod';
import { wheel } from './wheel';

const instant = filmOf('instant', 160, losesNothing);

interface Asked {
	camera?: Camera;
	film?: Film;
	light?: Light;
	bag?: Bag;
	intent?: Intent;
}

/** What one kind of remedy would have one do. */
function options(
	kind: RemedyKind,
	{ camera = fixedCamera(), film = instant, light = { ev: 9 }, bag = {}, intent = {} }: Asked
) {
	return kind.options({ camera, film, light, bag, intent }, bestOutcome(camera, film, light, intent));
}

describe('what each remedy would have one do', () => {
	it('is another place of what is fixed so far, and only of that', () => {
		const body = foldingInstant(
			{},
			{ iso: [75, 150, 300], compensation: { darken: -0.5, lighten: 0.5, step: 0.5 } }
		);
		expect(options(wheel, { camera: body, intent: { compensation: 0.5 } })).toEqual([
			{ name: expect.stringMatching(/^wheel .* toward darken$/), from: 0.5, to: -0.5 },
			{ name: 'wheel to the middle', from: 0.5, to: 0 }
		]);
		expect(options(wheel, { camera: body })).toEqual([]);
		expect(options(isoDial, { camera: body, intent: { iso: 150 } })).toEqual([
			{ name: 'dial to ISO 75', from: 150, to: 75 },
			{ name: 'dial to ISO 300', from: 150, to: 300 }
		]);
		expect(options(isoDial, { camera: body })).toEqual([]);
		const lever = twinLens({
			positions: [
				{ label: 'sun', f: 22, iso: 100 },
				{ label: 'room', f: 5.6, iso: 800 }
			]
		});
		// A lever that is fixed leaves nothing of the dial.
		expect(options(isoDial, { camera: lever, intent: { iso: 100, position: 'sun' } })).toEqual([]);
		expect(options(isoDial, { camera: lever, intent: { iso: 100 } })).toHaveLength(1);
		expect(options(aperture, { camera: twinLens(), intent: { aperture: 8 } }).map(({ to }) => to)).toEqual([
			5.6, 16, 22
		]);
		expect(options(aperture, { camera: lever, intent: { aperture: 22, position: 'sun' } })).toEqual([]);
		expect(options(seconds, { intent: { seconds: [1, null] } })).toEqual([{ name: 'any time', wish: true }]);
		// A speed that is set is no wish: another is as good.
		expect(options(seconds, { intent: { seconds: 1 / 100 } })).toEqual([{ name: 'any time' }]);
		expect(options(seconds, {})).toEqual([]);
	});

	it('is a support, where there is one and it is held', () => {
		expect(options(tripod, { bag: { tripod: true } })).toEqual([{ name: 'on a tripod' }]);
		expect(options(tripod, { bag: { tripod: true }, intent: { handheld: false } })).toEqual([]);
		expect(options(tripod, {})).toEqual([]);
	});

	it('is a filter more or less, by the record that it is', () => {
		const nd = { id: 'a', name: 'ND 0.6', stops: 2 };
		const grey = { name: 'Grey', stops: 1 };
		expect(options(filter, { bag: { filters: [nd, grey] }, intent: { filters: [grey] } })).toEqual([
			{ name: 'Grey', off: true },
			{ name: 'ND 0.6', id: 'a' },
			{ name: 'ND 0.6', id: 'a', instead: { name: 'Grey' } }
		]);
		const orange = { name: 'Orange', stops: 2, kind: 'contrast' } as const;
		// What is on for the picture's sake is not exchanged for grey.
		expect(
			options(filter, { bag: { filters: [grey] }, intent: { filters: [orange] } }).some(
				({ instead }) => instead
			)
		).toBe(false);
		expect(
			options(filter, { bag: { filters: [nd] }, intent: { filters: [{ ...nd, name: 'renamed' }] } })
		).toEqual([{ name: 'renamed', id: 'a', off: true }]);
	});

	// Source: the definition of mired: lamplight of 3200 K is 131 warm on daylight film; a filter of −131 mends it.
	it('is a conversion filter where it mends a cast, a contrast filter on black-and-white, a close-up lens never', () => {
		const bluish = { name: 'Bluish', stops: 2, kind: 'conversion', mired: -131 } as const;
		const amber = { name: 'Amber', stops: 1, kind: 'conversion', mired: 131 } as const;
		const weak = { name: 'Weak', stops: 1, kind: 'conversion', mired: -15 } as const;
		const untold = { name: 'Untold', stops: 1, kind: 'conversion' } as const;
		const yellow = { name: 'Yellow', stops: 1, kind: 'contrast' } as const;
		const near = { name: 'Close-up', stops: 0, kind: 'close-up' } as const;
		const bag = { filters: [bluish, amber, weak, untold, yellow, near] };
		const names = (film: Film, light: Light) => options(filter, { film, light, bag }).map(({ name }) => name);
		const slide = filmOf('reversal', 100);
		expect(names(slide, { ev: 9, kelvin: 3200 })).toEqual(['Bluish']);
		expect(names(slide, { ev: 9, kelvin: 10_000 })).toEqual(['Amber']);
		expect(names(slide, { ev: 9 })).toEqual([]);
		expect(names(filmOf('bw-negative', 100), { ev: 9, kelvin: 3200 })).toEqual(['Yellow']);
	});

	it('is a development, a step back, a lamp moved or bared, three frames, a flash', () => {
		const pushes = options(development, { film: filmOf('bw-negative', 100, { processStops: 0.5 }) });
		expect(pushes.map(({ name, from, to }) => [name, from, to])).toEqual([
			['pull 1 stop', 0.5, -0.5],
			['pull ½ stop', 0.5, 0],
			['push ½ stop', 0.5, 1],
			['push 1 stop', 0.5, 1.5]
		]);
		expect(options(development, {})).toEqual([]);
		const close = fixedCamera({ focus: { kind: 'fixed', distance: 3 } });
		const [back] = options(distance, { camera: close, intent: { subjectDistance: 1 } });
		expect(back.name).toBe(`step back to ${Number(back.to!.toPrecision(2))} m`);
		expect(options(distance, { camera: close, intent: { subjectDistance: 3 } })).toEqual([]);
		const light: Light = { method: 'lamp', reading: { ev: 7, sd: 0.3 }, from: 1, to: 2, modifierStops: 1.5 };
		expect(
			options(lamp, { light, camera: fixedCamera({ shutter: { kind: 'fixed', seconds: 1 / 8 } }) })
		).toEqual([
			{ name: expect.stringMatching(/^lamp from 2 m to /), from: 2, to: expect.any(Number) },
			{ name: 'modifier off, 1½ stops more light', off: true }
		]);
		expect(options(lamp, {})).toEqual([]);
		// What it was metered behind is in the reading: only what takes light can come off.
		const behind: Light = {
			method: 'lamp',
			reading: { ev: 12, sd: 0.3 },
			from: 2,
			to: 2,
			modifierStops: -1,
			modifiers: [{ name: 'Grid', stops: 2 }]
		};
		expect(options(lamp, { light: behind })).toContainEqual({
			name: 'Grid off, 2 stops more light',
			off: true
		});
		const question = { camera: fixedCamera(), film: instant, light: behind, bag: {}, intent: {} };
		const { light: bared } = withChange(lamp, question, { name: '', off: true });
		expect(resolveLight(bared).ev).toBeCloseTo(13, 9);
		expect(options(bracket, {})).toEqual([{ name: 'three frames: darker, even, lighter' }]);
		expect(options(flash, {})).toEqual([]);
		const bag = { flash: { guideNumber: 20, powers: [1] } };
		expect(options(flash, { bag })).toEqual([{ name: 'flash' }]);
		const slow = fixedCamera({ flash: { guideNumber: 10, sync: 1 / 50 } });
		// No setting is slow enough for its flash: it is no remedy.
		expect(match(slow, instant, { ev: 4 }).remedies.some(({ changes }) => changes[0].kind === 'flash')).toBe(
			false
		);
	});

	it('carries the record of a film, where it is one', () => {
		const films = [{ ...filmOf('instant', 640), id: 'f' }];
		const [{ changes }] = match(fixedCamera(), instant, { ev: 9 }, { films }).remedies.filter(
			(remedy) => remedy.changes[0].kind === 'film'
		);
		expect(changes[0]).toMatchObject({ kind: 'film', id: 'f', name: 'Film 640' } satisfies Partial<Change>);
	});
});
