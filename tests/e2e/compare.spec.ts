import type { Locator } from '@playwright/test';
import { expect, isClean, open, stored, test } from './app';
import { body, fast, NOON, packIn } from './judged-pack';

/** Which way of using a camera pays: a filter, a conversion, another film. */

const holm = { latitude: 54.62, longitude: -4.21 };

test('the folding instant with the faster film, decided three ways: as it is, with a filter, with its eye converted', async ({
	page,
	request,
	app
}) => {
	await stored(request, 'gear', { type: 'filter', name: 'ND 0.9', stops: 3, kind: 'neutral' });
	await stored(request, 'places', { name: 'Net loft', ...holm });
	await packIn(request, NOON);
	await open(page, '/plan');
	await page.getByRole('link', { name: 'Compare', exact: true }).click();
	const table = page.getByRole('table', { name: 'Ways beside each other' });
	const row = (name: RegExp) => table.getByRole('row', { name });
	// A filter that comes off in the shade saves the five at noon and leaves the sixth.
	const decides = page.getByRole('region', { name: 'The ways beside each other' }).getByRole('status');
	await expect(decides).toHaveText(
		/^Wrack 640 with ND 0\.9 gives the most good frames: about [789] in 10 of your frames, about [12] in 10 with Wrack 640/
	);
	await expect(row(/^Wrack 640 as it is/)).toContainText(/about [12] in 10/);
	// By hand: at its fastest, 1/180 s at f/8, ISO 640 is right up to EV 10.8, whatever its eye believes in.
	await expect(row(/^Wrack 640 with an eye for ISO 640/)).toContainText(/about [12] in 10/);
	await expect(row(/^Wrack 640 with ND 0\.9/)).toContainText('2.00 a frame');

	// What it costs, in one’s own money.
	const change = async (way: string, doing: (sheet: Locator) => Promise<void>) => {
		await table.getByRole('button', { name: `${way}: change it` }).click();
		const sheet = page.getByRole('dialog', { name: 'Change this way' });
		await doing(sheet);
		await expect(sheet).toBeHidden();
	};
	const price = (way: string, once: string) =>
		change(way, async (sheet) => {
			await sheet.getByLabel('Price, once').fill(once);
			await sheet.getByRole('button', { name: 'Done' }).click();
		});
	await change('Wrack 640 with an ND of 2 stops', (sheet) =>
		sheet.getByRole('button', { name: 'Remove it' }).click()
	);
	await price('Wrack 640 with ND 0.9', '18');
	await page.getByLabel('Frames a year').fill('60');
	await expect(row(/^Wrack 640 with ND 0\.9/)).toContainText('18.00 once, 2.00 a frame');
	// By hand: good ones cost about 2.50 instead of 12, so that 18 are earned with two of them: three frames.
	await expect(decides).toHaveText(
		/Wrack 640 with ND 0\.9 pays for itself against Wrack 640 .* after about [2-5] frames, a month at your 60 frames a year\.$/
	);
	await price('Wrack 640 with an eye for ISO 640', '95');
	await expect(decides).toHaveText(
		/Wrack 640 with an eye for ISO 640 doesn’t pay for itself against Wrack 640 with ND 0\.9 within 300 frames\.$/
	);
	await isClean(page);

	// Another way, on the pack for good: the frame in the shade is lost.
	await page.getByRole('button', { name: 'Add a way' }).click();
	const another = page.getByRole('dialog', { name: 'Another way' });
	await another.getByRole('combobox', { name: 'Its eye, converted' }).selectOption({ label: 'as it is' });
	await another.getByRole('combobox', { name: 'Filter' }).selectOption({ label: 'ND 0.9' });
	await another.getByRole('combobox', { name: 'It sits' }).selectOption({ label: 'on the pack, always' });
	await isClean(page);
	await another.getByRole('button', { name: 'Compare it' }).click();
	await expect(row(/^Wrack 640 with ND 0\.9 on the pack/)).toContainText(/about [678] in 10/);

	// Through the day instead of the year, then in one light: a grey day suits the plain pack no better.
	await page.getByRole('combobox', { name: 'Its hours' }).selectOption({ label: 'through the day' });
	await expect(row(/^Wrack 640 with ND 0\.9 on the pack/).getByRole('img')).toHaveAccessibleName(
		/^Part of each hour hand-held: 0:00 0\.0, .* 12:00 0\.[1-9], .* 23:00 0\.0$/
	);
	await page.getByRole('combobox', { name: 'In which light' }).selectOption({ label: 'No shadow at all' });
	await expect(page.getByRole('columnheader', { name: 'Frames good', exact: true })).toBeVisible();
	await expect(row(/^Wrack 640 with ND 0\.9 on the pack/)).toContainText(/about [6-9] in 10/);
	await expect(row(/^Wrack 640 as it is/)).not.toContainText(/about [6-9] in 10/);
	await isClean(page);

	// What was chosen is there after a restart and a reload, and without a server.
	await app.restart();
	await page.reload();
	await expect(row(/^Wrack 640 with ND 0\.9 on the pack/)).toBeVisible();
	await expect(page.getByLabel('Frames a year')).toHaveValue('60');
	await expect(page.getByRole('combobox', { name: 'In which light' })).toHaveValue('shadows none');
	await change('Wrack 640 with ND 0.9 on the pack', (sheet) =>
		sheet.getByRole('button', { name: 'Remove it' }).click()
	);
	await expect(row(/on the pack/)).toHaveCount(0);
});

test('a script compares ways in a light, over a year and over a load, and hears what is wrong with its question', async ({
	request
}) => {
	const loadId = await packIn(request, NOON);
	const way = (name: string, changes: object = {}) => ({
		...{ name, camera: body, film: fast, cost: { once: 0, frame: 2 } },
		...changes
	});
	const nd = way('an ND', { filters: [{ name: 'ND', stops: 3 }], cost: { once: 18, frame: 2 } });
	const ways = [way('as it is'), nd];
	const post = (data: object) => request.post('/api/compare', { data });

	const lit = await (await post({ ways, light: { ev: 13.8, sd: 0.3 } })).json();
	expect(lit.ways.map(({ hours }: { hours: unknown }) => hours)).toEqual([null, null]);
	expect(lit.ways[0].share.usable).toBeLessThan(0.1);
	expect(lit.ways[1].share.usable).toBeGreaterThan(0.7);
	expect(lit.sentence).toMatch(/^An ND gives the most good frames/);

	const yearly = await (await post({ ways, place: holm, year: 2026 })).json();
	for (const { hours } of yearly.ways) {
		expect(hours.months).toHaveLength(12);
		expect(hours.tripod).toBeGreaterThanOrEqual(hours.handheld);
	}
	expect(yearly.ways[0].hours.clock).toHaveLength(24);
	expect(yearly.ways[1].hours.months[5].usable).toBeGreaterThan(yearly.ways[0].hours.months[5].usable);

	const own = await (await post({ ways, loadId, perYear: 60 })).json();
	expect(own.payback).toMatchObject({ way: 1, beside: 0 });
	expect(own.payback.frames).toBeLessThan(10);
	expect(own.payback.within).toBeGreaterThan(0.9);
	expect(own.ways[1].share.interval[0]).toBeLessThanOrEqual(own.ways[1].share.good);
	expect(own.sentence).toContain('a month at your 60 frames a year');

	const many = Array.from({ length: 7 }, (_, at) => way(`${at}`));
	for (const [data, path] of [
		[{ ways }, 'light'],
		[{ ways: many, light: { ev: 12 } }, 'ways'],
		[{ ways: [way('free', { cost: { once: -1, frame: 2 } })], light: { ev: 12 } }, 'ways.0.cost.once'],
		[{ ways: [way('turned', { compensation: 9 })], light: { ev: 12 } }, 'ways.0.compensation'],
		[{ ways, place: holm }, 'year'],
		[{ ways, year: 2026 }, 'place'],
		[{ ways, loadId: crypto.randomUUID() }, 'loadId'],
		[{ ways, loadId, frameIds: [loadId] }, 'frameIds']
	] as const) {
		const answer = await post(data);
		expect(answer.status(), JSON.stringify(data)).toBe(422);
		expect((await answer.json()).issues).toContainEqual(expect.objectContaining({ path }));
	}
});

test('says what there is to do where there is no camera', async ({ page }) => {
	await open(page, '/plan/compare');
	await expect(page.getByText('No camera yet.')).toBeVisible();
	await isClean(page);
});
