import AxeBuilder from '@axe-core/playwright';
import { test as base, expect, type APIRequestContext, type Page, type TestInfo } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { serveApart } from '../../scripts/serve-apart.mjs';
import type { Camera } from '../../src/core/camera';
import type { Film } from '../../src/core/film';
import { fixedCamera, filmOf } from '../fixtures/bag';

/** The running application of one test, with its own database. */
export interface App {
	address: string;
	/** Of its process. */
	pid: number;
	/** Ends the server and starts it again on the same data and port. */
	restart: () => Promise<void>;
	/** Ends the server; nothing answers any more. */
	stop: () => Promise<void>;
}

export const DESK = { width: 1280, height: 800 };
export const PHONE = { width: 390, height: 844 };

export const test = base.extend<{ demo: boolean; app: App }>({
	demo: [false, { option: true }],
	app: async ({ demo }, use) => {
		const data = mkdtempSync(join(tmpdir(), 'just-enough-e2e-'));
		let server = await serveApart({ data, demo });
		let running = true;
		const stop = async () => {
			if (running) await server.stop();
			running = false;
		};
		const restart = async () => {
			await stop();
			server = await serveApart({ data, demo, port: server.port });
			running = true;
		};
		await use({ address: server.address, pid: server.pid, restart, stop });
		await stop();
		rmSync(data, { recursive: true, force: true });
	},
	baseURL: async ({ app }, use) => use(app.address)
});

export { expect };

/** A page that is ready to be used: drawn, and listening. */
export async function open(page: Page, path: string): Promise<void> {
	await page.goto(path);
	await page.waitForLoadState('networkidle');
}

/** Axe finds nothing on the page as it stands. */
export async function findsNothing(page: Page, where = page.url()): Promise<void> {
	const { violations } = await new AxeBuilder({ page }).analyze();
	const found = violations.map(
		({ id, nodes }) =>
			`${id}: ${nodes.map(({ html, failureSummary }) => `${html} ${failureSummary}`).join(' | ')}`
	);
	expect(found, where).toEqual([]);
}

/** Axe finds nothing, and nothing is wider than the screen. */
export async function isClean(page: Page, where = page.url()): Promise<void> {
	await findsNothing(page, where);
	const beyond = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
	expect(beyond, `${where} is too wide`).toBeLessThanOrEqual(0);
}

/** Keeps a picture of a state with the results of the run. */
export async function picture(page: Page, info: TestInfo, name: string): Promise<void> {
	await page.screenshot({ path: info.outputPath(`${name}.png`) });
}

async function stored(request: APIRequestContext, kind: string, record: object): Promise<string> {
	const answer = await request.post(`/api/${kind}`, { data: { id: randomUUID(), ...record } });
	expect(answer.status(), await answer.text()).toBe(201);
	return (await answer.json()).id;
}

/** Puts a loaded camera into the bag by the API: for states that need several. */
export async function loadCamera(
	request: APIRequestContext,
	{
		camera = fixedCamera(),
		film = filmOf('colour-negative', 400),
		frames = 12
	}: { camera?: Camera; film?: Film; frames?: number } = {}
): Promise<{ cameraId: string; filmId: string; loadId: string }> {
	const cameraId = await stored(request, 'cameras', camera);
	const filmId = await stored(request, 'films', film);
	const loadId = await stored(request, 'loads', {
		cameraId,
		filmId,
		frames,
		loadedAt: '2026-05-02T10:00:00+01:00'
	});
	return { cameraId, filmId, loadId };
}

/** Reads the light by the API. */
export const readLight = (request: APIRequestContext, light: object) =>
	stored(request, 'readings', { takenAt: new Date().toISOString(), light });
