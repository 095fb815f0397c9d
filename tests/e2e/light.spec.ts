import { randomUUID } from 'node:crypto';
import { foldingInstant } from '../fixtures/automatic';
import { filmOf } from '../fixtures/bag';
import { expect, loadCamera, open, ready, picture, readLight, test, sizes } from './app';
import { answer, handle, lane, openWay, quayBox, use } from './shoot-page';

/** Every way of reading light, from the reading to the verdict on a lane. */

for (const [where, viewport] of sizes) {
	test.describe(`on the ${where}`, () => {
		test.use({ viewport });

		test.beforeEach(async ({ page }) => {
			await quayBox(page);
			await open(page, '/');
		});

		test('shadows, with sand around and the sun behind the subject', async ({ page }) => {
			await openWay(page, 'Shadows');
			await page.getByLabel('Around the subject').selectOption({ label: 'pale sand' });
			await page.getByLabel('behind the subject').check();
			await expect(page.getByText(/until you’ve guessed 20 lights/)).toBeVisible();
			await page.getByRole('button', { name: /^Sharp, dark shadows/ }).click();
			// Source: common practice: 14⅔, less two stops against the light, and half of one back from the sand.
			await expect(handle(page)).toHaveAttribute('aria-valuetext', /about 13(⅓)?, give or take ½/);
			await expect(lane(page, 'Quay Box')).toContainText('just enough');
			// Source: by hand: √(½² + ¼²) = 0.56, of who has not practised.
			const kept = async () => (await (await page.request.get('/api/readings')).json()).items[0]?.light.sd;
			await expect.poll(kept).toBeCloseTo(0.559, 3);
		});

		test('a meter by two spots, judged against the film', async ({ page }) => {
			await openWay(page, 'Meter');
			await page
				.getByLabel('It measures')
				.first()
				.selectOption({ label: 'two spots, darkest and brightest' });
			await page.getByLabel('Darkest, EV').fill('15');
			await page.getByLabel('Brightest, EV').fill('9');
			await use(page);
			await expect(page.getByText('must not be darker than the darkest')).toBeVisible();
			await page.getByLabel('Darkest, EV').fill('7');
			await page.getByLabel('Brightest, EV').fill('19');
			await use(page);
			await expect(lane(page, 'Quay Box')).toContainText('just enough');
			// Six stops to each side; this film draws four down and five up.
			await expect(answer(page)).toContainText('The darkest part goes black, 2 stops too deep');
			await expect(answer(page)).toContainText('The brightest part goes white, 1 stop too bright');
		});

		test('a picture of the subject by its settings, and by a stand-in', async ({ page }, info) => {
			await openWay(page, 'Photo');
			const file = page.getByLabel(/Take or choose a picture|Opening/);
			await file.setInputFiles('tests/fixtures/photos/camera.png');
			await expect(page.getByLabel('ISO', { exact: true })).toHaveValue('400');
			await expect(page.getByLabel('f-number')).toHaveValue('8');
			await expect(page.getByLabel('Time, s')).toHaveValue('1/125');
			await expect(page.getByText('Taken with exposure compensation of 1 toward lighter')).toBeVisible();
			await picture(page, info, 'photo');
			await use(page);
			// f/8 at 1/125 s on ISO 400 is EV 11, and half of how bright it came out.
			await expect(lane(page, 'Quay Box')).toContainText(/too dark by|usable/);

			await openWay(page, 'Photo');
			await page.getByText('No camera at hand: try a stand-in').click();
			await expect(page.getByText('A simulation, to learn and try things with')).toBeVisible();
			await page.getByLabel('Its light').selectOption({ label: 'an even grey sky' });
			await page.getByRole('button', { name: 'Take its picture' }).click();
			await expect(page.getByText(/^It came out/)).toBeVisible();
			await use(page);
			// The stand-in's grey sky is EV 12½: within its doubt the box has enough.
			await expect(lane(page, 'Quay Box')).toContainText(/just enough|usable/);
		});

		test('the sun and the clock of a place from the own list', async ({ page }) => {
			await page.request.post('/api/places', {
				data: { id: randomUUID(), name: 'Kite sands', latitude: 54.6, longitude: -4.2 }
			});
			await page.reload();
			await ready(page);
			await openWay(page, 'Sun');
			await expect(page.getByLabel('Where')).toHaveValue(/.+/);
			await page.getByLabel('Now, following the clock').uncheck();
			await page.getByLabel('Date there').fill('2026-06-21');
			await page.getByLabel('Clock there').fill('13:15');
			await page.getByLabel('The sky').selectOption({ label: 'overcast' });
			// Source: at the solstice the noon sun of 54.6° north stands 90 − 54.6 + 23.4 = 59° high.
			await expect(page.getByText('The sun stands 59° high in the south.')).toBeVisible();
			await use(page);
			// Source: IES RP-21 (from memory): 18.4 klx under overcast at that height, 6/7 of it on a dome and a fifth from
			// the ground, is EV 12.48.
			await expect(handle(page)).toHaveAttribute('aria-valuetext', /about 12⅓, give or take ⅔, 13:1\d/);
			await expect(lane(page, 'Quay Box')).toContainText('just enough');
			// Dragging drags the clock: the sun’s noon there is minutes later, so a stop less light came in the morning.
			await handle(page).focus();
			await page.keyboard.press('PageDown');
			await expect(handle(page)).toHaveAttribute('aria-valuetext', /about 11(⅓|⅔)?, .*, 0[789]:\d\d/);
		});

		test('the kind of place, and then its lamp moved', async ({ page }) => {
			await openWay(page, 'Place');
			await page.getByRole('button', { name: /^At home in the evening/ }).click();
			// Source: ANSI PH2.7 (from memory): EV 5 to 7 in a home: seven stops short.
			await expect(lane(page, 'Quay Box')).toContainText('too dark by');
			await openWay(page, 'Lamp');
			await page.getByLabel('Metered at, m').fill('2');
			await page.getByLabel('Now at, m').fill('0');
			await use(page);
			await expect(page.getByText('must be 0.01 or more')).toBeVisible();
			await page.getByLabel('Now at, m').fill('0.25');
			// Source: the inverse square law: an eighth of the distance is six stops more: EV 12.
			await expect(page.getByText('That is about 12, give or take 1.')).toBeVisible();
			await expect(page.getByText(/Quay Box: just enough with the lamp at 20 cm/)).toBeVisible();
			await use(page);
			await expect(lane(page, 'Quay Box')).toContainText(/usable|just enough/);
			await expect(handle(page)).toHaveAttribute('aria-valuetext', /25 cm/);
			await handle(page).focus();
			await page.keyboard.press('PageDown');
			await expect(handle(page)).toHaveAttribute('aria-valuetext', /35 cm/);
		});

		test('a guess by eye', async ({ page }) => {
			await openWay(page, 'Guess');
			await page.getByLabel('My guess, EV').fill('ninety');
			await use(page);
			await expect(page.getByLabel('My guess, EV')).toHaveAttribute('aria-invalid', 'true');
			await page.getByLabel('My guess, EV').fill('13⅓');
			await page.getByLabel('How sure').selectOption({ label: 'nearly certain, ⅓ stop' });
			await use(page);
			await expect(handle(page)).toHaveAttribute('aria-valuetext', /about 13⅓, give or take ⅓/);
			await expect(lane(page, 'Quay Box')).toContainText('just enough');
		});

		test('the second click of an eye, tapped along', async ({ page }) => {
			await openWay(page, 'Click');
			await expect(page.getByText('Choose a camera whose eye sets the time')).toBeVisible();
			await loadCamera(page.request, {
				camera: foldingInstant({ name: 'Wedge' }),
				film: filmOf('instant', 160)
			});
			await page.reload();
			await ready(page);
			await page.getByRole('button', { name: /^Wedge/ }).click();
			await openWay(page, 'Click');
			await page.getByRole('button', { name: 'Tap when it opens' }).click();
			const from = await page.evaluate(() => performance.now());
			await page.waitForFunction((until) => performance.now() > until, from + 1000);
			await page.getByRole('button', { name: 'Tap when it closes' }).click();
			await expect(page.getByText(/It was open for 1(\.\d)? s\./)).toBeVisible();
			await use(page);
			// f/8.8 for 1 s of an eye built for ISO 160 is EV 5⅔; a finger may be off by a third.
			await expect(handle(page)).toHaveAttribute('aria-valuetext', /about (5|5⅓|5⅔), give or take/);
			await expect(lane(page, 'Wedge')).toContainText(/just enough|usable/);
		});

		test('two readings are weighed, contradict each other, and one is taken out', async ({ page }) => {
			await readLight(page.request, { method: 'meter', kind: 'incident', iso: 100, ev: 13 });
			await page.reload();
			await ready(page);
			await openWay(page, 'Guess');
			await page.getByLabel('Average it with the reading I have').check();
			await page.getByLabel('My guess, EV').fill('10');
			await page.getByLabel('How sure').selectOption({ label: 'nearly certain, ⅓ stop' });
			await use(page);
			await openWay(page, 'Guess');
			const contradiction = page.getByText(/differ by 3 stops. Was one taken in different light\?/);
			await expect(contradiction).toBeVisible();
			await expect(handle(page)).toHaveAttribute('aria-valuetext', /about 11⅔, give or take 1½/);
			await page.getByRole('button', { name: 'Take out guess by eye' }).click();
			await expect(handle(page)).toHaveAttribute('aria-valuetext', /about 13, give or take ⅓/);
			await expect(contradiction).toBeHidden();
		});
	});
}
