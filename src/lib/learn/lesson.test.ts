import { describe, expect, it } from 'vitest';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { accepted, putAside, reset, standingOf, type Lesson } from './lesson';

const lesson = (changes: Partial<Lesson> = {}): Lesson => ({
	camera: { ...fixedCamera(), offset: undefined, id: 'a', version: 3 },
	film: filmOf('colour-negative', 400),
	prior: { stops: 0, sd: 0.3 },
	learnt: {
		stops: -0.41234,
		sd: 0.15,
		body: { stops: -0.41234, sd: 0.15 },
		bySetting: [],
		wheel: null,
		frames: 6,
		known: 0,
		drift: null,
		points: []
	},
	judged: 6,
	undecided: null,
	withFilms: [],
	telling: null,
	outliers: [],
	...changes
});
const AT = '2026-05-02T12:00:00.000Z';

describe('a lesson', () => {
	it('is news until it is used, which goes on by itself, or put aside until more frames are judged', () => {
		const fresh = lesson();
		expect(standingOf(fresh)).toBe('news');
		const used = lesson({ camera: accepted(fresh, AT) });
		expect(standingOf(used)).toBe('in-use');
		expect(standingOf({ ...used, learnt: { ...used.learnt, frames: 7 } })).toBe('in-use');
		const aside = lesson({ camera: putAside(fresh, AT) });
		expect(standingOf(aside)).toBe('put-aside');
		expect(standingOf({ ...aside, learnt: { ...aside.learnt, frames: 7 } })).toBe('news');
		expect(standingOf({ ...fresh, learnt: { ...fresh.learnt, frames: 0 } })).toBe('nothing');
	});

	it('is kept with what was known before, so that the same frames never count twice', () => {
		const used = accepted(lesson(), AT);
		expect(used.offset).toEqual({ stops: -0.412, sd: 0.15 });
		expect(used.learnt).toEqual({ prior: { stops: 0, sd: 0.3 }, at: AT, frames: 6, untold: true });
		expect(putAside(lesson({ camera: used }), AT).offset).toEqual(used.offset);
	});

	it('is reset to what was known before, which may be nothing', () => {
		const used = accepted(lesson(), AT);
		expect(reset(lesson({ camera: used }), AT).offset).toBeUndefined();
		const known = { ...lesson().camera, offset: { stops: 0.2, sd: 0.1 } };
		const prior = { stops: 0.2, sd: 0.1 };
		const from = lesson({ camera: accepted(lesson({ camera: known, prior }), AT), prior });
		expect(reset(from, AT).offset).toEqual(prior);
		expect(standingOf(lesson({ camera: reset(from, AT), prior }))).toBe('put-aside');
	});
});
