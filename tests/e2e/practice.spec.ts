import type { Page } from '@playwright/test';
import { DESK, PHONE, expect, isClean, loadCamera, open, test } from './app';
import { fixedCamera, filmOf } from '../fixtures/bag';
import { foldingInstant } from '../fixtures/automatic';

/** A day's practice, by keyboard and by thumb; what it shows; and what Shoot makes of it. */

const SCENES = 6;
const CARDS = 6;

const drawn = (page: Page) => page.locator('canvas[data-drawn]').waitFor();
const nextButton = (page: Page) => page.getByRole('button', { name: 'Next', exact: true });

const doneOf = (page: Page, place: number) =>
	expect(page.getByRole('heading', { name: `${place} of ${SCENES + CARDS}` })).toBeVisible();

test.describe('on the desk, by keyboard alone', () => {
	test.use({ viewport: DESK });

	test('a day’s course is done, and stands in Progress after a restart', async ({ page, request, app }) => {
		await loadCamera(request, { camera: fixedCamera({ name: 'Quay Box' }) });
		await loadCamera(request, { camera: foldingInstant({ name: 'Gorse' }), film: filmOf('instant', 640) });
		let arrive = (): void => undefined;
		const answered = new Promise<void>((resolve) => (arrive = resolve));
		await open(page, '/practice');
		await expect(page.getByRole('heading', { name: 'Day 1: The edge of a shadow' })).toBeVisible();
		for (let scene = 1; scene <= SCENES; scene++) {
			await doneOf(page, scene);
			await drawn(page);
			if (scene === 1) await isClean(page);
			await page.keyboard.press('2');
			await expect(page.getByRole('button', { name: 'Soft-edged shadows' })).toHaveAttribute(
				'aria-pressed',
				'true'
			);
			await expect(page.getByText('f/11 at 1/ISO', { exact: true })).toBeVisible();
			await page.keyboard.press('ArrowRight');
			await expect(page.getByText('EV 14', { exact: true })).toBeVisible();
			await page.keyboard.press('Enter');
			await expect(page.getByText(/^(Right\.|You guessed)/)).toBeVisible();
			await expect(page.getByText(/^The light there: EV 1\d/)).toBeVisible();
			if (scene === 1) {
				// The spot meter begins on the grey card, which reads the light of the scene.
				const light = (await page.getByText(/^The light there/).textContent())!;
				const [, whole] = /EV (\d+)/.exec(light)!;
				const spot = page.getByText('A spot meter (simulated)');
				await expect(spot).toContainText(new RegExp(`EV (${whole}|${Number(whole) + 1})`));
				await isClean(page);
				await page.getByRole('button', { name: /^Spot meter/ }).focus();
				for (let step = 0; step < 20; step++) await page.keyboard.press('ArrowUp');
				await nextButton(page).focus();
			}
			if (scene === 3) {
				await expect.poll(async () => (await (await request.get('/api/exercises')).json()).total).toBe(3);
				await page.reload();
				await doneOf(page, 4);
				// The fourth answer takes its time to the server.
				await page.route('**/api/exercises', async (route) => {
					await answered;
					await route.continue();
				});
				continue;
			}
			await page.keyboard.press('Enter');
			if (scene === 4) {
				// The school that one goes by is kept, and the numbers are its names.
				await drawn(page);
				await page.getByRole('radio', { name: 'Sky' }).press('Space');
				await page.getByRole('heading', { name: /^Day 1/ }).focus();
				await page.keyboard.press('1');
				await expect(page.getByRole('button', { name: 'Clear sky' })).toHaveAttribute('aria-pressed', 'true');
				// What comes back of the one before changes nothing under the hand.
				const sky = page.getByRole('radio', { name: 'Sky' });
				await sky.focus();
				const read = page.waitForResponse(/\/api\/views\//);
				arrive();
				await read;
				await page.evaluate(() => new Promise(requestAnimationFrame));
				await expect(sky).toBeFocused();
				await page.reload();
				await drawn(page);
				await expect(page.getByRole('button', { name: 'Clear sky' })).toBeVisible();
				await page.getByRole('radio', { name: 'Shadow' }).press('Space');
				await page.getByRole('heading', { name: /^Day 1/ }).focus();
			}
		}
		for (let card = 1; card <= CARDS; card++) {
			await doneOf(page, SCENES + card);
			await expect(page.locator('.choice').first()).toBeEnabled();
			await page.keyboard.press('1');
			await expect(page.getByText(/^(Right\.|Not this one\.)/)).toBeVisible();
			await page.keyboard.press('Enter');
		}
		await expect(page.getByText('Done for today.')).toBeVisible();
		await isClean(page);

		await app.restart();
		await open(page, '/practice');
		await expect(page.getByText('Done for today.')).toBeVisible();
		await expect(page.getByText('1 of the last 14 days')).toBeVisible();
		await page.getByRole('link', { name: 'How you’re doing' }).press('Enter');
		await expect(page.getByText('From 6 guesses; practice on one day.')).toBeVisible();
		await page.locator('.apexcharts-svg').waitFor();
		const row = page.getByRole('row', { name: /^Soft-edged shadows \(shadow edge\)/ });
		await expect(row.getByRole('cell').first()).toHaveText('6');
		for (const school of ['Shadow edge', 'Sky cover', 'Exposure guide'])
			await expect(page.getByRole('row', { name: new RegExp(`^${school}`) })).toBeVisible();
		await isClean(page);
	});
});

test.describe('on the phone, by thumb', () => {
	test.use({ viewport: PHONE, hasTouch: true });

	test('a day’s course is done, one scene more, and kept while the server is away', async ({
		page,
		context,
		request
	}) => {
		await open(page, '/practice');
		const tap = (name: string | RegExp) => page.getByRole('button', { name, exact: true }).tap();
		for (let scene = 1; scene <= SCENES; scene++) {
			await doneOf(page, scene);
			await drawn(page);
			if (scene === 2) await context.setOffline(true);
			await page.getByRole('button', { name: 'Sharp, dark shadows' }).tap();
			if (scene === 1) {
				await page.getByText('beside', { exact: true }).tap();
				await page.getByRole('button', { name: 'Sharp, dark shadows' }).tap();
				await expect(page.getByText('EV 14', { exact: true })).toBeVisible();
				// Source: ISO 2720: f/8 at 1/500 s is EV 15 for its film; at ISO 400, two stops faster, the light is EV 13.
				await page.getByText('As f and time on my film').tap();
				await page.getByLabel('Film, ISO').selectOption('400');
				await page.getByLabel('f-number').selectOption('f/8');
				await page.getByLabel('Time', { exact: true }).selectOption('1/500 s');
				await expect(page.getByText('EV 13', { exact: true })).toBeVisible();
			}
			await tap('A third darker');
			for (const button of ['A third darker', 'A third brighter', 'Check']) {
				const box = (await page.getByRole('button', { name: button, exact: true }).boundingBox())!;
				expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(44);
			}
			await expect(page.getByRole('button', { name: 'Check' })).toBeInViewport({ ratio: 1 });
			await tap('Check');
			await expect(page.getByText(/^The light there: EV 1\d/)).toBeVisible();
			if (scene === 2) await context.setOffline(false);
			await nextButton(page).tap();
		}
		for (let card = 1; card <= CARDS; card++) {
			await doneOf(page, SCENES + card);
			await page.locator('.choice:enabled').first().tap();
			await nextButton(page).tap();
		}
		await expect(page.getByText('Done for today.')).toBeVisible();
		await tap('One more scene');
		await drawn(page);
		await page.reload();
		await expect(page.getByText('Done for today.')).toBeVisible();
		await expect
			.poll(async () => (await (await request.get('/api/exercises')).json()).total)
			.toBe(SCENES + CARDS);
		await page.getByRole('link', { name: 'Progress' }).tap();
		await expect(page.getByText('From 6 guesses; practice on one day.')).toBeVisible();
		await isClean(page);
	});

	test('a real light is guessed, survives a reload, and is read by a meter', async ({ page }) => {
		await open(page, '/practice/outside');
		await page.getByRole('button', { name: 'No shadow at all' }).tap();
		await page.getByRole('button', { name: 'That’s my guess' }).tap();
		await expect(page.getByRole('heading', { name: 'Now read it' })).toBeVisible();
		await page.reload();
		await expect(page.getByRole('heading', { name: 'Now read it' })).toBeVisible();
		await isClean(page);
		await page.getByLabel('f-number').fill('8');
		await page.getByLabel('Time, s').fill('1/60');
		await page.getByRole('button', { name: 'Use this reading' }).tap();
		// Source: EXIF / APEX: f/8 at 1/60 s and ISO 100 is log2(64·60) = 11.9, a third over the rule's 11⅔.
		await expect(page.getByText('You guessed ⅓ stop darker than it was.')).toBeVisible();
		await expect(page.getByText(/^Your meter: EV 12/)).toBeVisible();
		await page.getByRole('link', { name: 'Progress' }).tap();
		await expect(page.getByText('From one guess; practice on one day.')).toBeVisible();
	});
});

test.describe('with real lights', () => {
	test.use({ viewport: PHONE, hasTouch: true });

	test('a walk through five lights tells how the eye does from room to room, over a reload', async ({
		page,
		request
	}) => {
		await page.clock.install({ time: '2026-05-02T10:00:00Z' });
		await open(page, '/practice/outside');
		await page.getByRole('button', { name: 'Walk through five lights' }).tap();
		await expect(page.getByText('Light 1 of 5.')).toBeVisible();
		await page.getByLabel('It is', { exact: true }).selectOption({ label: 'a room, or night' });
		await isClean(page);
		// Source: ANSI PH2.7: a home in the evening is EV 5 to 7, an office 7 to 8. By EXIF / APEX f/4 at 1/4 s, ISO 100, is EV 6,
		// at 1/8 s EV 7, at 1/15 s EV 7.9, at 1/30 s EV 8.9.
		const lights = [
			...[
				['At home in the evening', '1/4'],
				['At home in the evening', '1/8'],
				['Office or work room', '1/15']
			],
			...[
				['Office or work room', '1/15'],
				['At home in the evening', '1/30']
			]
		];
		for (const [index, [room, seconds]] of lights.entries()) {
			if (index > 0)
				await page.getByLabel('It is', { exact: true }).selectOption({ label: 'a room, or night' });
			await page.getByRole('button', { name: room }).tap();
			await page.getByRole('button', { name: 'That’s my guess' }).tap();
			if (index === 1) await page.reload();
			await page.getByLabel('f-number').fill('4');
			await page.getByLabel('Time, s').fill(seconds);
			await page.clock.runFor(12_000);
			await page.getByRole('button', { name: 'Use this reading' }).tap();
			await expect(page.getByText(/^(Right\.|You guessed)/)).toBeVisible();
			if (index < 4) await page.getByRole('button', { name: 'On to the next light' }).tap();
		}
		// By hand: 0, −1, −⅓, −⅓ and −3 (to the third): −0.9 on average, and the last is farthest off.
		await expect(page.getByText(/^Five lights in 1:\d\d: 1 stop too dark on average\.$/)).toBeVisible();
		await expect(page.getByText(/^The one farthest off was 3 stops too dark/)).toBeVisible();
		await isClean(page);
		const { items } = await (await request.get('/api/exercises')).json();
		expect(items.map(({ named }: { named: { place: string } }) => named.place).sort()).toEqual([
			...['home-interior', 'home-interior', 'home-interior', 'office', 'office']
		]);
		await page.getByRole('button', { name: 'Done', exact: true }).tap();
		await expect(page.getByRole('button', { name: 'Walk through five lights' })).toBeVisible();
		await open(page, '/practice/progress');
		// No light of a room is open light.
		await expect(page.getByText('30 more guesses in open light')).toBeVisible();
		await expect(page.getByRole('row', { name: /^At home in the evening/ })).toBeVisible();
	});

	test('thirty guesses say what an eye is good to, and a slip is noticed', async ({ page, request }) => {
		const guess = (error: number, at: number) =>
			request.post('/api/exercises', {
				data: {
					...{ id: crypto.randomUUID(), kind: 'seeing', day: '2026-05-02', clock: '10:00' },
					at: new Date(Date.UTC(2026, 4, 2, 10, 0, at)).toISOString(),
					named: { method: 'shadows', school: 'shadow-edge', condition: 'sharp' },
					...{ ev: 14 + error, read: { ev: 14, sd: 0.3, by: 'meter' } }
				}
			});
		const errors = Array.from({ length: 30 }, (_, at) => (at % 2 ? 0.4 : -0.4));
		expect((await Promise.all(errors.map(guess))).map((answer) => answer.status())).toEqual(
			errors.map(() => 201)
		);
		await open(page, '/practice/progress');
		// By the chi-square table thirty of ±0.4 are good to 0.59.
		await expect(page.getByText('Your eye is good to ⅔ stop in open light.')).toBeVisible();
		await Promise.all(errors.map((error, at) => guess(error + 1, 60 + at)));
		await page.reload();
		await expect(page.getByText('Your eye was good to ⅔ stop in open light; lately it is')).toBeVisible();
		await isClean(page);
	});
});

test.describe('on Shoot', () => {
	test.use({ viewport: DESK });

	test('a reading by eye carries the doubt that practice taught, once it is agreed to', async ({
		page,
		request,
		app
	}) => {
		await loadCamera(request, { camera: fixedCamera({ name: 'Quay Box' }) });
		// Twenty faint shadows, each a stop and a third brighter than its name says.
		for (let at = 0; at < 20; at++) {
			const answer = await request.post('/api/exercises', {
				data: {
					id: crypto.randomUUID(),
					kind: 'seeing',
					at: '2026-05-02T10:00:00Z',
					day: '2026-05-02',
					clock: '10:00',
					named: { method: 'shadows', school: 'shadow-edge', condition: 'faint' },
					ev: 12.64,
					read: { ev: 13.98, sd: 0.3, by: 'meter' }
				}
			});
			expect(answer.status()).toBe(201);
		}
		const read = async () => {
			await open(page, '/');
			await page.getByRole('button', { name: /^Barely visible/ }).click();
		};
		await read();
		await expect(page.getByText('About 12⅔, give or take ⅔')).toBeVisible();

		await open(page, '/practice/progress');
		// By hand: √((4·(⅔)² + 20·(1.34² − 0.3²)) / 24) = 1.23: in thirds 1⅓, where the school says ⅔.
		await expect(page.getByText('give or take 1⅓ instead of ⅔, from 20 guesses').first()).toBeVisible();
		await page.getByLabel('Use these margins on Shoot when I read the light by eye').check();
		await expect(page.getByText('Saved: Shoot uses them.')).toBeVisible();
		await app.restart();
		await read();
		await expect(page.getByText('About 12⅔, give or take 1⅓')).toBeVisible();
		await expect(
			page.getByText(/^Your own margin, from practice: give or take 1⅓ instead of ⅔/)
		).toBeVisible();
		await page.getByText('Guess', { exact: true }).click();
		await expect(page.getByLabel('How sure')).toContainText('from practice, 1⅓ (20 guesses)');
		await isClean(page);

		await open(page, '/practice/progress');
		await page.getByLabel('Use these margins on Shoot when I read the light by eye').uncheck();
		await expect(page.getByText('Saved: Shoot uses the usual margins.')).toBeVisible();
		await read();
		await expect(page.getByText('About 12⅔, give or take ⅔')).toBeVisible();
	});
});
