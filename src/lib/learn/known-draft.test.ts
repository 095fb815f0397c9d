import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import type { Camera } from '$core/camera';
import { choicesOf, experienceOf, usualOf, withoutKnown } from './known-draft';

const AT = '2026-05-02T12:00:00Z';
const film = { ...filmOf('instant', 160), id: 'f' };
const draft = { condition: 'soft', intent: {}, stops: 0, sd: 0.25 } as const;
const plastic: Camera = {
	...fixedCamera(),
	aperture: { kind: 'stops', f: [11, 8], labels: ['sun', 'cloud'] },
	shutter: { kind: 'speeds', seconds: [0.01, 0.02] }
};

describe('what has to be said of a setting', () => {
	it('is what a camera has more than one of, and by hand the light', () => {
		expect(choicesOf(fixedCamera())).toEqual({
			positions: [],
			apertures: [],
			times: [],
			wheel: [],
			dial: [],
			light: true
		});
		expect(choicesOf(plastic)).toMatchObject({ apertures: [11, 8], times: [0.01, 0.02] });
		const { wheel, light } = choicesOf(foldingInstant());
		expect(wheel.length).toBeGreaterThan(2);
		expect(light).toBe(false);
		expect(usualOf(choicesOf(foldingInstant())).compensation).toBe(0);
	});

	it('is kept as the camera can be set', () => {
		const usual = experienceOf(plastic, film, draft, AT);
		expect(usual.settings).toMatchObject({ f: 11, seconds: 0.01, compensation: null });
		expect(usual.light).toMatchObject({ condition: 'soft' });
		const other = experienceOf(plastic, film, { ...draft, intent: { aperture: 8, seconds: 0.02 } }, AT);
		expect(other.settings).toMatchObject({ f: 8, seconds: 0.02 });
		const eye = experienceOf(foldingInstant(), film, { ...draft, intent: { compensation: 0.5 } }, AT);
		expect(eye.settings.compensation).toBe(0.5);
		expect(eye.judged).toEqual({ stops: 0, sd: 0.25 });
	});
});

describe('what is taken back', () => {
	const known = [
		experienceOf(foldingInstant(), film, draft, AT),
		experienceOf(foldingInstant(), film, draft, AT)
	];
	const learnt = { prior: { stops: 0, sd: 0.5 }, at: AT, frames: 0, untold: true };
	const taught = {
		...foldingInstant(),
		offset: { stops: -0.4, sd: 0.3 },
		learnt,
		known,
		id: 'c',
		version: 4
	};

	it('leaves a camera as it was before where nothing else had taught it', () => {
		const one = withoutKnown(taught, 0);
		expect(one).toEqual({ ...taught, known: [known[1]] });
		const none = withoutKnown(one, 0);
		expect([none.known, none.offset, none.learnt]).toEqual([[], undefined, undefined]);
		const told = { ...one, learnt: { ...learnt, untold: undefined, prior: { stops: 0.2, sd: 0.1 } } };
		expect(withoutKnown(told, 0).offset).toEqual({ stops: 0.2, sd: 0.1 });
		const judged = { ...one, learnt: { ...learnt, frames: 3 } };
		expect(withoutKnown(judged, 0)).toEqual({ ...judged, known: [] });
	});
});
