import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCameras, films } from '../../../tests/fixtures/arbitraries';
import { foldingInstant, twinLens } from '../../../tests/fixtures/automatic';
import { colourNegative400, filmOf, fixedCamera, steppedCamera } from '../../../tests/fixtures/bag';
import { draws } from '../../../tests/fixtures/few';
import type { Camera } from '$core/camera';
import { wishProblems } from '$core/match';
import { chosenOn, choosersOf, FREE, type Settings } from './choices';

const labels = (camera: Camera, own: Settings = {}) =>
	choosersOf(camera, colourNegative400, own).map(({ label }) => label);
const named = (camera: Camera, label: string, own: Settings = {}) =>
	choosersOf(camera, colourNegative400, own)
		.find((each) => each.label === label)!
		.options.map(({ name }) => name);

describe('what can be chosen on a camera', () => {
	it('is all that it has, and nothing else', () => {
		expect(labels(fixedCamera())).toEqual([]);
		expect(labels(fixedCamera({ bulb: true }))).toEqual(['Shutter']);
		expect(labels(steppedCamera())).toEqual(['Aperture', 'Shutter']);
		expect(labels(foldingInstant())).toEqual(['Wheel']);
		expect(labels(twinLens({}, { iso: [100, 200] }))).toEqual(['Aperture', 'Wheel', 'Film-speed dial']);
		const lever = fixedCamera({
			positions: [
				{ label: 'sun', f: 16 },
				{ label: 'room', f: 8 }
			]
		});
		expect(labels(lever)).toEqual(['Lever']);
	});

	it('has each speed, and B apart', () => {
		const speeds = steppedCamera({ shutter: { kind: 'speeds', seconds: [1 / 60, 1 / 125] }, bulb: true });
		expect(named(speeds, 'Shutter')).toEqual([
			'what suits best',
			'1/125 s',
			'1/60 s',
			'B, held open and counted'
		]);
		expect(named(foldingInstant({ bulb: true }), 'Shutter')).toEqual([
			'what suits best',
			'the eye sets it',
			'B, held open and counted'
		]);
		expect(named(fixedCamera({ bulb: true }), 'Shutter')).toEqual([
			'what suits best',
			'1/100 s',
			'B, held open and counted'
		]);
	});

	it('is everything by hand once the eye is put aside', () => {
		const body = twinLens({}, { override: { shutter: { kind: 'speeds', seconds: [1 / 30, 1 / 250] } } });
		expect(labels(body)).toEqual(['Aperture', 'Wheel']);
		expect(labels(body, { manual: true })).toEqual(['Aperture', 'Shutter']);
	});

	it('says which place of the dial is this film’s', () => {
		const dial = twinLens({}, { iso: [100, 400] });
		expect(named(dial, 'Film-speed dial')).toEqual(['what suits best', 'ISO 100', 'ISO 400, this film']);
		const pushed = choosersOf(dial, filmOf('bw-negative', 100, { processStops: 2 }), {});
		expect(pushed.at(-1)!.options.map(({ name }) => name)).toContain('ISO 400, this film');
	});

	it('can be asked for, each thing that is offered, whatever the camera, after whatever was chosen before', () => {
		fc.assert(
			fc.property(anyCameras, films, fc.array(fc.nat(), { maxLength: 5 }), (camera, film, picks) => {
				let own: Settings = {};
				for (const pick of picks) {
					const all = choosersOf(camera, film, own).flatMap(({ options }) => options);
					if (all.length === 0) return;
					const { changes } = all[pick % all.length];
					own = chosenOn(camera, own, changes);
					expect(own).toMatchObject(changes);
					const fixed = Object.fromEntries(Object.entries(own).filter(([, value]) => value !== undefined));
					expect(wishProblems(camera, fixed)).toEqual([]);
				}
				for (const { value, options } of choosersOf(camera, film, own)) {
					expect(options.map((option) => option.value)).toContain(value);
					expect(options[0].value).toBe(FREE);
				}
			}),
			{ numRuns: draws(300) }
		);
	});

	it('makes way for what is chosen last', () => {
		const lever = steppedCamera({
			aperture: { kind: 'stops', f: [8, 11] },
			positions: [{ label: 'small', f: 11 }, { label: 'any' }]
		});
		expect(chosenOn(lever, { aperture: 8 }, { position: 'small' })).toMatchObject({
			position: 'small',
			aperture: undefined
		});
		expect(chosenOn(lever, { position: 'small' }, { aperture: 8 })).toMatchObject({
			position: undefined,
			aperture: 8
		});
	});
});
