import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { bestOutcome } from '../match';
import { answered, judgedFrameOf, priorOf, type ShotFrame } from '.';

const film = filmOf('instant', 160);
const shot = (ev: number, stops: number, camera = foldingInstant()): ShotFrame => {
	const light = { ev, sd: 0.3 };
	return { light, settings: bestOutcome(camera, film, light), judged: { stops, sd: 0.4 } };
};

describe('frames as learning takes them', () => {
	it('are predicted for a body without an offset, whatever it has now', () => {
		const frame = shot(9, 0);
		const plain = judgedFrameOf(foldingInstant(), film, frame, 'a')!;
		const off = judgedFrameOf({ ...foldingInstant(), offset: { stops: 0.5, sd: 0.1 } }, film, frame, 'a')!;
		expect(off.predicted).toBeCloseTo(plain.predicted, 9);
		expect(plain.sd).toBeGreaterThan(0.4);
	});

	it('say nothing where a flash lit them, and are marked where the eye ran into a limit', () => {
		expect(judgedFrameOf(foldingInstant(), film, { ...shot(9, 0), flash: true }, 'a')).toBeNull();
		expect(judgedFrameOf(foldingInstant(), film, shot(18, 1), 'a')!.clamped).toBe(true);
		expect(judgedFrameOf(foldingInstant(), film, shot(9, 0), 'a')!.clamped).toBe(false);
		expect(judgedFrameOf(fixedCamera(), film, shot(18, 1, fixedCamera()), 'a')!.clamped).toBe(false);
	});

	it('start from what is known of the body: more of an eye’s own than of marks, and most of an old cell’s', () => {
		const bare = { ...foldingInstant(), offset: undefined };
		// Source: common practice: mechanical 0.3, an eye 0.5, an old cell 0.7.
		expect(priorOf(bare).sd).toBe(0.5);
		expect(priorOf({ ...bare, kind: 'automatic-pack' }).sd).toBe(0.7);
		expect(priorOf({ ...fixedCamera(), offset: undefined }).sd).toBe(0.3);
		expect(priorOf({ ...fixedCamera(), offset: { stops: 0.2, sd: 0.1 } })).toEqual({ stops: 0.2, sd: 0.1 });
	});

	it('answer the next click: a print that was too dark asks for more', () => {
		const { camera, learnt } = answered(foldingInstant(), film, [shot(9, -2 / 3)]);
		expect(camera.offset!.stops).toBeLessThan(-0.1);
		expect(learnt!.frames).toBe(1);
		expect(answered(foldingInstant(), film, []).learnt).toBeNull();
	});
});
