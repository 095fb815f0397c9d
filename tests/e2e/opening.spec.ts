import { gzipSync } from 'node:zlib';
import { expect, PHONE, ready, test } from './app';

/** What is fetched before Shoot answers: on a phone in the field that is what one waits for. */

test.use({ demo: true, viewport: PHONE });

/** Code that is fetched before the verdict stands, bytes gz: what it is today, and a little. */
const MOST_CODE = 205_000;
const MOST_REQUESTS = 20;

test('Shoot is opened by one stylesheet and few files, without what only forms need', async ({ page }) => {
	const fetched: { address: string; type: string; body: Promise<Buffer> }[] = [];
	page.on('response', (response) =>
		fetched.push({
			address: new URL(response.url()).pathname,
			type: response.request().resourceType(),
			body: response.body().catch(() => Buffer.alloc(0))
		})
	);
	await page.goto('/');
	await expect(page.locator('h2.verdict')).toBeVisible();
	await ready(page);
	expect(fetched.filter(({ type }) => type === 'stylesheet')).toHaveLength(1);
	expect(fetched.length).toBeLessThanOrEqual(MOST_REQUESTS);
	// What follows once the page is idle, and what runs beside it, is not waited for.
	const beside = /[/]workers[/]/;
	const scripts = await Promise.all(
		fetched
			.filter(({ address, type }) => type === 'script' && !beside.test(address))
			.map(async ({ body }) => (await body).toString('utf8'))
	);
	const first = scripts.filter((text) => !text.includes('IDBKeyRange'));
	expect(first.join('')).toContain('Took frame');
	expect(first.join('')).not.toContain('is a required field');
	const size = first.reduce((sum, text) => sum + gzipSync(text, { level: 9 }).length, 0);
	expect(size).toBeLessThan(MOST_CODE);
});
