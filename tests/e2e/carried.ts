import type { Page } from '@playwright/test';
import { expect, open } from './app';

/** What the tests of a device without a server share. */

/** Waits until the program and all records are on this device. */
export async function carriesAll(page: Page, address = ''): Promise<void> {
	await open(page, `${address}/settings`);
	await expect(page.getByText('Everything is here')).toBeVisible();
	await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
	await page.reload();
	await expect(page.getByText('Everything is here')).toBeVisible();
	expect(await page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
}

/** The button that logs the next frame, and that frame's number. */
export async function nextFrame(page: Page): Promise<number> {
	const button = page.getByRole('button', { name: /^Took frame \d+/ });
	return Number(/frame (\d+)/.exec((await button.textContent()) ?? '')?.[1]);
}
