import { fixedCamera, filmOf } from '../fixtures/bag';
import { expect, findsNothing, loadCamera, open, PHONE, readLight, test } from './app';
import { carriesAll } from './carried';
import { openAid } from './shoot-page';

const settings = '/api/settings';

interface List {
	items: object[];
}

test.describe('with the demo', () => {
	test.use({ demo: true, serviceWorkers: 'allow' });

	test('hours, dates, money and the way of reading are the person’s own, on every device', async ({
		page,
		app,
		browser
	}) => {
		await open(page, '/frames/honest');
		await expect(page.getByText(/at \d\.\d\d a keeper/)).toBeVisible();
		await open(page, '/settings');
		const set = page.getByRole('region', { name: 'How you read and write' });
		for (const [label, choice] of [
			['Clock', '12 hours, 3:30 pm'],
			['Dates', 'month first: May 3, 2026'],
			['Currency', 'Euro (EUR)'],
			['Read daylight by', 'Sky cover'],
			['A plan begins with', 'overcast']
		] as const) {
			await set.getByLabel(label).selectOption(choice);
			await expect(set.getByRole('status')).toHaveText('Saved.');
		}
		await page.getByLabel('Sound when a time is counted').uncheck();
		await page.getByLabel('Nothing moves by itself').check();
		await page.reload();
		await expect(page.getByLabel('Sound when a time is counted')).not.toBeChecked();
		await expect(page.locator('html[data-still]')).toBeAttached();

		const other = await (await browser.newContext({ viewport: PHONE, locale: 'en-GB' })).newPage();
		await open(other, `${app.address}/plan`);
		await expect(other.getByLabel('The sky')).toHaveValue('overcast');
		await expect(other.getByText(/\d{1,2}:\d\d am/).first()).toBeVisible();
		await expect(other.getByText(/\b(1[3-9]|2\d):\d\d\b/)).toHaveCount(0);
		await open(other, `${app.address}/frames/honest`);
		await expect(other.getByText(/at €\d\.\d\d a keeper/)).toBeVisible();
		await open(other, `${app.address}/frames/all`);
		await expect(other.locator('time', { hasText: /^[A-Z][a-z]{2} \d{1,2}, 20\d\d/ }).first()).toBeVisible();
		await readLight(page.request, { ev: 12, sd: 0.5 });
		await open(other, app.address);
		await other.getByRole('button', { name: 'Read the light', exact: true }).click();
		await expect(other.getByRole('radio', { name: 'Sky' })).toBeChecked();
		await other.context().close();
	});

	test('who measures in feet and °F reads them everywhere, on every device, after a restart', async ({
		page,
		app,
		browser,
		request
	}) => {
		await open(page, '/settings');
		const units = page.getByRole('region', { name: 'How you read and write' });
		for (const [label, unit] of [
			['Distances', 'feet and inches'],
			['Temperatures', '°F'],
			['Volumes', 'US fluid ounces'],
			['Paper', 'Letter']
		] as const) {
			await units.getByLabel(label).selectOption(unit);
			await expect(units.getByRole('status')).toHaveText('Saved.');
		}
		await findsNothing(page);
		expect(((await (await request.get(settings)).json()) as List).items).toEqual([
			expect.objectContaining({
				length: 'ft',
				temperature: 'F',
				volume: 'fl oz',
				paper: 'letter',
				version: 4
			})
		]);
		await app.restart();

		// Another device, which never saw the page of settings.
		const other = await (await browser.newContext({ viewport: PHONE })).newPage();
		await open(other, `${app.address}/bag`);
		// Source: 14 m are 45.9 ft.
		await expect(other.getByText('guide number 45.9 ft')).toBeVisible();
		await expect(other.getByText(/\d ?m\b(?!m)/)).toHaveCount(0);

		await open(other, `${app.address}/develop`);
		await other
			.getByRole('link', { name: /Fine grain/ })
			.first()
			.click();
		const temperature = other.getByLabel('Bath temperature, °F');
		// Source: tables of developing times: 20 °C is 68 °F.
		await expect(temperature).toHaveValue('68');
		const time = other.getByRole('region', { name: 'Time' }).locator('.figure').first();
		const before = (await time.textContent())!;
		await temperature.fill('75');
		await expect(time).not.toHaveText(before);
		await temperature.fill('20 °C');
		await expect(time).toHaveText(before);
		// Source: NIST Handbook 44: a pint of sixteen fluid ounces is 473.176 ml.
		await other.getByLabel('Working solution, fl oz').fill('473.176 ml');
		await other.getByLabel('Rolls at a time').fill('2');
		await expect(other.getByText('8 fl oz for each of 2 rolls.')).toBeVisible();
		await other.context().close();
	});

	test('what was set on two devices that were apart holds on both', async ({ page, app, request }) => {
		await carriesAll(page);
		const units = page.getByRole('region', { name: 'How you read and write' });
		await units.getByLabel('Temperatures').selectOption('°F');
		await expect(units.getByRole('status')).toHaveText('Saved.');
		await page.context().setOffline(true);
		await units.getByLabel('Distances').selectOption('feet and inches');
		await expect(page.getByText(/1 waiting/)).toBeVisible();
		type Kept = List & { items: [{ id: string; version: number }] };
		const there = async () => ((await (await request.get(settings)).json()) as Kept).items;
		const elsewhere = async (change: object) => {
			const [now] = await there();
			const changed = await request.put(`${settings}/${now.id}`, { data: { ...now, ...change } });
			expect(changed.status()).toBe(200);
		};
		await elsewhere({ paper: 'letter' });
		await page.reload();
		await expect(units.getByLabel('Distances')).toHaveValue('ft');
		await page.context().setOffline(false);
		await expect(units.getByLabel('Paper')).toHaveValue('letter');
		await expect(units.getByLabel('Distances')).toHaveValue('ft');
		await expect(units.getByLabel('Temperatures')).toHaveValue('F');
		await expect
			.poll(there)
			.toEqual([expect.objectContaining({ length: 'ft', temperature: 'F', paper: 'letter' })]);

		// What waited while no page was open arrives by the next one, which shows what became of it.
		await page.context().setOffline(true);
		await units.getByLabel('Volumes').selectOption('US fluid ounces');
		await expect(page.getByText(/1 waiting/)).toBeVisible();
		await page.goto('about:blank');
		await elsewhere({ paper: 'a4' });
		await page.context().setOffline(false);
		await page.goto(`${app.address}/settings`);
		await expect(units.getByLabel('Paper')).toHaveValue('a4');
		await expect(units.getByLabel('Volumes')).toHaveValue('fl oz');
		await expect.poll(there).toEqual([expect.objectContaining({ volume: 'fl oz', paper: 'a4' })]);
	});
});

test('feet are read as people write them, and said back, by the screen and by scripts', async ({
	page,
	request
}) => {
	const refused = await request.post(settings, { data: { id: crypto.randomUUID(), length: 'ft' } });
	expect(refused.status()).toBe(422);
	expect(await refused.json()).toMatchObject({ issues: [{ path: 'id' }] });
	expect((await request.post(settings, { data: { length: 'yd' } })).status()).toBe(422);
	expect((await request.post(settings, { data: { length: 'ft' } })).status()).toBe(201);

	const camera = fixedCamera({
		name: 'Zone Box',
		frame: { width: 90, height: 100 },
		focalLength: 100,
		focus: { kind: 'fixed', distance: null },
		circleOfConfusion: 0.1,
		aperture: { kind: 'stops', f: [8, 16, 32] },
		shutter: { kind: 'speeds', seconds: [1 / 250, 1 / 60] }
	});
	await loadCamera(request, { camera });
	await readLight(request, { ev: 12, sd: 0.3 });
	await open(page, '/');
	const zone = await openAid(page, 'Sharp zone');
	await zone.getByRole('button', { name: 'f/32' }).click();
	const distance = zone.getByLabel('Your subject stands at, ft');
	for (const text of ['4.5', '4.5 ft', '4 ft 6 in', '4\' 6"', '1.3716 m']) {
		await distance.fill('1');
		await distance.fill(text);
		// Source: hyperfocal distance by hand: 100² / (32 × 0.1) mm and the lens are 3.225 m, 10.6 ft.
		await expect(zone.getByRole('status').first()).toHaveText(
			'Sharp from 11 ft on. At 4 ft 6 in it’s too near: 11 ft is sharp.'
		);
	}
	const fixed = fixedCamera({ focus: { kind: 'fixed', distance: 3 } });
	const answer = await request.post('/api/match', {
		data: {
			camera: fixed,
			film: filmOf('colour-negative', 400),
			light: { ev: 13, sd: 0.3 },
			intent: { subjectDistance: 0.5 }
		}
	});
	const { remedies } = (await answer.json()) as { remedies: { changes: { name: string }[] }[] };
	const names = remedies.flatMap(({ changes }) => changes.map(({ name }) => name));
	expect([...new Set(names.filter((name) => name.startsWith('step back')))]).toEqual([
		expect.stringMatching(/^step back to \d+ ft( \d+ in)?$/)
	]);
});
