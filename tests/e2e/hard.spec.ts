import { csvParse } from 'd3-dsv';
import { readFileSync } from 'node:fs';
import type { APIRequestContext } from '@playwright/test';
import { cameraKind } from '../../src/core/camera';
import { filmOf, fixedCamera, losesNothing } from '../fixtures/bag';
import { expect, loadCamera, open, readLight, test, sizes, stored } from './app';
import { answer, openAid } from './shoot-page';

/** The hard situations, each done in the interface as a person does it. */

const frames = async (request: APIRequestContext) => (await (await request.get('/api/frames')).json()).items;

for (const [where, viewport] of sizes) {
	test.describe(`on the ${where}`, () => {
		test.use({ viewport });

		test('a frame of the lantern walk is planned, counted behind a filter and logged', async ({
			page,
			request
		}) => {
			const { cameraId, filmId } = await loadCamera(request, {
				camera: fixedCamera({ name: 'Quay Box', bulb: true }),
				film: { ...filmOf('reversal', 100, losesNothing), name: 'Cockle 100' }
			});
			await stored(request, 'gear', { type: 'filter', name: 'ND 0.6', stops: 2, kind: 'neutral' });
			await stored(request, 'outings', {
				name: 'Lantern walk',
				date: '2026-05-02',
				along: true,
				where: { latitude: 54.62, longitude: -4.21, name: 'Hollin Holm' },
				scenes: [
					{
						id: '5f3e0a5c-7a52-4f65-8b0a-2d9f4c1e6a33',
						name: 'Lanterns along the causeway',
						at: '20:20',
						light: { by: 'place', place: 'night-traffic' },
						frames: 2,
						take: { cameraId, filmId, handheld: false }
					}
				]
			});
			// Source: exposure equation: f/11 at ISO 100 takes 1 s at EV 6.9.
			await readLight(request, { ev: 6.9, sd: 0.3 });
			await page.clock.install();
			await open(page, '/');
			await page
				.getByRole('button', { name: /^Set( for it)?$/ })
				.first()
				.click();

			const night = await openAid(page, 'Night');
			await expect(night.getByText(/^Timing by hand is off by about 0\.2 s: ⅓ stop at 1 s\./)).toBeVisible();
			await expect(night.getByText(/You can count it with ND 0\.6: 4 s\./)).toBeVisible();
			await night.getByLabel('I want it to last, s').fill('4');
			await expect(
				night.getByText(/^That needs 2 stops of ND\. Closest in the bag: ND 0\.6: 4 s\.$/)
			).toBeVisible();
			// Source: similar triangles: 1.5 m/s at 10 m through 35 mm are 5.25 mm a second on 36 mm.
			await expect(night.getByText(/50 % takes 3\.4 s/)).toBeVisible();
			await night.getByRole('button', { name: /^Put on ?: ND 0\.6: 4 s$/ }).click();
			await expect(night).toBeHidden();

			await page.getByRole('button', { name: 'Count 4 s' }).click();
			const count = page.getByRole('dialog', { name: 'Quay Box: 4 s' });
			await page.clock.runFor(4000);
			await page.reload();
			await expect(count.getByText('This page was reopened.')).toBeVisible();
			await page.clock.runFor(3000);
			await count.getByRole('button', { name: 'I closed it' }).click();
			await count.getByRole('button', { name: 'Log frame 1' }).click();
			await expect(page.getByText('Frame 1 of Quay Box saved')).toBeVisible();
			const [frame] = await frames(request);
			expect(frame.outing.scene).toBe('5f3e0a5c-7a52-4f65-8b0a-2d9f4c1e6a33');
			expect(frame.filters).toMatchObject([{ name: 'ND 0.6', stops: 2, kind: 'neutral' }]);
			expect(frame.counted.wanted).toBe(4);
			expect(frame.counted.held).toBeGreaterThan(3.5);
			expect(frame.handheld).toBe(false);
		});

		test('a flash portrait: where it is right, its power, and what judged frames say of it', async ({
			page,
			request,
			app
		}) => {
			await loadCamera(request, {
				camera: fixedCamera({
					name: 'Slip Eight',
					aperture: { kind: 'fixed', f: 8 },
					shutter: { kind: 'fixed', seconds: 1 / 60 },
					offset: { stops: 0, sd: 0.05 }
				}),
				film: { ...filmOf('reversal', 100), name: 'Cockle 100' }
			});
			await stored(request, 'gear', {
				type: 'flash',
				name: 'Shoe flash',
				guideNumber: 16,
				powers: [1, 1 / 4]
			});
			await readLight(request, { ev: 3, sd: 0.5 });
			await open(page, '/');
			const flash = await openAid(page, 'Flash');
			await flash.getByLabel('Your subject stands at, m').fill('1');
			// Source: guide number by hand: 16 at f/8 is right at 2 m, at a quarter of the power at 1 m;
			// reversal film is good to a third, which is 2^(1/6) of the distance.
			await expect(flash.getByRole('status')).toHaveText('Right from 89 cm to 1.1 m, at f/8, 1/4 power.');
			await expect(flash.getByText('just enough, give or take')).toBeVisible();
			await flash.getByLabel('Direct or bounced').selectOption({ label: 'through a handkerchief, costs 1' });
			await flash.getByLabel('Its power').selectOption({ label: 'full power' });
			// A stop less is a root of two of the guide number.
			await expect(flash.getByRole('status')).toHaveText('Right from 1.3 m to 1.6 m, at f/8, full power.');
			// Source: the way up and down by hand: 1 m above a subject at 1 m is √5 of the way, 2⅓ stops, and the paint takes one.
			await flash.getByLabel('Direct or bounced').selectOption({ label: 'bounced off a white ceiling' });
			await flash.getByLabel('Ceiling above it, m').fill('1');
			await expect(flash.getByText('costs 3⅓ through the longer path and the paint')).toBeVisible();
			await flash.getByLabel('Direct or bounced').selectOption({ label: 'direct' });
			await flash.getByLabel('Your subject stands at, m').fill('2');
			await expect(flash.getByRole('status')).toHaveText('Right from 1.8 m to 2.2 m, at f/8, full power.');
			await expect(flash.getByText('never open one')).toBeVisible();
			await flash.getByRole('button', { name: 'Close' }).click();
			await expect(answer(page).getByRole('heading', { level: 2 })).toHaveText(/Just enough/);
			for (const number of [1, 2]) {
				await page.getByRole('button', { name: `Took frame ${number}` }).click();
				await expect(page.getByText(`Frame ${number} of Slip Eight saved`)).toBeVisible();
			}
			for (const frame of await frames(request)) {
				expect(frame.flash).toMatchObject({ name: 'Shoe flash', guideNumber: 16, power: 1 });
				expect(frame.distance).toBe(2);
				const judged = { stops: -1, sd: 0.25, by: 'eye', judgedAt: '2026-05-02T12:00:00Z' };
				await request.put(`/api/frames/${frame.id}`, { data: { ...frame, judged } });
			}
			await open(page, '/frames/learnt');
			await expect(
				// By hand: −1 twice, each to √(0.25² + 0.15² + 0.4²), against 0 ± ⅓: 8.1/17.1 of it, to a third.
				page.getByText(/^Shoe flash gives ⅓ stop less than guide number 16 m says, .* from 2 frames\.$/)
			).toBeVisible();
			await page.getByRole('button', { name: /^Use guide number 13\.\d m$/ }).click();
			await expect(page.getByText(/^Shoe flash has guide number 13\.\d m now\./)).toBeVisible();
			await app.restart();
			const [gear] = (await (await request.get('/api/gear')).json()).items;
			expect(gear.guideNumber).toBeLessThan(14);
			await open(page, '/bag');
			await expect(page.getByText(/^guide number 13\.\d m$/)).toBeVisible();
		});

		test('a cine shot list is planned, shot, flipped and taken along as CSV', async ({
			page,
			request,
			app
		}) => {
			const cameraId = await stored(request, 'cameras', {
				name: 'Clockwork',
				kind: 'cine',
				...cameraKind('cine')!.camera
			});
			const filmId = await stored(request, 'films', { ...filmOf('reversal', 50), name: 'Cockle 50' });
			await stored(request, 'loads', {
				cameraId,
				filmId,
				frames: 24,
				loadedAt: '2026-05-02T10:00:00Z',
				spool: { feet: 25, sides: 2, framesPerSecond: 16 }
			});
			await readLight(request, { ev: 13, sd: 0.3 });
			await page.clock.install();
			await open(page, '/');
			const shots = await openAid(page, 'Shots');
			await expect(shots.getByRole('status').first()).toHaveText(
				'Side 1, counter at 0.0 ft: 125 s left on it, 250 s in all.'
			);
			for (const [title, seconds] of [
				['Ferry, coming in', '8'],
				['Kites', '10']
			]) {
				await shots.getByLabel('Another shot').fill(title);
				await shots.getByLabel('How long, s').fill(seconds);
				await shots.getByRole('button', { name: 'Plan it' }).click();
				await expect(shots.getByRole('listitem').filter({ hasText: title })).toBeVisible();
			}
			// Common practice: 5 s to the foot at 16 frames a second.
			await expect(shots.getByRole('listitem').filter({ hasText: 'Kites' })).toContainText(
				'10 s, from side 1, 1.6 ft'
			);
			await shots.getByRole('button', { name: 'Kites: earlier' }).click();
			await expect(shots.getByRole('listitem').first()).toContainText('Kites');
			await shots.getByRole('button', { name: /^Take next ?: Kites$/ }).click();
			// However slow the machine, no time passes but what is said.
			await page.clock.pauseAt(await page.evaluate(() => Date.now() + 60_000));
			await page.getByRole('button', { name: 'Start shot 1' }).click();
			await page.clock.runFor(9000);
			await page.getByRole('button', { name: 'Stop shot 1' }).click();
			await page.clock.resume();
			await expect(page.getByText('Frame 1 of Clockwork saved')).toBeVisible();

			await openAid(page, 'Shots');
			await expect(shots.getByRole('listitem').first()).toContainText('taken, 9 s of 10 s');
			await shots.getByRole('button', { name: 'I’ve flipped it' }).click();
			await expect(shots.getByRole('status').first()).toHaveText(
				'Side 2, counter at 0.0 ft: 125 s left on it, 125 s in all.'
			);
			await shots.getByLabel('At its end the light is').selectOption({ label: '4 darker' });
			await expect(shots.getByText(/for the whole shot: too light by .* too dark by/)).toBeVisible();
			await expect(shots.getByText('Cut between, or turn the ring as you go.')).toBeVisible();

			await app.restart();
			await open(page, '/');
			await openAid(page, 'Shots');
			const [download] = await Promise.all([
				page.waitForEvent('download'),
				shots.getByRole('link', { name: 'Shot list as CSV' }).click()
			]);
			const rows = csvParse(readFileSync(await download.path(), 'utf8'));
			expect(rows.map(({ Title }) => Title)).toEqual(['Kites', 'Ferry, coming in']);
			expect(Number(rows[0]['Taken, s'])).toBeCloseTo(9, 0);
			expect(rows[1]).toMatchObject({ Side: '2', 'Begins at, ft': '0' });
		});

		test('a subject that stands too near is told where to stand, and where to put its head', async ({
			page,
			request
		}) => {
			await loadCamera(request, {
				camera: {
					...fixedCamera({
						name: 'Quay Stops',
						focalLength: 100,
						frame: { width: 80, height: 100 },
						focus: { kind: 'fixed', distance: null },
						circleOfConfusion: 0.1,
						aperture: { kind: 'stops', f: [8, 16, 32] },
						shutter: { kind: 'speeds', seconds: [1 / 250, 1 / 60] }
					}),
					finder: { above: 50 }
				} as never
			});
			await stored(request, 'gear', { type: 'close-up', name: 'Close-up +2', dioptres: 2 });
			await readLight(request, { ev: 12, sd: 0.3 });
			await open(page, '/');
			const zone = await openAid(page, 'Sharp zone');
			await zone.getByRole('button', { name: 'f/32' }).click();
			await zone.getByLabel('Your subject stands at, m').fill('1');
			// Source: hyperfocal distance by hand: 100² / (32 × 0.1) mm are 3.1 m, and the lens is 0.1 m.
			await expect(zone.getByRole('status').first()).toHaveText(
				'Sharp from 3.2 m on. At 1 m it’s too near: 3.2 m is sharp.'
			);
			// Source: similar triangles: 50 mm at 1 m through 100 mm are 5 mm of 100: half a tenth.
			await expect(
				zone.getByText('Put it 1 tenth of the frame below the middle of the finder.')
			).toBeVisible();
			await zone.getByLabel('Close-up lens').selectOption({ label: 'Close-up +2' });
			// Source: thin lenses by hand: 1 / (2 + 1/3.225) and 1 / 2.
			await expect(zone.getByRole('status').first()).toContainText('Sharp from 43 cm to 50 cm.');
			await zone.getByRole('button', { name: 'Set f/32' }).click();
			await expect(answer(page).getByText('f/32').first()).toBeVisible();
		});
	});
}

test('dusk: when it becomes too dark, and what the next six frames need', async ({ page, request }) => {
	await loadCamera(request, {
		camera: fixedCamera({
			name: 'Quay Stops',
			shutter: { kind: 'speeds', seconds: [1 / 60, 1 / 8] }
		}),
		film: { ...filmOf('colour-negative', 400), name: 'Marram 400' }
	});
	await page.clock.install({ time: new Date('2026-05-02T20:10:00Z') });
	await stored(request, 'readings', {
		takenAt: '2026-05-02T20:10:00Z',
		light: { ev: 9, sd: 0.3 },
		where: { latitude: 54.62, longitude: -4.21 }
	});
	await open(page, '/');
	const night = await openAid(page, 'Night');
	await expect(night.getByRole('status')).toHaveText(/^\d.* stops? to spare; too dark from about 21:\d\d\.$/);
	await expect(night.getByText(/^The light falls a stop about every [2-9] minutes/)).toBeVisible();
	const six = night.getByRole('listitem').filter({ hasText: /^21:/ });
	await expect(six).toHaveCount(6);
	await expect(six.last()).toContainText('too dark');
	await expect(night.getByText('watch for roads, railways and the tide')).toBeVisible();
});
