import { describe, expect, it } from 'vitest';
import { foldingInstant } from '../../../tests/fixtures/automatic';
import { filmOf, fixedCamera, losesNothing } from '../../../tests/fixtures/bag';
import type { Camera } from '../camera';
import type { Film } from '../film';
import { withHabit, type Light } from '../light';
import { asOne, bestOutcome, outcomeAt } from '../match';
import {
	answered,
	cameraLesson,
	learntFor,
	taughtBy,
	tellingFrame,
	wayLessons,
	type Things,
	type Told
} from '.';

const bare = (camera: Camera): Camera => ({ ...camera, offset: undefined });
const cameras: Record<string, Camera> = {
	wedge: bare(foldingInstant()),
	pebble: bare(foldingInstant()),
	box: bare(fixedCamera())
};
const films: Record<string, Film> = {
	wrack: filmOf('instant', 160, losesNothing),
	silt: filmOf('instant', 160, losesNothing)
};
const things = (): Things => ({
	cameras: new Map(Object.entries(cameras).map(([id, camera]) => [id, { camera }])),
	films: new Map(Object.entries(films))
});

let count = 0;
/** A frame that came out so many stops beyond what was expected of it. */
function shot(
	camera: string,
	film: string,
	beyond: number,
	{ ev = 9, day = 1, way = 'by meter', load = `${camera} ${film}`, developed = films[film] } = {}
): Told {
	const light: Light = { method: 'eye', ev, sd: 0.5 };
	const settings = bestOutcome(cameras[camera], developed, light);
	const { error } = outcomeAt(cameras[camera], developed, light, {}, settings);
	count += 1;
	const at = new Date(Date.UTC(2026, 0, day)).toISOString();
	const judged = { stops: error + beyond, sd: 1 / 3 };
	return {
		id: `${count}`,
		camera,
		film,
		load,
		way,
		takenAt: at,
		developed,
		shot: { light, settings, judged }
	};
}
const several = (times: number, ...given: Parameters<typeof shot>) =>
	Array.from({ length: times }, () => shot(...given));

describe('what is said of a camera', () => {
	it('is that it could be the film, as long as it was shot on no other', () => {
		const lesson = cameraLesson(taughtBy(several(8, 'wedge', 'wrack', -0.6), things(), 'wedge'), 'wedge');
		expect(lesson.undecided).toMatchObject({ film: 'wrack', stops: expect.closeTo(-0.48, 1) });
		expect(lesson.undecided!.sd).toBeLessThan(lesson.sd);
		expect(lesson.frames).toBe(8);
	});

	it('is its own where other films give the same, and other bodies on this film do not', () => {
		const told = [
			...several(10, 'wedge', 'wrack', -0.9),
			...several(10, 'wedge', 'silt', -0.9),
			...several(10, 'pebble', 'wrack', 0),
			...several(10, 'pebble', 'silt', 0)
		];
		const lesson = cameraLesson(taughtBy(told, things(), 'wedge'), 'wedge');
		expect(lesson.undecided).toBeNull();
		expect(lesson.stops).toBeLessThan(-0.45);
		expect(lesson.frames).toBe(20);
		expect(lesson.withFilms.map(({ film, frames }) => [film, frames])).toEqual([
			['silt', 10],
			['wrack', 10]
		]);
	});

	it('is what it has changed by, over the last year', () => {
		const told = Array.from({ length: 60 }, (_, at) =>
			shot('wedge', at % 2 ? 'wrack' : 'silt', (-1.2 * at) / 59, {
				day: 1 + at * 12,
				load: `pack ${at >> 3}`
			})
		);
		const { drift } = cameraLesson(taughtBy(told, things(), 'wedge'), 'wedge');
		// By hand: 1.2 stops in 708 days are 0.62 a year.
		expect(drift!.stops).toBeLessThan(-0.3);
		expect(drift!.stops).toBeGreaterThan(-0.8);
		const steady = told.map((each) => ({ ...each, takenAt: told[0].takenAt }));
		expect(cameraLesson(taughtBy(steady, things(), 'wedge'), 'wedge').drift).toBeNull();
	});

	it('names the wild frame', () => {
		const fogged = shot('wedge', 'wrack', 4);
		const told = [...several(6, 'wedge', 'wrack', 0), fogged];
		expect(cameraLesson(taughtBy(told, things(), 'wedge'), 'wedge').wild).toEqual([fogged.id]);
	});
});

describe('how a person reads the light', () => {
	it('is told from the bodies, of ways with three frames', () => {
		const told = [
			...several(10, 'box', 'wrack', -0.6, { way: 'soft edge', ev: 12 }),
			...several(10, 'box', 'wrack', 0, { way: 'the meter', ev: 12 }),
			...several(2, 'box', 'wrack', 0, { way: 'the sun', ev: 12 })
		];
		const lessons = wayLessons(taughtBy(told, things(), 'box'));
		expect(lessons.map(({ way, frames }) => [way, frames])).toEqual([
			['soft edge', 10],
			['the meter', 10]
		]);
		expect(lessons[0].stops - lessons[1].stops).toBeGreaterThan(0.45);
		expect(lessons[0].stops - lessons[1].stops).toBeLessThan(0.6);
		// What is taken off a reading is not its being right: the same frames say the same.
		const moved = told.map((each) => ({
			...each,
			shot: { ...each.shot, light: withHabit(each.shot.light, { stops: 0.5, sd: 0.15 }) }
		}));
		for (const [at, { stops, sd }] of wayLessons(taughtBy(moved, things(), 'box')).entries()) {
			expect(stops).toBeCloseTo(lessons[at].stops, 9);
			expect(sd).toBeCloseTo(lessons[at].sd, 9);
		}
		// An eye follows the light: its frames say nothing of how it was read.
		expect(wayLessons(taughtBy(several(5, 'wedge', 'wrack', 1), things(), 'wedge'))).toEqual([]);
	});
});

describe('what the next frame is promised with', () => {
	const at = '2026-01-01T00:00:00Z';

	it('is known better than body and film by themselves', () => {
		const told = Array.from({ length: 40 }, (_, index) =>
			shot('wedge', 'wrack', -0.5, { load: `pack ${index >> 3}` })
		);
		const taught = taughtBy(told, things(), 'wedge');
		const learnt = learntFor(taught, things(), { camera: 'wedge', film: 'wrack', load: null, at });
		expect(learnt.stops).toBeCloseTo(-0.48, 1);
		expect(learnt.sd).toBeLessThan(0.2);
		expect(learnt.body!.sd).toBeGreaterThan(1.3 * learnt.sd);
		expect(learnt.frames).toBe(40);
		const other = learntFor(taught, things(), { camera: 'wedge', film: 'silt', load: null, at });
		expect(other.sd).toBeGreaterThan(1.5 * learnt.sd);
	});

	// What your frames taught before and the frames of the load one after the other are all frames at once, but for the pack.
	it('is the same whether frames come at once or load by load', () => {
		const atWheel = (wheel: number, beyond: number, load: string) => {
			const told = shot('wedge', 'wrack', beyond, { load });
			const settings = { ...told.shot.settings, compensation: wheel };
			const { error } = outcomeAt(cameras.wedge, films.wrack, told.shot.light, {}, settings);
			return { ...told, shot: { ...told.shot, settings, judged: { stops: error + beyond, sd: 1 / 3 } } };
		};
		const earlier = Array.from({ length: 16 }, (_, index) =>
			atWheel(index % 2 ? -1 : 0, index % 2 ? -0.7 : -0.4, `pack ${index >> 3}`)
		);
		const later = [-0.5, -0.9, -0.6].map((beyond) => atWheel(-1, beyond, 'now'));
		const asked = { camera: 'wedge', film: 'wrack', at: later[0].takenAt };
		const before = learntFor(taughtBy(earlier, things(), 'wedge'), things(), { ...asked, load: null });
		const fresh = later.map(({ id, takenAt, shot }) => ({ id, takenAt, ...shot }));
		const step = answered(cameras.wedge, films.wrack, fresh, before).learnt!;
		const once = learntFor(taughtBy([...earlier, ...later], things(), 'wedge'), things(), {
			...asked,
			load: 'now'
		});
		for (const wheel of [-1, 0, 0.5]) {
			expect(Math.abs(asOne(step, wheel).stops - asOne(once, wheel).stops)).toBeLessThan(0.08);
			expect(Math.abs(asOne(step, wheel).sd - asOne(once, wheel).sd)).toBeLessThan(0.06);
		}
		expect(asOne(once, -1).sd).toBeLessThan(asOne(once, 0.5).sd);
		expect(step.frames).toBe(19);
	});

	it('takes each load as it was developed: one that was pushed is no faster emulsion', () => {
		const pushed = { ...films.wrack, processStops: 1 };
		const told = [
			...several(8, 'wedge', 'wrack', 0, { load: 'plain' }),
			...several(8, 'wedge', 'wrack', 0, { load: 'pushed', developed: pushed })
		];
		const asked = { camera: 'wedge', film: 'wrack', load: null, at };
		expect(learntFor(taughtBy(told, things(), 'wedge'), things(), asked).stops).toBeCloseTo(0, 1);
	});

	it('has the way of reading in it where a hand sets the camera, and says how much of it', () => {
		const told = several(20, 'box', 'wrack', -0.5, { way: 'soft edge', ev: 12 });
		const taught = taughtBy(told, things(), 'box');
		const asked = { camera: 'box', film: 'wrack', load: 'box wrack', at };
		const [whole, without] = [{ ...asked, way: 'soft edge' }, asked].map((each) =>
			learntFor(taught, things(), each)
		);
		expect(whole.reading).toBe(0.4);
		expect(whole.sd).toBeLessThan(without.sd / 1.5);
		expect(whole.stops).toBeCloseTo(-0.49, 1);
		expect(learntFor(taught, things(), { ...asked, way: 'never met' })).toEqual(without);
	});
});

describe('what a person knows', () => {
	const known = (beyond: number, sd: number) => {
		const told = shot('wedge', 'wrack', beyond);
		return { ...told, id: 'known', known: true, shot: { ...told.shot, judged: { ...told.shot.judged, sd } } };
	};
	const wedge = (told: Told[]) => cameraLesson(taughtBy(told, things(), 'wedge'), 'wedge');

	// By hand, normal with normal, nothing wild: the body has 0.5² of 0.5² + film 0.3² + pack 0.15² + judge 0.2² + 0.25².
	it('teaches as a frame does, by its own doubt and without the chance of a single frame', () => {
		const { stops, frames, known: said, points, withFilms } = wedge([known(-0.5, 0.25)]);
		const share = 0.25 / (0.25 + 0.09 + 0.0225 + 0.04 + 0.0625);
		expect(stops).toBeGreaterThan(-0.5 * share - 0.06);
		expect(stops).toBeLessThan(-0.5 * share + 0.06);
		expect([frames, said, points.length]).toEqual([0, 1, 0]);
		expect(withFilms).toMatchObject([{ film: 'wrack', frames: 0, known: 1 }]);
	});

	it('counts the more the surer it is, and never as a frame', () => {
		const told = several(4, 'wedge', 'wrack', 0);
		const [sure, unsure] = [wedge([...told, known(-1, 0.25)]), wedge([...told, known(-1, 1)])];
		expect(sure.withFilms[0].stops).toBeLessThan(unsure.withFilms[0].stops);
		expect([sure.frames, sure.known]).toEqual([4, 1]);
		const asked = { camera: 'wedge', film: 'wrack', load: null, at: '2026-02-01T00:00:00Z' };
		const taught = taughtBy([...told, known(-1, 0.25)], things(), 'wedge');
		expect(learntFor(taught, things(), asked).frames).toBe(4);
	});
});

describe('the frame that would tell most of a body', () => {
	const pairs = [
		{ camera: 'wedge', film: 'wrack' },
		{ camera: 'wedge', film: 'silt' },
		{ camera: 'pebble', film: 'wrack' }
	];
	const telling = (told: Told[]) => tellingFrame(taughtBy(told, things(), 'wedge'), things(), 'wedge', pairs);

	it('is one of another film, while it was shot on one alone', () => {
		const found = telling(several(12, 'wedge', 'wrack', -0.6))!;
		expect(found).toMatchObject({ camera: 'wedge', film: 'silt' });
		expect(found.sd).toBeLessThan(
			cameraLesson(taughtBy(several(12, 'wedge', 'wrack', -0.6), things(), 'wedge'), 'wedge').sd
		);
	});

	it('is its film in another body, where that one is known', () => {
		const told = [...several(12, 'wedge', 'wrack', -0.6), ...several(20, 'pebble', 'silt', 0)];
		expect(telling(told)).toMatchObject({ film: expect.stringMatching(/silt|wrack/) });
		expect(telling(told)).not.toMatchObject({ camera: 'wedge', film: 'wrack' });
	});

	it('is none where the body is known', () => {
		const told = ['wrack', 'silt'].flatMap((film) =>
			['wedge', 'pebble'].flatMap((camera) => several(40, camera, film, 0))
		);
		expect(telling(told)).toBeNull();
	});
});
