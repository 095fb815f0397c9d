import { foldingInstant } from '../fixtures/automatic';
import { filmOf, fixedCamera } from '../fixtures/bag';
import { expect, fromMenu, isClean, loadCamera, open, stored, test } from './app';

/** Which film speed a camera asks for, and which camera a film. */

const box = fixedCamera({
	name: 'Quay Box',
	kind: 'box',
	aperture: { kind: 'fixed', f: 16 },
	shutter: { kind: 'fixed', seconds: 1 / 25 }
});

test('which speed the box asks for at noon, what of the bag that is, and what is on sale', async ({
	page,
	request
}) => {
	await loadCamera(request, { camera: box, film: { ...filmOf('bw-negative', 100), name: 'Samphire 100' } });
	await stored(request, 'gear', { type: 'filter', name: 'ND 0.6', stops: 2 });
	await open(page, '/bag');
	await fromMenu(page, 'Quay Box', 'Reach sheet');
	const asks = page.getByRole('region', { name: 'Which speed it asks for' });
	// Common practice: f/16 and 1/25 s were made for about ISO 25 in the sun.
	await expect(asks.getByRole('status')).toHaveText(
		/^About ISO 25\. ISO \d+ to \d+ is just enough, ISO \d+ to \d+ usable\.$/
	);
	await expect(asks.getByRole('listitem')).toHaveText(/Samphire 100/);
	await expect(asks.getByText(/Black-and-white 25/)).toBeVisible();
	// 8⅔ stops less light: as much faster, so ISO 10,000, beyond what boxes say.
	await asks.getByLabel('In this light').selectOption({ label: 'room, EV 6' });
	await expect(asks.getByRole('status')).toHaveText(/^About ISO 6400/);
	await expect(asks.getByText('No film in your bag works here, with or without your filters.')).toBeVisible();
	await asks.getByLabel('In this light').selectOption({ label: 'grey day, EV 12' });
	await expect(asks.getByRole('status')).toHaveText(/^About ISO 160/);
	await isClean(page);
});

test('which of the cameras takes a film, and what the others say to it', async ({ page, request }) => {
	await loadCamera(request, {
		camera: { ...box, format: '120' },
		film: { ...filmOf('bw-negative', 100), name: 'Samphire 100', format: '120' }
	});
	await stored(request, 'cameras', { ...box, name: 'Small Box', format: '35 mm' });
	await stored(request, 'cameras', { ...box, name: 'Thin Box', format: '620' });
	await open(page, '/bag');
	await fromMenu(page, 'Samphire 100', 'Reach sheet');
	await expect(
		page.getByRole('heading', { name: 'Which camera for which light: Samphire 100' })
	).toBeVisible();
	await expect(page.getByRole('link', { name: 'Load it into Quay Box' })).toBeVisible();
	await expect(page.getByText(/Wind it onto a 620 spool in the dark first, or trim/)).toBeVisible();
	await expect(page.getByText('It doesn’t fit Small Box.')).toBeVisible();
	await isClean(page);
});

test('a pack that doesn’t fit says what it takes, and one that never does says so', async ({
	page,
	request
}) => {
	const camera = { ...foldingInstant({ name: 'Wedge' }), format: 'instant pack with battery' };
	const bare = { ...filmOf('instant', 640), name: 'Silt 640', format: 'instant pack without battery' };
	await stored(request, 'cameras', camera);
	const film = await stored(request, 'films', bare);
	await stored(request, 'films', { ...filmOf('instant', 800), name: 'Tide 800', format: 'instant wide' });
	await open(page, `/bag/load?film=${film}`);
	await expect(
		page.getByText(/move its sheets into an empty pack whose battery still works\.$/)
	).toBeVisible();
	await fromMenu(page, 'Tide 800', 'Reach sheet');
	await expect(page.getByText('It doesn’t fit Wedge.')).toBeVisible();
	await isClean(page);
});

test('a script asks for a speed in a light or on a day, and hears what is wrong with its question', async ({
	request
}) => {
	const ask = async (data: object) => (await request.post('/api/speed', { data })).json();
	const inSun = await ask({ camera: box, light: { ev: 14.644 }, film: { type: 'bw-negative' } });
	expect(inSun.iso).toBeCloseTo(25, 0);
	expect(inSun.films[0]).toEqual({ type: 'bw-negative', iso: 25, verdict: 'just-enough' });
	const onDay = await ask({ camera: box, place: { latitude: 54.6, longitude: -4.2 }, date: '2026-06-21' });
	expect(onDay.iso).toBeGreaterThan(16);
	expect(onDay.iso).toBeLessThan(64);
	const winter = { camera: box, place: { latitude: 54.6, longitude: -4.2 }, date: '2026-11-01' };
	const season = await ask({ ...winter, until: '2027-02-28' });
	expect(season.iso).toBeGreaterThan(onDay.iso);
	expect(await ask({ ...winter, until: '2026-10-01' })).toMatchObject({
		issues: [{ path: 'until', message: 'must not be before 2026-11-01' }]
	});
	const wrong = await request.post('/api/speed', { data: { camera: box, film: { type: 'paper' } } });
	expect(wrong.status()).toBe(422);
	expect((await wrong.json()).issues.map(({ path }: { path: string }) => path)).toEqual([
		'film.type',
		'light'
	]);
	const noDate = await request.post('/api/speed', { data: { camera: box, place: { latitude: 95 } } });
	const paths = (await noDate.json()).issues.map(({ path }: { path: string }) => path);
	expect(paths.sort()).toEqual(['date', 'place.latitude', 'place.longitude']);
});
