import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { anyCameras } from '../../tests/fixtures/arbitraries';
import { fixedCamera } from '../../tests/fixtures/bag';
import { draws } from '../../tests/fixtures/few';
import { foldingInstant } from '../../tests/fixtures/automatic';
import { giftOf, giftSchema, startOf, takenIn, type Gift } from './camera-gift';
import { cameraRecordSchema, type CameraRecord } from './records';
import { check } from './validate';

const AT = '2026-05-02T12:30:00.000Z';
const made = { at: AT, program: '0.33.0' };
const stored = (camera: CameraRecord, id = crypto.randomUUID()) => ({ ...camera, id, version: 3 });
const learnt = { prior: { stops: 0, sd: 0.5 }, at: AT, frames: 9 };
const body = { stops: -0.4, sd: 0.2, frames: 9 };

describe('a camera that is given away', () => {
	it('is a file that its own schema takes, whatever camera it is, and brings it as it was', () => {
		fc.assert(
			fc.property(anyCameras, fc.boolean(), (camera, taught) => {
				const gift = giftOf(stored(camera), taught ? body : null, [], made);
				const checked = check(giftSchema, JSON.parse(JSON.stringify(gift)), 'refuse');
				expect(checked).toMatchObject({ ok: true });
				const there = takenIn((checked as { value: unknown }).value as Gift, false);
				expect(check(cameraRecordSchema, there, 'refuse').ok).toBe(true);
				const { offset, archived: _, flashes: _f, learnt: _l, known: _k, ...rest } = there;
				expect(JSON.parse(JSON.stringify(camera))).toMatchObject(JSON.parse(JSON.stringify(rest)));
				expect(offset).toEqual(taught ? { stops: -0.4, sd: 0.2 } : camera.offset);
			}),
			{ numRuns: draws(100) }
		);
	});

	it('takes nothing along that is of its owner alone', () => {
		const own = { archived: true, flashes: [crypto.randomUUID()], learnt, known: [] };
		const { camera, frames } = giftOf(stored({ ...fixedCamera(), ...own }), body, [], made);
		expect(Object.keys(camera)).not.toEqual(expect.arrayContaining(['archived']));
		for (const field of Object.keys(own)) expect(camera).not.toHaveProperty(field);
		expect(frames).toBe(9);
	});

	it('starts learning from what was known, and of another of its kind as much less as they differ', () => {
		const gift = giftOf(stored(fixedCamera()), body, [], made);
		expect(startOf(gift, false)).toEqual({ stops: -0.4, sd: 0.2 });
		// A body of no kind whose marks are tested by nobody is in doubt by 0.3: 0.36 with 0.2.
		expect(startOf(gift, true)!.sd).toBeCloseTo(0.36, 2);
		expect(startOf(giftOf(stored(fixedCamera()), null, [], made), true)).toBeNull();
	});

	it('changes one that is here, whose own frames go on teaching from another start', () => {
		const gift = giftOf(stored(foldingInstant()), body, [], made);
		const mine = stored({
			...fixedCamera({ name: 'Mine' }),
			offset: { stops: 0.1, sd: 0.2 },
			learnt,
			archived: true
		});
		const after = takenIn(gift, false, mine);
		expect(after).toMatchObject({
			name: foldingInstant().name,
			archived: true,
			offset: { stops: 0.1, sd: 0.2 },
			learnt: { ...learnt, prior: { stops: -0.4, sd: 0.2 } }
		});
		const { learnt: _, ...untaught } = mine;
		expect(takenIn(gift, false, untaught).offset).toEqual({ stops: -0.4, sd: 0.2 });
	});

	it('counts nothing twice where what was learnt of it came from here', () => {
		const mine = stored({ ...fixedCamera(), offset: { stops: -0.3, sd: 0.3 }, learnt });
		const gift = giftOf(mine, body, [], made);
		const { id: _, version: _v, ...before } = mine;
		expect(takenIn(gift, false, mine)).toEqual(before);
	});
});
