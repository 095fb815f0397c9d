import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { films, manualCameras } from '../../tests/fixtures/arbitraries';
import { colourNegative400, filmOf, fixedCamera } from '../../tests/fixtures/bag';
import { cameraKinds } from '../core/camera';
import { match } from '../core/match';
import { cameraSchema } from './camera';
import { filmSchema } from './film';
import { lightSchema } from './light';
import { checkMatchRequest } from './match-request';
import {
	cameraRecordSchema,
	filmRecordSchema,
	frameRecordSchema,
	loadRecordSchema,
	readingRecordSchema
} from './records';
import { check, type Issue } from './validate';

const pathsOf = (checked: { ok: true } | { ok: false; issues: Issue[] }) =>
	checked.ok ? [] : checked.issues.map(({ path }) => path);
const problem = (checked: { ok: true } | { ok: false; issues: Issue[] }, path: string) =>
	checked.ok ? undefined : checked.issues.find((issue) => issue.path === path)?.message;

describe('a camera', () => {
	it('of every kind in the bag is accepted', () => {
		for (const { id, camera } of cameraKinds) {
			expect(check(cameraSchema, { name: 'Mine', kind: id, ...camera }), id).toMatchObject({ ok: true });
		}
	});

	it.each<[string, object, string]>([
		['no name', { name: undefined }, 'name'],
		['a blank name', { name: '   ' }, 'name'],
		['a name that is a number', { name: 12 }, 'name'],
		['a frame without height', { frame: { width: 36 } }, 'frame.height'],
		['a frame of no width', { frame: { width: 0, height: 24 } }, 'frame.width'],
		['a focal length as text', { focalLength: '35' }, 'focalLength'],
		['an endless focal length', { focalLength: Infinity }, 'focalLength'],
		['no aperture', { aperture: undefined }, 'aperture'],
		['an aperture of no kind', { aperture: { f: 8 } }, 'aperture.kind'],
		['an aperture of an unknown kind', { aperture: { kind: 'iris', f: 8 } }, 'aperture.kind'],
		['an aperture kind from the prototype', { aperture: { kind: 'toString' } }, 'aperture.kind'],
		['no apertures', { aperture: { kind: 'stops', f: [] } }, 'aperture.f'],
		['an aperture twice', { aperture: { kind: 'stops', f: [8, 8] } }, 'aperture.f'],
		['a negative aperture', { aperture: { kind: 'stops', f: [8, -11] } }, 'aperture.f.1'],
		[
			'fewer labels than marks',
			{ aperture: { kind: 'stops', f: [8, 11], labels: ['sun'] } },
			'aperture.labels'
		],
		['a range upside down', { aperture: { kind: 'range', widest: 22, smallest: 2.8 } }, 'aperture.smallest'],
		['a shutter upside down', { shutter: { kind: 'range', fastest: 1, slowest: 0.1 } }, 'shutter.slowest'],
		['a shutter of no time', { shutter: { kind: 'fixed', seconds: 0 } }, 'shutter.seconds'],
		[
			'65 speeds',
			{ shutter: { kind: 'speeds', seconds: Array.from({ length: 65 }, (_, i) => i + 1) } },
			'shutter.seconds'
		],
		['a focus at no distance', { focus: { kind: 'fixed' } }, 'focus.distance'],
		['zones without any', { focus: { kind: 'zones', distances: [] } }, 'focus.distances'],
		['bulb as a number', { bulb: 3 }, 'bulb'],
		['bulb without its longest time', { bulb: {} }, 'bulb.longest'],
		['an offset without doubt', { offset: { stops: 1 } }, 'offset.sd'],
		['no exposure', { exposure: undefined }, 'exposure']
	])('with %s is refused at the field', (_, changes, path) => {
		expect(pathsOf(check(cameraSchema, { ...fixedCamera(), ...changes }))).toContain(path);
	});

	it('has every problem said at once', () => {
		const paths = pathsOf(
			check(cameraSchema, { name: '', frame: {}, aperture: { kind: 'fixed' }, shutter: null })
		);
		expect(paths).toEqual(
			expect.arrayContaining([
				'name',
				'frame.width',
				'frame.height',
				'focalLength',
				'aperture.f',
				'focus',
				'exposure'
			])
		);
	});

	it.each([null, 7, 'camera', [], true])('that is %j is refused', (value) => {
		expect(check(cameraSchema.required(), value).ok).toBe(false);
	});

	it('comes out as it went in, for any camera', () => {
		fc.assert(
			fc.property(manualCameras, (camera) => {
				expect(check(cameraSchema, JSON.parse(JSON.stringify(camera)))).toEqual({ ok: true, value: camera });
			})
		);
	});
});

describe('a film', () => {
	it.each<[string, object, string]>([
		['a speed of nothing', { iso: 0 }, 'iso'],
		['an unknown type', { type: 'glass' }, 'type'],
		['half a latitude', { latitude: { good: [0, 1] } }, 'latitude.usable'],
		['a latitude upside down', { latitude: { good: [1, -1], usable: [-2, 2] } }, 'latitude.good'],
		[
			'a usable range inside the good one',
			{ latitude: { good: [-1, 1], usable: [0, 0.5] } },
			'latitude.usable'
		],
		['a latitude of text', { latitude: { good: ['a', 'b'], usable: [-1, 1] } }, 'latitude.good'],
		['a reciprocity without exponent', { reciprocity: { from: 1 } }, 'reciprocity.exponent'],
		['an exponent below one', { reciprocity: { from: 1, exponent: 0.5 } }, 'reciprocity.exponent'],
		['a balance of no lamp', { balance: 10 }, 'balance']
	])('with %s is refused at the field', (_, changes, path) => {
		expect(pathsOf(check(filmSchema, { ...colourNegative400, ...changes }))).toContain(path);
	});

	it('comes out as it went in, for any film', () => {
		fc.assert(
			fc.property(films, (film) => void expect(check(filmSchema, film)).toEqual({ ok: true, value: film }))
		);
	});
});

describe('a light', () => {
	it.each<[string, unknown, string]>([
		['nothing', {}, 'ev'],
		['an EV as text', { ev: '12' }, 'ev'],
		['an EV beyond the sun', { ev: 31 }, 'ev'],
		['a negative doubt', { ev: 12, sd: -1 }, 'sd'],
		['an unknown way', { method: 'guess', ev: 12 }, 'method'],
		['an unknown school', { method: 'shadows', school: 'mine', condition: 'sharp' }, 'school'],
		[
			'a condition of another school',
			{ method: 'shadows', school: 'sky-cover', condition: 'sharp' },
			'condition'
		],
		[
			'the sun on two sides',
			{ method: 'shadows', school: 'shadow-edge', condition: 'sharp', backlit: true, sidelit: true },
			'sidelit'
		],
		['a meter that shows nothing', { method: 'meter', kind: 'incident', iso: 100 }, 'f'],
		['a tone on falling light', { method: 'meter', kind: 'incident', iso: 100, ev: 12, tone: 1 }, 'tone'],
		['reflected lux', { method: 'meter', kind: 'reflected', lux: 100 }, 'kind'],
		['an eye without doubt', { method: 'eye', ev: 12 }, 'sd']
	])('that is %s is refused at the field', (_, light, path) => {
		expect(pathsOf(check(lightSchema, light))).toContain(path);
	});

	it.each<[string, unknown]>([
		['a plain EV', { ev: 12, sd: 0.5, meterEv: 10, meterSd: 1, kelvin: 5500 }],
		['a shadow', { method: 'shadows', school: 'shadow-edge', condition: 'soft', backlit: true }],
		['lux', { method: 'meter', kind: 'incident', lux: 1000 }],
		['a spot', { method: 'meter', kind: 'reflected', tone: -1.5, iso: 400, f: 8, seconds: 0.01 }],
		['an eye', { method: 'eye', ev: -2, sd: 1 }]
	])('that is %s is taken as it is', (_, light) => {
		expect(check(lightSchema, light)).toEqual({ ok: true, value: light });
	});

	it('does not fall over nonsense', () => {
		fc.assert(
			fc.property(fc.anything(), (light) => void expect(typeof check(lightSchema, light).ok).toBe('boolean'))
		);
	});
});

describe('a match', () => {
	const request = { camera: fixedCamera(), film: colourNegative400, light: { ev: 12 } };

	it('names every path at once, through all parts', () => {
		const paths = pathsOf(
			checkMatchRequest({
				camera: { ...fixedCamera(), frame: { width: 0, height: 24 } },
				film: { ...colourNegative400, iso: -1 },
				light: {},
				intent: { subjectDistance: 'far', seconds: [2, 1], filters: [{ name: 'ND' }] }
			})
		);
		expect(paths).toEqual(
			expect.arrayContaining([
				'camera.frame.width',
				'film.iso',
				'light.ev',
				'intent.subjectDistance',
				'intent.seconds',
				'intent.filters.0.stops'
			])
		);
	});

	it('refuses an aperture that the camera lacks', () => {
		expect(problem(checkMatchRequest({ ...request, intent: { aperture: 5.6 } }), 'intent.aperture')).toBe(
			'this camera has no f/5.6'
		);
	});

	it.each([null, undefined, 3, 'x', [], {}])('that is %j is refused', (body) => {
		expect(checkMatchRequest(body).ok).toBe(false);
	});
});

describe('what is stored', () => {
	const id = '0e0e5a3e-3a52-4bd5-8a35-6f3f4f5a7f11';
	const frame = {
		loadId: id,
		number: 1,
		takenAt: '2026-05-02T10:30:00+01:00',
		light: { ev: 12 },
		settings: { f: 11, seconds: 0.01, compensation: null, iso: null, position: null },
		predicted: match(fixedCamera(), colourNegative400, { ev: 12 }).best
	};

	it.each([true, false, { guideNumber: 14, power: 1 / 4 }])('is a frame with the flash %o', (flash) => {
		expect(check(frameRecordSchema, { ...frame, flash }, 'refuse')).toEqual({
			ok: true,
			value: { ...frame, flash }
		});
	});

	it('is a frame with what was predicted for it', () => {
		expect(check(frameRecordSchema, frame, 'refuse')).toEqual({ ok: true, value: frame });
	});

	it.each<[string, object, string]>([
		['number nought', { number: 0 }, 'number'],
		['half a number', { number: 1.5 }, 'number'],
		['a date without offset', { takenAt: '2026-05-02T10:30:00' }, 'takenAt'],
		['a day that is none', { takenAt: '2026-13-45T10:30:00Z' }, 'takenAt'],
		['a load that is no id', { loadId: '7' }, 'loadId'],
		['no settings', { settings: undefined }, 'settings'],
		['an unknown verdict', { predicted: { ...frame.predicted, verdict: 'fine' } }, 'predicted.verdict'],
		[
			'a chance above one',
			{ predicted: { ...frame.predicted, chances: { good: 2, usable: 1 } } },
			'predicted.chances.good'
		],
		['an unknown field', { judged: 1 }, 'judged'],
		['a flash of no power', { flash: { guideNumber: 14, power: 0 } }, 'flash.power'],
		['a flash without guide number', { flash: { power: 1 } }, 'flash.guideNumber'],
		['a flash as a word', { flash: 'yes' }, 'flash'],
		['no flash as nothing', { flash: null }, 'flash']
	])('is no frame with %s', (_, changes, path) => {
		expect(pathsOf(check(frameRecordSchema, { ...frame, ...changes }, 'refuse'))).toContain(path);
	});

	it('knows its own fields and refuses others by name', () => {
		expect(
			pathsOf(check(cameraRecordSchema, { ...fixedCamera(), archived: true, colour: 'red' }, 'refuse'))
		).toEqual(['colour']);
		expect(
			pathsOf(check(filmRecordSchema, filmOf('instant', 160, { archived: 'no' } as object), 'refuse'))
		).toEqual(['archived']);
		expect(
			pathsOf(check(loadRecordSchema, { cameraId: id, filmId: id, frames: 0, loadedAt: 'today' }, 'refuse'))
		).toEqual(['frames', 'loadedAt']);
		expect(
			pathsOf(check(readingRecordSchema, { takenAt: '2026-05-02T10:30:00Z', light: { ev: 99 } }, 'refuse'))
		).toEqual(['light.ev']);
	});
});

describe('objects that pretend', () => {
	// An object whose toString is no function cannot be compared, nor written into a message.
	const pretender = { toString: 2, valueOf: 3, length: 2, then: 1 };

	it.each<[string, object]>([
		['a wanted time', { intent: { seconds: [pretender, pretender] } }],
		[
			'a latitude',
			{ film: { ...colourNegative400, latitude: { good: [pretender, 1], usable: [pretender, 1] } } }
		],
		[
			'what an eye sets',
			{ camera: { ...fixedCamera(), exposure: { mode: 'auto', sets: pretender, iso: [pretender] } } }
		],
		[
			'a wheel',
			{
				camera: {
					...fixedCamera(),
					exposure: {
						mode: 'auto',
						sets: 'time',
						iso: [1],
						compensation: { darken: pretender, lighten: pretender, step: pretender }
					}
				}
			}
		],
		[
			'a range',
			{ camera: { ...fixedCamera(), aperture: { kind: 'range', widest: pretender, smallest: pretender } } }
		],
		['marks', { camera: { ...fixedCamera(), aperture: { kind: 'stops', f: pretender, labels: pretender } } }],
		['a kind', { camera: { ...fixedCamera(), focus: { kind: pretender } } }],
		['a light', { light: { method: pretender, school: pretender } }],
		[
			'the sun',
			{
				light: {
					method: 'shadows',
					school: 'shadow-edge',
					condition: pretender,
					backlit: pretender,
					sidelit: pretender
				}
			}
		],
		['a bag', { bag: { filters: pretender, films: [pretender], flash: pretender } }]
	])('are refused as %s, without falling over them', (_, changes) => {
		const asked = { camera: fixedCamera(), film: colourNegative400, light: { ev: 12 }, ...changes };
		expect(checkMatchRequest(asked).ok).toBe(false);
	});
});
