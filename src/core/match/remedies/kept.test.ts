import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../../tests/fixtures/automatic';
import { filmOf } from '../../../../tests/fixtures/bag';
import { bestOutcome, changed, keptIntent, match, type Change } from '..';

const instant640 = filmOf('instant', 640);

describe('a remedy that is looked at, or kept', () => {
	const nd = { id: 'a', name: 'ND 0.6', stops: 2 };
	const slow = filmOf('reversal', 50);
	const bag = { filters: [nd], films: [slow], tripod: true };
	const asked = { camera: foldingInstant(), film: instant640, light: { ev: 12 }, bag, intent: {} };
	const change = (kind: Change['kind'], more: Partial<Change> = {}): Change => ({
		kind,
		name: '',
		stops: 0,
		...more
	});

	it('is the same question with its changes made', () => {
		expect(changed(asked, [change('film', { name: slow.name })]).film).toBe(slow);
		expect(changed(asked, [change('film', { name: 'sold' })]).film).toBe(instant640);
		const pushed = changed(asked, [change('development', { from: 0.5, to: 1.5 })]);
		expect(pushed.film.processStops).toBe(1);
		const put = changed(asked, [change('filter', { id: 'a', name: 'as it was called' })]);
		expect(put.intent.filters).toEqual([nd]);
		expect(changed(put, [change('filter', { id: 'a', name: '', off: true })]).intent.filters).toEqual([]);
		expect(changed(asked, [change('light', { from: 12, to: 9 })]).light).toMatchObject({ ev: 9 });
	});

	it('stays where it is made on the camera, and only there', () => {
		const kept = (...changes: Change[]) => keptIntent({ aperture: 8 }, changes, bag);
		expect(kept(change('compensation', { to: -1 }), change('tripod'))).toEqual({
			aperture: 8,
			compensation: -1,
			handheld: false
		});
		const grey = change('filter', { to: 2, missing: true });
		expect(changed(asked, [grey]).intent.filters).toMatchObject([{ stops: 2 }]);
		expect(kept(grey)).toBeNull();
		expect(kept(change('aperture', { to: 11 }), change('iso-dial', { to: 400 }))).toEqual({
			aperture: 11,
			iso: 400
		});
		expect(kept(change('distance', { to: 2 }))).toEqual({ aperture: 8, subjectDistance: 2 });
		for (const kind of ['film', 'development', 'light', 'lamp', 'reading', 'trial', 'bracket'] as const) {
			expect(kept(change('tripod'), change(kind)), kind).toBeNull();
		}
	});

	// What is promised is what is seen: the outcome of a remedy is that of the question with its changes made.
	it('comes out as it was promised', () => {
		const { remedies } = match(asked.camera, instant640, { ev: 13 }, { ...bag, films: [slow] }, {});
		const plain = remedies.filter(({ changes }) =>
			changes.every(({ kind }) => !['flash', 'bracket', 'trial', 'reading'].includes(kind))
		);
		expect(plain.length).toBeGreaterThan(0);
		for (const { changes, outcome } of plain) {
			const { camera, film, light, intent } = changed({ ...asked, light: { ev: 13 } }, changes);
			expect(bestOutcome(camera, film, light, intent).error).toBeCloseTo(outcome.error, 9);
		}
	});
});
