import { Validator } from '@seriousme/openapi-schema-validator';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyCameras, evs, films } from '../../../tests/fixtures/arbitraries';
import { foldingInstant, programmed } from '../../../tests/fixtures/automatic';
import { colourNegative400, fixedCamera } from '../../../tests/fixtures/bag';
import { accepts, described } from '../../../tests/fixtures/described';
import { cameraKinds } from '../../core/camera';
import { answerLight, type Light } from '../../core/light';
import { learn } from '../../core/learn';
import { match, reach, speedIn } from '../../core/match';
import { planDay, planYear } from '../../core/plan';
import { namedLanes } from '../../words';
import { cameraSchema } from '../camera';
import { lightSchema } from '../light';
import { checkMatchRequest } from '../match-request';
import { learnRequestSchema } from '../learn';
import { checkPlanRequest, checkYearRequest } from '../plan';
import { outingRecordSchema } from '../outings';
import { check } from '../validate';
import { openapi } from './document';

const sunAt = (changes: object) => ({
	method: 'sun',
	latitude: 54,
	longitude: -4,
	at: '2026-05-02T12:00:00+01:00',
	sky: 'clear',
	subject: 'facing',
	...changes
});

describe('the description of the API', () => {
	it('is valid OpenAPI 3.1, by an independent validator', async () => {
		const validator = new Validator();
		const { valid, errors } = await validator.validate(JSON.parse(JSON.stringify(openapi)));
		expect(errors ?? []).toEqual([]);
		expect(valid).toBe(true);
		expect(validator.version).toBe('3.1');
	});

	it('accepts what the program accepts, for any camera, film and light', () => {
		fc.assert(
			fc.property(anyCameras, films, evs, (camera, film, ev) => {
				const asked = { camera, film, light: { ev } };
				expect(checkMatchRequest(asked).ok).toBe(true);
				expect(accepts('MatchRequest', asked)).toBe(true);
			})
		);
		for (const { camera } of cameraKinds) expect(accepts('Camera', { name: 'Mine', ...camera })).toBe(true);
	});

	it('describes what the program answers', () => {
		fc.assert(
			fc.property(anyCameras, films, evs, (camera, film, ev) => {
				const bag = { tripod: true, filters: [{ name: 'ND', stops: 2 }] };
				expect(
					accepts('Match', match(camera, film, { ev }, bag)),
					JSON.stringify(described('Match').errors)
				).toBe(true);
				const { good, usable, lanes } = reach(camera, film);
				const speed = speedIn({ camera, film: { type: film.type } }, { ev });
				expect(accepts('Speed', speed), JSON.stringify(speed)).toBe(true);
				expect(accepts('Reach', { good, usable, lanes: namedLanes(camera, lanes) })).toBe(true);
			}),
			{ numRuns: 60 }
		);
	});

	it.each<[string, unknown]>([
		['no name', { ...fixedCamera(), name: '' }],
		['no frame', { ...fixedCamera(), frame: undefined }],
		['a frame of nothing', { ...fixedCamera(), frame: { width: 0, height: 24 } }],
		['an unknown aperture', { ...fixedCamera(), aperture: { kind: 'iris' } }],
		['an aperture twice', { ...fixedCamera(), aperture: { kind: 'stops', f: [8, 8] } }],
		[
			'65 apertures',
			{
				...fixedCamera(),
				aperture: { kind: 'stops', f: Array.from({ length: 65 }, (_, index) => index + 1) }
			}
		],
		['a time as text', { ...fixedCamera(), shutter: { kind: 'fixed', seconds: '1/100' } }],
		['an eye without film speed', { ...foldingInstant(), exposure: { mode: 'auto', sets: 'time' } }],
		['an eye that sets nothing', { ...programmed(), exposure: { mode: 'auto', sets: 'focus', iso: [100] } }],
		[
			'a wheel without a click',
			{ ...foldingInstant({}, { compensation: { darken: -1, lighten: 1 } as never }) }
		]
	])('refuses a camera with %s, as the program does', (_, camera) => {
		expect(check(cameraSchema, camera).ok).toBe(false);
		expect(accepts('Camera', camera)).toBe(false);
	});

	it.each<[unknown, boolean]>([
		[{ ev: 12 }, true],
		[{ ev: 40 }, false],
		[{ method: 'guess', ev: 12 }, false],
		[{ method: 'shadows', school: 'shadow-edge', condition: 'sharp' }, true],
		[{ method: 'shadows', school: 'sky-cover', condition: 'sharp' }, false],
		[{ method: 'meter', kind: 'incident', lux: 1000 }, true],
		[{ method: 'meter', kind: 'reflected', lux: 1000 }, false],
		[{ method: 'lamp', reading: { ev: 8 }, from: 2, to: 1 }, true],
		[{ method: 'lamp', reading: { method: 'eye', ev: 8, sd: 1 }, from: 2, to: 0 }, false],
		[{ method: 'spots', iso: 100, darkest: 8, brightest: 14 }, true],
		[{ method: 'spots', iso: 0, darkest: 8, brightest: 14 }, false],
		[{ method: 'photo', iso: 400, f: 8, seconds: 1 / 125, bias: -1, level: 0.4 }, true],
		[{ method: 'photo', iso: 400, f: 8, seconds: 0 }, false],
		[{ method: 'place', place: 'bright-street' }, true],
		[{ method: 'place', place: 'nowhere' }, false],
		[sunAt({}), true],
		[sunAt({ latitude: 95 }), false],
		[sunAt({ sky: 'blue' }), false],
		[{ method: 'click', seconds: 1, secondsSd: 0.1, f: 8, iso: 100, offset: { stops: 0, sd: 0.3 } }, true],
		[{ method: 'click', seconds: 1, secondsSd: -1, f: 8, iso: 100 }, false],
		[{ method: 'combined', readings: [{ ev: 12 }, { method: 'eye', ev: 12, sd: 1 }] }, true],
		[{ method: 'combined', readings: [{ ev: 12 }] }, false],
		[{ method: 'shadows', school: 'shadow-edge', condition: 'sharp', ground: 'pale' }, true],
		[{ method: 'shadows', school: 'shadow-edge', condition: 'sharp', ground: 'lava' }, false]
	])('takes the light %j as the program does: %s', (light, fine) => {
		expect(check(lightSchema, light).ok).toBe(fine);
		expect(accepts('Light', light)).toBe(fine);
	});

	it('describes what any light comes to', () => {
		const lights: Light[] = [
			{ ev: 12 },
			{ method: 'spots', iso: 100, darkest: 8, brightest: 14 },
			{ method: 'shadows', school: 'shadow-edge', condition: 'faint' },
			sunAt({}) as Light
		];
		for (const light of lights) expect(accepts('LightAnswer', answerLight(light))).toBe(true);
	});

	it('refuses what an eye sets if it is not a range, and too many ways to set a camera', () => {
		const fixed = check(cameraSchema, foldingInstant({ shutter: { kind: 'fixed', seconds: 1 / 60 } }));
		expect(fixed).toMatchObject({ ok: false, issues: [{ path: 'shutter' }] });
		const many = (most: number) => Array.from({ length: most }, (_, index) => 1 + index / 10);
		const endless = fixedCamera({
			aperture: { kind: 'stops', f: many(64) },
			shutter: { kind: 'speeds', seconds: many(64) },
			positions: [{ label: 'a' }, { label: 'b' }, { label: 'c' }]
		});
		expect(check(cameraSchema, endless)).toMatchObject({
			ok: false,
			issues: [{ message: expect.stringMatching(/10000 combinations/) }]
		});
		expect(
			checkMatchRequest({
				camera: foldingInstant(),
				film: colourNegative400,
				light: { ev: 3 },
				intent: { compensation: 0.7, iso: 99 }
			})
		).toMatchObject({
			ok: false,
			issues: [{ path: 'intent.compensation' }, { path: 'intent.iso' }]
		});
	});

	it('describes a plan as the program asks and answers it', () => {
		const asked = {
			camera: fixedCamera(),
			film: colourNegative400,
			place: { latitude: 54.62, longitude: -4.21 },
			date: '2026-05-02',
			sky: 'clear',
			subject: 'facing'
		} as const;
		const changing = {
			...asked,
			sky: [{ from: '06:00', sky: 'hazy' }],
			stepMinutes: 60,
			intent: { handheld: false }
		};
		for (const right of [asked, changing]) {
			const checked = checkPlanRequest(right);
			expect(checked.ok).toBe(true);
			expect(accepts('PlanRequest', right)).toBe(true);
			if (checked.ok) expect(accepts('DayPlan', planDay(checked.value))).toBe(true);
		}
		const wrong: [object, string][] = [
			[{ ...asked, date: '2026-02-30' }, 'date'],
			[{ ...asked, date: '1066-10-14' }, 'date'],
			[{ ...asked, sky: [] }, 'sky'],
			[{ ...asked, sky: [{ from: '25:00', sky: 'clear' }] }, 'sky.0.from'],
			[{ ...asked, sky: 'green' }, 'sky'],
			[{ ...asked, place: { latitude: 91, longitude: 0 } }, 'place.latitude'],
			[{ ...asked, stepMinutes: 0 }, 'stepMinutes'],
			[{ ...asked, subject: undefined }, 'subject']
		];
		for (const [question, path] of wrong) {
			const checked = checkPlanRequest(question);
			expect(checked.ok ? [] : checked.issues.map((issue) => issue.path)).toEqual([path]);
		}
	});

	it('describes a year as the program asks and answers it', () => {
		const asked = {
			camera: fixedCamera(),
			film: colourNegative400,
			place: { latitude: 54.62, longitude: -4.21 },
			year: 2026,
			sky: 'overcast',
			subject: 'facing',
			stepMinutes: 60
		} as const;
		const checked = checkYearRequest(asked);
		expect(checked).toEqual({ ok: true, value: asked });
		expect(accepts('YearRequest', asked)).toBe(true);
		expect(accepts('YearPlan', planYear(asked))).toBe(true);
		const year = Array.from({ length: 12 }, () => ({ clear: 0.5, partly: 0.3, overcast: 0.2 }));
		expect(checkYearRequest({ ...asked, sky: year, ground: 'snow' }).ok).toBe(true);
		expect(accepts('YearRequest', { ...asked, sky: year, ground: 'snow' })).toBe(true);
		const lacking = checkYearRequest({ ...asked, sky: year.with(7, { clear: 0.5, partly: 0, overcast: 0 }) });
		expect(lacking).toMatchObject({ issues: [{ path: 'sky.7', message: 'must add up to the whole month' }] });
		const wrong: [object, string[]][] = [
			[{ ...asked, year: 1899 }, ['year']],
			[{ ...asked, year: 2026.5 }, ['year']],
			[
				{ ...asked, sky: [{ from: '06:00', sky: 'hazy' }] },
				['sky', 'sky.0.clear', 'sky.0.overcast', 'sky.0.partly']
			],
			[{ ...asked, sky: year.slice(1) }, ['sky']],
			[{ ...asked, sky: year.with(2, { clear: 2, partly: 0, overcast: 0 }) }, ['sky.2', 'sky.2.clear']],
			[{ ...asked, year: undefined, stepMinutes: 999 }, ['year', 'stepMinutes']],
			[{ ...asked, intent: { compensation: 1 } }, ['intent.compensation']]
		];
		for (const [question, paths] of wrong) {
			const refused = checkYearRequest(question);
			const found = refused.ok ? [] : refused.issues.map(({ path }) => path);
			expect([...new Set(found)].sort()).toEqual([...paths].sort());
			if (paths[0] !== 'intent.compensation') expect(accepts('YearRequest', question)).toBe(false);
		}
	});

	it('describes an outing as the program keeps it', () => {
		const id = '9d2b7c1e-4f6a-4b3d-8c5e-7a1f0e2d3c55';
		const scene = {
			id,
			name: 'Lanterns',
			at: '19:40',
			light: { by: 'sky', sky: 'clear', subject: 'facing' },
			frames: 4
		};
		const asked = {
			name: 'Walk',
			date: '2026-05-02',
			where: { latitude: 54.62, longitude: -4.21 },
			scenes: [scene]
		};
		const wanted = {
			...scene,
			nextDay: true,
			light: { by: 'ev', ev: 4, sd: 1 },
			on: 'instant',
			depth: 16,
			intent: { seconds: [4, null], handheld: false, subjectDistance: 3 },
			take: { cameraId: id, filmId: id, filters: [{ id, name: 'ND', stops: 2 }], handheld: false }
		};
		for (const right of [asked, { ...asked, scenes: [wanted], along: false }]) {
			expect(check(outingRecordSchema, right, 'refuse')).toEqual({ ok: true, value: right });
			expect(accepts('Outing', right)).toBe(true);
		}
		const other = 'b2a9d8c7-6e5f-4d3c-9b1a-0f8e7d6c5b44';
		const wrong: [object, string][] = [
			[{ ...asked, scenes: [] }, 'scenes'],
			[{ ...asked, name: ' ' }, 'name'],
			[{ ...asked, scenes: [{ ...scene, at: '24:00' }] }, 'scenes.0.at'],
			[{ ...asked, scenes: [scene, { ...scene, id: other, frames: 0 }] }, 'scenes.1.frames'],
			[{ ...asked, scenes: [{ ...scene, light: { by: 'place', place: 'x' } }] }, 'scenes.0.light.place'],
			[{ ...asked, scenes: [{ ...scene, light: { by: 'guess' } }] }, 'scenes.0.light.by'],
			[
				{
					...asked,
					scenes: Array.from({ length: 21 }, (_, at) => ({
						...scene,
						id: `${id.slice(0, -2)}${at + 10}`
					}))
				},
				'scenes'
			]
		];
		for (const [record, path] of wrong) {
			const refused = check(outingRecordSchema, record);
			expect(refused.ok ? [] : refused.issues.map((issue) => issue.path)).toEqual([path]);
			expect(accepts('Outing', record)).toBe(false);
		}
		const twice = check(outingRecordSchema, { ...asked, scenes: [scene, scene] });
		expect(twice.ok ? [] : twice.issues.map(({ path }) => path)).toEqual(['scenes']);
	});

	it('describes learning as the program asks and answers it', () => {
		const frames = [
			{ predicted: 0, judged: 0.5, sd: 0.4, setting: 'f/8', compensation: 1, pack: 'a' },
			{ predicted: 0, judged: 0.3, sd: 0.4, clamped: true }
		];
		const asked = { prior: { stops: 0, sd: 0.3 }, frames };
		expect(check(learnRequestSchema, asked).ok).toBe(true);
		expect(accepts('LearnRequest', asked)).toBe(true);
		expect(accepts('Learnt', learn(asked.prior, frames))).toBe(true);
		for (const wrong of [
			{ ...asked, prior: { stops: 0, sd: 0 } },
			{ prior: asked.prior },
			{ ...asked, frames: [{}] }
		]) {
			expect(check(learnRequestSchema, wrong).ok).toBe(false);
			expect(accepts('LearnRequest', wrong)).toBe(false);
		}
	});
});
