import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera, losesNothing } from '../../../tests/fixtures/bag';
import { named } from '../../../tests/fixtures/taught';
import type { Camera } from '../camera';
import { bestOutcome, type Learnt } from '../match';
import { answered, bodyPriorOf, priorOf, taughtFrameOf, type ShotFrame } from '.';

const film = filmOf('instant', 160, losesNothing);
const shot = (ev: number, stops: number, camera = foldingInstant()): ShotFrame => {
	const light = { ev, sd: 0.3 };
	return { light, settings: bestOutcome(camera, film, light), judged: { stops, sd: 0.4 } };
};
const fresh = (...frame: Parameters<typeof shot>) => ({ ...shot(...frame), id: 'a', takenAt: named.takenAt });

describe('frames as learning takes them', () => {
	it('are predicted for a body without an offset, whatever it has now', () => {
		const plain = taughtFrameOf(foldingInstant(), film, shot(9, 0), named)!;
		const known = { ...foldingInstant(), offset: { stops: 0.5, sd: 0.1 } };
		expect(taughtFrameOf(known, film, shot(9, 0), named)!.beyond).toBeCloseTo(plain.beyond, 9);
		expect(taughtFrameOf(foldingInstant(), film, { ...shot(9, 0), flash: true }, named)).toBeNull();
	});

	// By hand: this eye at ISO 160 has f/8 and ends at 1/180 s, so at log2(64·180) − log2(1.6) = 12.81 EV.
	it('carry the limit that is near, and what there would be without it', () => {
		const at = (ev: number) => taughtFrameOf(foldingInstant(), film, shot(ev, 0), named)!;
		expect(at(12).limit).toEqual({ end: 'fastest', at: expect.closeTo(-0.81, 1) });
		expect(at(14).limit).toEqual({ end: 'fastest', at: expect.closeTo(1.19, 1) });
		expect(at(14).beyond).toBeCloseTo(at(9).beyond, 6);
		expect(at(9).limit).toBeUndefined();
		expect(taughtFrameOf(fixedCamera(), film, shot(18, 0, fixedCamera()), named)!.limit).toBeUndefined();
	});

	it('have the reading in them where a hand set them, and not where an eye followed', () => {
		const eye = taughtFrameOf(foldingInstant(), film, shot(9, 0), named)!;
		const hand = taughtFrameOf(fixedCamera(), film, shot(12, 0, fixedCamera()), named)!;
		expect([eye.gamma, hand.gamma]).toEqual([0, 1]);
		expect(eye.scatter).toBeGreaterThan(0);
		expect(hand.scatter).toBe(0);
		const elsewhere = { ...shot(9, 0), light: { ev: 12, sd: 0.3, meterEv: 9, meterSd: 0.4 } };
		const apart = taughtFrameOf(foldingInstant(), film, elsewhere, named)!;
		expect(apart.gamma).toBe(1);
		expect(apart.scatter).toBeCloseTo(Math.hypot(eye.scatter, 0.4), 9);
		// Of a number's 0.3 a habit of 0.25 is a part: √(0.09 − 0.0625).
		expect(hand.freshSd).toBeCloseTo(0.166, 3);
	});

	it('start from what is known of the body: more of an eye’s own than of marks, and most of an old cell’s', () => {
		const bare = { ...foldingInstant(), offset: undefined };
		// Source: common practice: mechanical 0.3, an eye 0.5, an old cell 0.7.
		expect(priorOf(bare).sd).toBe(0.5);
		expect(priorOf({ ...bare, kind: 'automatic-pack' }).sd).toBe(0.7);
		expect(priorOf({ ...fixedCamera(), offset: undefined }).sd).toBe(0.3);
		expect(priorOf({ ...fixedCamera(), offset: { stops: 0.2, sd: 0.1 } })).toEqual({ stops: 0.2, sd: 0.1 });
		const sure = { ...foldingInstant(), offset: { stops: 0.5, sd: 0 } };
		expect(priorOf(sure)).toEqual({ stops: 0.5, sd: 0.5 });
		expect(priorOf({ ...sure, offset: { stops: 0.5, sd: 0.1 } })).toEqual({ stops: 0.5, sd: 0.1 });
	});

	it('take a body for far off now and then, unless it was measured', () => {
		const bare = { ...foldingInstant(), offset: undefined };
		expect(bodyPriorOf(bare).wide).toEqual({ share: 0.05, sd: 2 });
		expect(bodyPriorOf({ ...bare, offset: { stops: 0.2, sd: 0.1 } }).wide).toBeNull();
		const before = { prior: { stops: 0.1, sd: 0.4 } };
		// Learning has begun: what stands on the camera is its own result.
		expect(
			bodyPriorOf({ ...bare, offset: { stops: 1, sd: 0.1 } }, { ...before, untold: true })
		).toMatchObject({
			...before.prior,
			wide: { share: 0.05 }
		});
		expect(bodyPriorOf(bare, before)).toMatchObject({ ...before.prior, wide: null });
	});
});

describe('a wheel that was measured', () => {
	const turned = (does?: { stops: number; sd: number }) => {
		const plain = foldingInstant({ offset: { stops: 0, sd: 0.001 } });
		const { exposure } = plain;
		return { ...plain, exposure: { ...exposure, compensation: { ...wheelOf(plain), does } } } as Camera;
	};
	const wheelOf = ({ exposure }: Camera) => (exposure.mode === 'auto' ? exposure.compensation! : null!);
	const light = { ev: 9, sd: 0.3 };
	const at = (camera: Camera, place: number, stops: number): ShotFrame => ({
		light,
		settings: { ...bestOutcome(camera, film, light), compensation: place },
		judged: { stops, sd: 0.4 }
	});

	it('is what its frames begin with: those that bear it out leave it where it was', () => {
		const camera = turned({ stops: 0.7, sd: 0.1 });
		const plain = taughtFrameOf(turned(), film, at(turned(), 0.5, 0), named)!;
		const measured = taughtFrameOf(camera, film, at(camera, 0.5, 0), named)!;
		expect(measured.beyond).toBeCloseTo(plain.beyond, 9);
		// A frame at half a stop toward lighten that is 0.15 darker than the marks promise.
		const told = at(camera, 0.5, -plain.beyond - 0.15);
		const { learnt } = answered(camera, film, [{ ...told, id: 'a', takenAt: named.takenAt }]);
		expect(learnt!.wheel!.stops).toBeCloseTo(-0.3, 2);
		expect(learnt!.wheel!.sd).toBeLessThan(0.1);
		// What was learnt before is what more frames stand on, and not what was measured once more.
		const later = answered(camera, film, [{ ...told, id: 'b', takenAt: named.takenAt }], learnt);
		expect(later.learnt!.wheel!.stops).toBeCloseTo(-0.3, 2);
	});
});

describe('the next click', () => {
	it('is answered by a print that was too dark with more', () => {
		const { camera, film: taught, learnt } = answered(foldingInstant(), film, [fresh(9, -2 / 3)]);
		expect(learnt!.stops).toBeLessThan(-0.1);
		expect(learnt!.frames).toBe(1);
		const light = { ev: 9, sd: 0.3 };
		const [before, after] = [bestOutcome(foldingInstant(), film, light), bestOutcome(camera, taught, light)];
		expect(after.compensation! - before.compensation!).toBeGreaterThan(0);
	});

	it('is answered as before where nothing is known, or a frame says nothing', () => {
		const camera = foldingInstant();
		expect(answered(camera, film, [])).toEqual({ camera, film, learnt: null });
		expect(answered(camera, film, [{ ...fresh(9, 1), flash: true }])).toEqual({ camera, film, learnt: null });
	});

	// By hand: known to −0.3 ± 0.2 with a new pack's 0.15 in it, the pack itself unseen; one more frame moves it by
	// their precisions, and what was known of the body by itself stays.
	it('goes on from what other frames taught', () => {
		const before: Learnt & { frames: number } = {
			stops: -0.3,
			sd: 0.2,
			limit: { stops: -0.1, sd: 0.25 },
			body: { stops: -0.2, sd: 0.25 },
			frames: 20
		};
		const known = answered(foldingInstant(), film, [], before);
		expect(known.camera.offset).toEqual({ stops: expect.closeTo(-0.2, 9), sd: 0.2 });
		expect(known.film.speedSd).toBe(0);
		const { learnt } = answered(foldingInstant(), film, [fresh(9, -1)], before);
		expect(learnt!.stops).toBeLessThan(-0.3);
		expect(learnt!.frames).toBe(21);
		expect(learnt!.body).toEqual(before.body);
	});
});
