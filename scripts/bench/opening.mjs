// How soon Shoot answers on a phone that carries everything, against an empty page of the same program; and how soon another view is there.
import { join } from 'node:path';
import { chromium as browserType } from '@playwright/test';
import Database from 'better-sqlite3';
import { carriesAll } from '../carried.mjs';
import { median } from '../median.mjs';
import { serveApart } from '../serve-apart.mjs';
import { chromium, chromiumFlags } from '../steps.mjs';
import { eightLoaded } from './eight-loaded.mjs';
import { multiply } from './scale.mjs';

const PHONE = { width: 390, height: 844 };
const MANY = { loads: 150, frames: 5000, pictures: 0 };
const TIMES = 7;
/** What the verdict, and another view, may take of the time of an empty page. */
const [VERDICT, VIEW] = [3, 1];

async function timed(work) {
	const begun = performance.now();
	await work();
	return performance.now() - begun;
}

async function many(work) {
	const took = [];
	for (let turn = 0; turn < TIMES; turn++) took.push(await work());
	return median(took);
}

/** From the home screen: a page of its own, that is closed again. */
async function openedFor(context, path, what) {
	const page = await context.newPage();
	const took = await timed(async () => {
		await page.goto(path, { waitUntil: 'commit' });
		await page.locator(what).first().waitFor();
	});
	await page.close();
	return took;
}

/** From one view to another and back. */
async function changedTo(page, [name, path]) {
	const took = await timed(async () => {
		await page.getByRole('link', { name, exact: true }).first().click();
		await page.waitForFunction((to) => location.pathname === to && document.querySelector('main h1'), path);
	});
	await page.getByRole('link', { name: 'Shoot', exact: true }).first().click();
	await page.locator('h2.verdict').waitFor();
	return took;
}

async function carriedEverything(page) {
	await carriesAll(page);
	await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
	await page.reload();
	await page.getByText('Everything is here').waitFor();
}

/** @param {(what: string, value: string, ratio?: string) => void} row */
export async function measureOpening(folder, row) {
	const data = join(folder, 'opening');
	let server = await serveApart({ data, demo: true });
	await server.stop();
	const database = new Database(join(data, 'just-enough.sqlite'));
	database.transaction(() => multiply(database, MANY))();
	database.close();
	server = await serveApart({ data });
	const browser = await browserType.launch({ executablePath: chromium(), args: chromiumFlags });
	try {
		const context = await browser.newContext({ viewport: PHONE, baseURL: server.address });
		await eightLoaded(context.request);
		const page = await context.newPage();
		await carriedEverything(page);
		const measure = async (when) => {
			const empty = await many(() => openedFor(context, '/shell', 'html[data-mounted]'));
			row(`An empty page of the program, ${when}`, `${empty.toFixed(0)} ms`, '1');
			const verdict = await many(() => openedFor(context, '/', 'h2.verdict'));
			const times = `${(verdict / empty).toFixed(1)} × the empty page, ${VERDICT} wanted`;
			row(`… the verdict, with 8 cameras and ${MANY.frames} frames`, `${verdict.toFixed(0)} ms`, times);
			await page.goto('/');
			await page.locator('h2.verdict').waitFor();
			for (const view of [
				['Bag', '/bag'],
				['Frames', '/frames'],
				['Plan', '/plan']
			]) {
				const took = await many(() => changedTo(page, view));
				row(
					`… from Shoot to ${view[0]}`,
					`${took.toFixed(0)} ms`,
					`${(took / empty).toFixed(1)} × the empty page, ${VIEW} wanted`
				);
			}
		};
		await measure('with its server');
		await server.stop();
		await measure('without');
	} finally {
		await browser.close();
		await server.stop().catch(() => {});
	}
}
