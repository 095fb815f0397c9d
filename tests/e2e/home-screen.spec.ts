import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { filmOf, fixedCamera } from '../fixtures/bag';
import { expect, findsNothingInAnyDisplay, isClean, loadCamera, open, PHONE, readLight, test } from './app';
import { between } from './between';
import { carriesAll } from './carried';

/** What a system hands to a program that is on its home screen: pictures, files, a shortcut, a new version. */

test.use({ viewport: PHONE, serviceWorkers: 'allow' });

const PHOTOS = 'tests/fixtures/photos';

/** Hands pictures over as a system does: a form is sent to the address that the manifest says, by its field. */
async function handOver(page: Page, ...names: string[]): Promise<void> {
	const files = names.map((name) => ({ name, bytes: readFileSync(`${PHOTOS}/${name}`).toString('base64') }));
	const { share_target: target } = JSON.parse(readFileSync('static/manifest.webmanifest', 'utf8'));
	await page.evaluate(
		({ target, files }) => {
			const form = document.createElement('form');
			Object.assign(form, { action: target.action, method: target.method, enctype: target.enctype });
			const field = document.createElement('input');
			Object.assign(field, { type: 'file', name: target.params.files[0].name, multiple: true });
			const handed = new DataTransfer();
			for (const { name, bytes } of files) {
				const binary = Uint8Array.from(atob(bytes), (letter) => letter.charCodeAt(0));
				handed.items.add(new File([binary], name, { type: `image/${name.split('.')[1]}` }));
			}
			field.files = handed.files;
			form.append(field);
			document.body.append(form);
			form.submit();
		},
		{ target, files }
	);
	await expect(page.getByRole('heading', { name: 'What is this a picture of?' })).toBeVisible();
}

test.describe('with the demo', () => {
	test.use({ demo: true });

	test('a print that is shared without the server is judged, and comes home with its picture', async ({
		page,
		app,
		request
	}) => {
		await carriesAll(page);
		await app.stop();
		await handOver(page, 'camera.png', 'two-halves.heic');
		await expect(page.getByText('The first of 2.')).toBeVisible();
		await isClean(page);
		// It waits for its answer, however often the page is opened.
		await page.reload();
		await expect(page.getByRole('img', { name: 'The picture camera.png' })).toBeVisible();
		await page.getByRole('button', { name: 'A frame of mine: judge it' }).click();
		await findsNothingInAnyDisplay(page);
		await page.getByRole('listitem').getByRole('button').first().click();
		await expect(page.getByText('The picture two-halves.heic: this browser can’t show it.')).toBeVisible();
		await page.getByRole('button', { name: 'Neither: discard it' }).click();
		await expect(
			page.getByRole('heading', { name: /^Frame \d+ of .*: how did it come out\?$/ })
		).toBeVisible();
		const frame = /frames[/](.+)[/]judge/.exec(page.url())![1];
		await expect(page.getByText('Waits to be sent')).toBeVisible();
		const marks = page.getByRole('button', { name: /^Marks on camera\.png/ });
		await expect(marks).toBeVisible();
		await page.getByRole('radio', { name: '⅔ stop too dark' }).check({ force: true });
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		await expect(page.getByText(/No server · 2 waiting/)).toBeVisible();
		await page.getByRole('link', { name: /2 waiting/ }).click();
		await expect(page.getByText('Picture camera.png')).toBeVisible();
		await page.reload();
		await expect(page.getByText('Picture camera.png')).toBeVisible();
		await app.restart();
		await expect(page.getByText('Nothing is waiting')).toBeVisible();
		const { items } = await (await request.get(`/api/pictures?frame=${frame}`)).json();
		expect(items.map(({ name }: { name: string }) => name)).toEqual(['camera.png']);
		const original = await request.get(`/api/pictures/${items[0].id}`);
		expect((await original.body()).equals(readFileSync(`${PHOTOS}/camera.png`))).toBe(true);
		expect((await (await request.get(`/api/frames/${frame}`)).json()).judged.stops).toBeCloseTo(-2 / 3, 3);
		await page.goto('/shared');
		await expect(page.getByText('No picture arrived.')).toBeVisible();
	});

	test('a picture of what is in front of one becomes the light', async ({ page }) => {
		await carriesAll(page);
		await handOver(page, 'camera.png');
		await page.getByRole('button', { name: 'What is in front of me: its light' }).click();
		const use = page.getByRole('button', { name: 'Use this reading' });
		await expect(page.getByText(/^It came out/)).toBeVisible();
		await page.getByLabel('ISO').fill('100');
		await page.getByLabel('f-number').fill('8');
		await page.getByLabel('Time, s').fill('1/2000');
		// Source: EV = log2(f² / t): f/8 and 1/2000 s are 17; that it came out darker takes some of it off.
		const comes = page.getByRole('status').getByText(/^That is about 1[567]/);
		const ev = /about ([^ ,]+)/.exec((await comes.textContent()) ?? '')![1];
		await use.click();
		await expect(page.getByRole('slider', { name: /^Light on the subject/ })).toContainText(`EV ${ev},`);
	});

	test('a camera and an archive open where they are taken in', async ({ page, request }) => {
		const { items } = await (await request.get('/api/cameras?limit=20')).json();
		const pebble = items.find(({ name }: { name: string }) => name === 'Pebble');
		const gift = await (await request.get(`/api/cameras/${pebble.id}/camera.json`)).text();
		const archive = (await (await request.get('/api/export.zip')).body()).toString('base64');
		// A stand-in of a system's launch queue: the browser of the tests has none of its own.
		await page.addInitScript(
			({ gift, archive }) => {
				const bytes = Uint8Array.from(atob(archive), (letter) => letter.charCodeAt(0));
				const file = location.pathname.startsWith('/bag')
					? new File([gift], 'Pebble.camera.json')
					: new File([bytes], 'just-enough.zip');
				const launchQueue = {
					setConsumer: (take: (launch: object) => void) =>
						take({ files: [{ getFile: () => Promise.resolve(file) }] })
				};
				Object.defineProperty(window, 'launchQueue', { value: launchQueue });
			},
			{ gift, archive }
		);
		await open(page, '/bag/take-in');
		await expect(page.getByRole('heading', { name: 'Pebble', exact: true })).toBeVisible();
		const looked = page.waitForResponse(/[/]api[/]import/);
		await open(page, '/settings');
		await looked;
		await expect(page.getByRole('rowheader', { name: 'Cameras' })).toBeVisible();
	});
});

test('the shortcut to a count takes a camera in hand that can be counted, and starts with a touch', async ({
	page,
	request
}) => {
	await loadCamera(request, { camera: fixedCamera({ name: 'Tidepool' }) });
	await open(page, '/?count');
	await expect(page.getByRole('status').getByText('No loaded camera has a time to count')).toBeVisible();
	await loadCamera(request, {
		camera: fixedCamera({ name: 'Quay Box', bulb: true }),
		film: filmOf('colour-negative', 100)
	});
	// Source: exposure equation: EV 0 at ISO 100 and f/11 takes two minutes.
	await readLight(request, { ev: 0, sd: 0.3 });
	await open(page, '/?count');
	const count = page.getByRole('button', { name: /^Count \d+/ });
	await expect(count).toBeFocused();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('dialog', { name: /^Quay Box:/ })).toBeVisible();
});

test('a new version is offered and not forced, and is there once it is taken', async ({ page, app }) => {
	let versions = 1;
	// The same program, of which the server has a newer one from the second time on.
	const newer = (path: string) => path === '/service-worker.js' && versions > 1;
	const way = await between(app.address, (path) =>
		newer(path) ? { append: `\n// Version ${versions}` } : 'pass'
	);
	try {
		await carriesAll(page, way.address);
		const offer = page.getByRole('button', { name: 'Open it now' });
		await expect(offer).toBeHidden();
		versions = 2;
		await page.evaluate(async () => void (await (await navigator.serviceWorker.ready).update()));
		await expect(page.getByText('A new version of the program is here.')).toBeVisible();
		await page.evaluate(() => Object.assign(window, { before: true }));
		// It waits for the person, also when the page is opened again.
		await page.getByRole('link', { name: 'Bag' }).click();
		await expect(page.getByRole('heading', { name: 'Bag', exact: true })).toBeVisible();
		expect(await page.evaluate(() => 'before' in window)).toBe(true);
		await page.reload();
		await expect(offer).toBeVisible();
		// A worker that everything passes through is never idle, and Chromium does not let go of it.
		await page.evaluate(() => {
			const asks = (): unknown => fetch('/api/health').finally(() => setTimeout(asks, 5));
			asks();
		});
		await offer.click();
		await expect(offer).toBeHidden();
		await page.locator('html[data-mounted]').waitFor();
		const waiting = () =>
			page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.waiting ?? null);
		await expect.poll(waiting).toBeNull();
	} finally {
		await way.end();
	}
});
