import type { Page } from '@playwright/test';
import { filmOf, fixedCamera } from '../fixtures/bag';
import { loadCamera, ready } from './app';

/** What the tests of reading light share: where things are on Shoot, and a camera that needs bright light. */

export const answer = (page: Page) => page.getByRole('region', { name: 'Do' });
/** The lane of a camera, or its chip; a camera that is alone on a phone has neither, and is what is spoken. */
export const lane = (page: Page, camera: string) =>
	page
		.getByRole('listitem')
		.filter({ has: page.getByRole('button', { name: new RegExp(`^${camera}`) }) })
		.or(page.locator('[data-spoken]').filter({ hasText: camera }))
		.first();
export const handle = (page: Page) => page.getByRole('slider', { name: /Light on the subject/ });

/** f/8 at 1/125 s with ISO 100 is right at EV 13: bright by day, far too slow indoors. */
export function quayBox(page: Page) {
	return loadCamera(page.request, {
		camera: fixedCamera({
			name: 'Quay Box',
			aperture: { kind: 'fixed', f: 8 },
			shutter: { kind: 'fixed', seconds: 1 / 125 }
		}),
		film: filmOf('colour-negative', 100)
	});
}

export async function openWay(page: Page, way: string) {
	const sheet = page.getByRole('button', { name: 'Read the light', exact: true });
	if (await sheet.isVisible()) await sheet.click();
	await page.getByRole('group', { name: 'Way of reading the light' }).getByText(way, { exact: true }).click();
}

export const use = (page: Page) => page.getByRole('button', { name: 'Use this reading' }).click();

/** Opens the help with a hard situation. */
export async function openAid(page: Page, name: string) {
	// What would help comes above it, and moves it.
	await ready(page);
	await page.getByRole('group', { name: 'Help with' }).getByRole('button', { name }).click();
	return page.getByRole('dialog', { name, exact: true });
}
