import { describe, expect, it } from 'vitest';
import { cameraKinds, filterKinds, usualChecklist } from '../core/camera';
import { filmKinds } from '../core/film';
import { flashKinds } from '../core/flash';
import { filterSchema } from './camera';
import { filmSchema } from './film';
import { cameraRecordSchema, gearRecordSchema } from './records';
import { check } from './validate';

describe('what one starts from', () => {
	it('takes every kind of film and of filter to start from, with a list of what is forgotten', () => {
		for (const { id, film } of filmKinds) {
			expect(check(filmSchema, { ...film, name: id }), id).toMatchObject({ ok: true });
		}
		for (const flash of flashKinds) {
			expect(check(gearRecordSchema, { type: 'flash', ...flash }), flash.name).toMatchObject({ ok: true });
		}
		for (const filter of filterKinds) {
			expect(check(filterSchema, filter), filter.name).toMatchObject({ ok: true });
		}
		for (const { id, camera } of cameraKinds) {
			const record = {
				name: id,
				kind: id,
				...camera,
				checklist: usualChecklist({ ...camera, kind: id }),
				finder: { above: 40 }
			};
			expect(check(cameraRecordSchema, record, 'refuse'), id).toMatchObject({ ok: true });
		}
		expect(new Set(filmKinds.map(({ id }) => id)).size).toBe(filmKinds.length);
		// Source: the published definition of density: 0.3 is a factor of two, a stop.
		expect(filterKinds.find(({ name }) => name === 'ND 0.3')!.stops).toBeCloseTo(1, 1);
	});
});
