import { gzipSync } from 'node:zlib';
import type { Request } from '@playwright/test';
import { expect, PHONE, ready, test } from './app';

/** What is fetched before Shoot answers: on a phone in the field that is what one waits for. */

test.use({ demo: true, viewport: PHONE });

/** Code that Shoot is made of, bytes gz; what runs beside the page, such as what carries the records, is not counted. */
const MOST_CODE = 150_000;
const MOST_REQUESTS = 15;
/** What waits longer comes after all that is seen first, ms. */
const LATER_MS = 3000;
/** With what is fetched once it stands, and what runs beside it. */
const MOST_IN_ALL = 20;

test('what a view shows is asked for once, with its page and before its program', async ({ page }) => {
	for (const path of [
		'/',
		'/plan',
		'/plan/year',
		'/bag',
		'/frames',
		'/frames/all',
		'/develop',
		'/practice',
		'/settings'
	]) {
		const asked: string[] = [];
		const ask = (request: Request) => {
			const { pathname } = new URL(request.url());
			if (pathname.startsWith('/api/views/')) asked.push(pathname);
		};
		page.on('request', ask);
		await page.goto(path);
		await ready(page);
		page.off('request', ask);
		expect(new Set(asked).size, path).toBe(2);
		expect(asked, path).toHaveLength(2);
		const by = await page.evaluate(() =>
			performance
				.getEntriesByType('resource')
				.filter(({ name }) => name.includes('/api/views/'))
				.map((entry) => (entry as PerformanceResourceTiming).initiatorType)
		);
		expect(by, path).toEqual(['link', 'link']);
	}
});

test('Shoot is opened by one stylesheet and few files, without what only forms need', async ({ page }) => {
	const fetched: { address: string; type: string; body: Promise<Buffer> }[] = [];
	page.on('response', (response) =>
		fetched.push({
			address: new URL(response.url()).pathname,
			type: response.request().resourceType(),
			body: response.body().catch(() => Buffer.alloc(0))
		})
	);
	// What comes seconds later by the clock is not waited for, however slow the machine is.
	await page.addInitScript((later) => {
		const soon = window.setTimeout;
		window.setTimeout = ((run: () => void, ms = 0, ...given: unknown[]) =>
			ms < later ? soon(run, ms, ...given) : 0) as typeof setTimeout;
	}, LATER_MS);
	await page.goto('/');
	await expect(page.locator('h2.verdict')).toBeVisible();
	await ready(page);
	expect(fetched.filter(({ type }) => type === 'stylesheet')).toHaveLength(1);
	const all = fetched.map(({ address }) => address);
	expect(all.length, all.join(' ')).toBeLessThanOrEqual(MOST_IN_ALL);
	const beside = /[/]workers[/]|[/]api[/]changes/;
	const scripts = await Promise.all(
		fetched
			.filter(({ address, type }) => type === 'script' && !beside.test(address))
			.map(async ({ address, body }) => ({ address, text: (await body).toString('utf8') }))
	);
	// Which clock goes where is a table that follows when the browser has nothing else to do: on a quick machine at once.
	const follows = scripts
		.filter(({ text }) => text.includes('Pacific/Auckland'))
		.map(({ address }) => address);
	const before = all.filter((address) => !beside.test(address) && !follows.includes(address));
	expect(before.length, before.join(' ')).toBeLessThanOrEqual(MOST_REQUESTS);
	const first = scripts.filter(({ address }) => before.includes(address)).map(({ text }) => text);
	expect(first.join('')).toContain('Took frame');
	expect(first.join('')).not.toContain('is a required field');
	const size = first.reduce((sum, text) => sum + gzipSync(text, { level: 9 }).length, 0);
	expect(size).toBeLessThan(MOST_CODE);
});
