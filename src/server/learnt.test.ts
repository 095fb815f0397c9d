import { describe, expect, it } from 'vitest';
import { onTheDemo } from '../../tests/fixtures/store-of-demo';
import { framesView, frameView } from '$views/frames';
import { asUsed, bodyOf, lessons } from '$views/learn/learnt';
import { views } from '$views/views';
import { framesPage } from './frames-page';
import { KeptWork } from './learn/kept-work';
import { learntOf } from './learnt';
import { offsetOf } from '$core/camera';
import { asOne, bestOutcome } from '$core/match';
import { filmOf, fixedCamera } from '../../tests/fixtures/bag';
import { store } from './store';
import { viewRecords } from './views/records';

/** What the pages of Frames are given, from the demo's weekend in a database of its own. */

onTheDemo();

const allFrames = (asked: Record<string, string> = {}) => framesPage(store(), query(asked).toString());
const honesty = (asked: URLSearchParams) => views.honest(viewRecords(), asked);
const query = (asked: Record<string, string> = {}) => new URLSearchParams(asked);

describe('what was learnt', () => {
	it('is told of each camera with judged frames, and names the fogged one', async () => {
		const { lessons: all, habits } = await lessons(viewRecords());
		expect(all.map(({ camera }) => camera.name)).toEqual(['Pebble', 'Wedge']);
		const wedge = all[1];
		expect(wedge.prior).toEqual({ stops: 0, sd: 0.7 });
		expect(wedge.learnt.stops).toBeLessThan(-0.1);
		// One film alone: it could be the film; what the two give together is known better.
		expect(wedge.learnt.sd).toBeLessThan(0.55);
		expect(wedge.withFilms[0].sd).toBeLessThan(wedge.learnt.sd);
		expect(wedge.outliers.map(({ number }) => number)).toEqual([8]);
		expect(wedge.judged).toBe(15);
		expect(habits).toHaveLength(1);
		expect(habits[0]).toMatchObject({ frames: 3 });
	});

	it('is not drawn from its own result: accepting changes nothing of it', async () => {
		const [, wedge] = (await lessons(viewRecords())).lessons;
		const { cameras } = store();
		const { id, version, ...camera } = wedge.camera;
		const { stops, sd } = wedge.learnt;
		const learnt = { ...camera.learnt!, at: new Date().toISOString(), frames: 8 };
		cameras.replace(id, version, { ...camera, offset: { stops, sd }, learnt });
		const [, again] = (await lessons(viewRecords())).lessons;
		expect(again.learnt.stops).toBeCloseTo(stops, 6);
		expect(again.learnt.sd).toBeCloseTo(sd, 6);
	});
});

describe('a frame that was judged without a light', () => {
	it('teaches nothing, and hides nothing of the others', async () => {
		const { cameras, films, loads, frames } = store();
		const [cameraId, loadId, frameId] = [1, 2, 3].map(() => crypto.randomUUID());
		cameras.create(cameraId, fixedCamera({ name: 'No meter' }));
		const [{ id: filmId }] = films.list(1, 0).items;
		loads.create(loadId, { cameraId, filmId, frames: 8, loadedAt: '2026-05-02T10:00:00Z' });
		frames.create(frameId, {
			loadId,
			number: 1,
			takenAt: '2026-05-02T11:00:00Z',
			light: null,
			settings: { f: null, seconds: null, compensation: null, iso: null },
			predicted: null,
			judged: { stops: 1, sd: 0.3, by: 'eye', judgedAt: '2026-05-03T10:00:00Z' }
		});
		expect((await lessons(viewRecords())).lessons.map(({ camera }) => camera.name)).toEqual([
			'Pebble',
			'Wedge'
		]);
		expect(await bodyOf(viewRecords(), cameras.get(cameraId)!)).toBeNull();
		for (const gone of [frames.remove(frameId), loads.remove(loadId), cameras.remove(cameraId)])
			expect(gone.result).toBe('removed');
	});
});

describe('what was worked out of frames', () => {
	it('is kept until one of them, or what it was shot with, changes; and never holds for another store', async () => {
		const asked: (string | null)[] = [];
		let made = 1;
		const work = new KeptWork(async (known) => {
			asked.push(known);
			return known === `frames ${made}` ? null : { signature: `frames ${made}`, value: made };
		});
		const [here, elsewhere] = [{}, {}];
		expect([await work.now(here, '1'), await work.now(here, '1')]).toEqual([1, 1]);
		// A write that has nothing to do with them: looked at, and left as it is.
		expect(await work.now(here, '2')).toBe(1);
		made = 2;
		// Who asks while it is worked out has it as it is now, not as it was before.
		expect(await Promise.all([work.now(here, '3'), work.now(here, '4')])).toEqual([2, 2]);
		expect(await work.now(elsewhere, '4')).toBe(2);
		expect(asked).toEqual([null, 'frames 1', 'frames 1', 'frames 2', null]);
	});

	it('is tried again where it failed', async () => {
		const answers = [new Error('busy'), { signature: 'a', value: 1 }];
		const work = new KeptWork(async () => {
			const answer = answers.shift()!;
			if (answer instanceof Error) throw answer;
			return answer;
		});
		await expect(work.now({}, '1')).rejects.toThrow('busy');
		expect(await work.now({}, '1')).toBe(1);
	});

	it('follows a frame that is judged otherwise', async () => {
		const { frames, search } = store();
		const [, wedge] = (await lessons(viewRecords())).lessons;
		const [key] = search.judgedKeys({ camera: wedge.camera.id }, 1);
		const { id, version, ...frame } = frames.get(key.id)!;
		const judged = { ...frame.judged!, stops: frame.judged!.stops - 1 / 3 };
		frames.replace(id, version, { ...frame, judged });
		const [, after] = (await lessons(viewRecords())).lessons;
		expect(after.learnt.stops).toBeLessThan(wedge.learnt.stops);
		frames.replace(id, version + 1, frame);
		const [, again] = (await lessons(viewRecords())).lessons;
		expect(again.learnt.stops).toBeCloseTo(wedge.learnt.stops, 9);
	});
});

describe('a pocket card', () => {
	it('is made with what was learnt of the two together, and of another film with what the body gives', async () => {
		const { cameras, films } = store();
		const named = <R extends { name: string }>(all: R[], name: string) =>
			all.find((each) => each.name === name)!;
		const wedge = named(cameras.list(50, 0).items, 'Wedge');
		const [wrack, lantern] = ['Wrack 640', 'Lantern 800'].map((name) => named(films.list(50, 0).items, name));
		const [own, other] = [
			await asUsed(viewRecords(), wedge.id, wrack.id),
			await asUsed(viewRecords(), wedge.id, lantern.id)
		];
		const learnt = await learntOf(wedge, { film: wrack.id });
		expect(own.film!.speedSd).toBe(0);
		expect(own.camera!.offset!.sd).toBeCloseTo(asOne(learnt).sd, 6);
		expect(offsetOf(other.camera!).sd).toBeGreaterThan(offsetOf(own.camera!).sd);
		expect(await asUsed(viewRecords(), 'none', wrack.id)).toMatchObject({ camera: undefined });
	});
});

describe('honesty', () => {
	it('counts what came out of what was promised, all of it or some', async () => {
		const all = await honesty(query());
		expect(all.frames).toBe(18);
		expect(all.bins.reduce((sum, { frames }) => sum + frames, 0)).toBe(18);
		expect(all.standings.at(-1)).toMatchObject({ frames: 18 });
		expect(all.score!.brier).toBeGreaterThan(0);
		expect(all.lostOtherwise).toBeLessThanOrEqual(18);
		expect((await honesty(query({ way: 'nothing like it' }))).score).toBeNull();
		const wedge = all.cameras.find(({ name }) => name === 'Wedge')!;
		const ofWedge = await honesty(query({ camera: wedge.id }));
		expect(ofWedge.frames).toBe(15);
		// By hand: packs of 8 for 16 are 2 a frame; of 15 frames 6 and 2 came out, so one that did has cost 30/8.
		expect(ofWedge.standings.at(-1)!.costPerKeeper).toBeCloseTo(30 / 8, 6);
		expect((await honesty(query({ light: 'sun' }))).frames).toBeLessThan(18);
		expect((await honesty(query({ way: 'nothing like it' }))).frames).toBe(0);
		expect((await honesty(query({ camera: 'no-such-id' }))).frames).toBe(0);
		const bands = await Promise.all(
			all.lights.map(async (light) => (await honesty(query({ light }))).frames)
		);
		expect(bands.reduce((a, b) => a + b)).toBe(18);
	});
});

describe('the pages of frames', () => {
	it('find all frames, and take a wrong question for the usual one', () => {
		const all = allFrames();
		expect(all.total).toBe(store().frames.list(1, 0).total);
		expect(all.rows[0].of).toMatch(/, /);
		const judged = allFrames({ state: 'judged', order: 'darkest' });
		expect(judged.total).toBe(18);
		const stops = judged.rows.map(({ frame }) => frame.judged!.stops);
		expect(stops).toEqual(stops.toSorted((a, b) => a - b));
		expect(allFrames({ state: 'odd', page: '-3' }).asked).toMatchObject({ state: 'any', page: 1 });
		expect(allFrames({ page: '999999' }).rows).toEqual([]);
	});

	it('show a load, its pictures, and the next frame to judge', async () => {
		const { loads, chosen, frames, pictures } = (await framesView(viewRecords(), null))!;
		// What was shot last is what one comes to see: the demo's newest load has no frame yet.
		const shot = store().frames.list(1000, 0).items;
		const last = Math.max(...shot.map(({ takenAt }) => Date.parse(takenAt)));
		expect(Math.max(...frames.map(({ takenAt }) => Date.parse(takenAt)))).toBe(last);
		expect(loads[0]).toMatchObject({ camera: 'Bellows Wide', taken: 0, holds: 10, inCamera: true });
		expect(Object.keys(pictures)).toEqual([]);
		const paddle = loads.find(({ camera }) => camera === 'Paddle 66')!;
		const own = (await framesView(viewRecords(), paddle.id))!.frames;
		expect(own.length).toBeGreaterThan(2);
		expect(frames.every(({ loadId }) => loadId === chosen?.load.id)).toBe(true);
		const view = (await frameView(viewRecords(), own[0].id))!;
		expect(view.next).toEqual({ id: own[1].id, number: own[1].number });
		expect((await frameView(viewRecords(), own[own.length - 1].id))!.next?.number).toBe(own[0].number);
		expect(await frameView(viewRecords(), 'nowhere')).toBeNull();
	});
});

describe('a promise under the development that was used', () => {
	// By hand: two stops of pull put a frame that was right two stops under: colour negative is usable to one.
	it('is made anew where the film was then developed otherwise than it was shot for', async () => {
		const { cameras, films, loads, frames } = store();
		const [camera, film] = [fixedCamera({ offset: { stops: 0, sd: 0.1 } }), filmOf('colour-negative', 400)];
		const [cameraId, filmId] = [camera, film].map(() => crypto.randomUUID());
		cameras.create(cameraId, camera);
		films.create(filmId, film);
		const light = { ev: 11.56, sd: 0.3 };
		const predicted = bestOutcome(camera, film, light);
		const settings = { f: 11, seconds: 0.01, compensation: null, iso: null };
		const judged = { stops: -2, sd: 0.3, by: 'eye', judgedAt: '2026-05-03T10:00:00Z' } as const;
		const shot = { takenAt: '2026-05-02T10:00:00Z', light, settings, predicted, judged, number: 1 };
		const kept = { id: filmId, name: film.name, iso: 400 };
		const loaded = { cameraId, filmId, frames: 12, loadedAt: '2026-05-02T09:00:00Z' };
		const loadOf = (more: object) => {
			const loadId = crypto.randomUUID();
			loads.create(loadId, { ...loaded, ...more });
			frames.create(crypto.randomUUID(), { ...shot, loadId, film: kept });
		};
		const promisedOf = async () =>
			(await honesty(query({ camera: cameraId }))).bins.map(({ promised }) => promised);
		loadOf({ unloadedAt: '2026-05-02T12:00:00Z' });
		expect(await promisedOf()).toEqual([predicted.chances.usable]);
		expect(predicted.chances.usable).toBeGreaterThan(0.95);
		loadOf({ process: { name: 'Pulled', stops: -2 } });
		expect((await promisedOf())[0]).toBeLessThan(0.05);
	});
});
