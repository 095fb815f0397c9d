import {
	test as base,
	expect,
	request as newRequest,
	type APIRequestContext,
	type Locator,
	type Page,
	type TestInfo
} from '@playwright/test';
import axe from 'axe-core';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { serveApart } from '../../scripts/serve-apart.mjs';
import type { Camera } from '../../src/core/camera';
import type { Film } from '../../src/core/film';
import { fixedCamera, filmOf } from '../fixtures/bag';
import { wronglySpoken } from './spoken';

/** The running application of one test, with its own database. */
export interface App {
	address: string;
	/** Of its process. */
	pid: number;
	/** Ends the server and starts it again on the same data and port, with more that its command is given. */
	restart: (more?: string[]) => Promise<void>;
	/** Ends the server; nothing answers any more. */
	stop: () => Promise<void>;
	/** What it has printed since it was started last. */
	printed: () => string;
	/** The files of its data folder, and one of them. */
	files: () => string[];
	path: (name: string) => string;
	/** Puts a file there. */
	put: (name: string, content: string | Buffer) => void;
}

export const DESK = { width: 1280, height: 800 };
export const PHONE = { width: 390, height: 844 };

/** Stands for the network's side of this machine. */
export const NETWORK = '127.0.0.2';
export const PASSPHRASE = 'four grey herons wading';

/** What every story is told on. */
export const sizes = [
	['desk', DESK],
	['phone', PHONE]
] as const;

/** Signs a browser, or what asks without one, in at the desk. */
export async function signIn(desk: APIRequestContext, address = ''): Promise<void> {
	const answer = await desk.post(`${address}/api/session`, {
		data: { passphrase: PASSPHRASE, device: 'Desk' }
	});
	expect(answer.status(), await answer.text()).toBe(201);
}

interface Options {
	demo: boolean;
	/** Opened to the network, by https and with a passphrase; the desk is in. */
	lan: boolean;
	serverArgs: string[];
}

export const test = base.extend<Options & { app: App }>({
	demo: [false, { option: true }],
	lan: [false, { option: true }],
	serverArgs: [[], { option: true }],
	app: async ({ demo, lan, serverArgs }, use) => {
		const data = mkdtempSync(join(tmpdir(), 'just-enough-e2e-'));
		if (lan) writeFileSync(join(data, 'passphrase.txt'), `${PASSPHRASE}\n`);
		const opened = ['--lan', '--host', NETWORK, '--passphrase-file', join(data, 'passphrase.txt')];
		const args = [...(lan ? opened : []), ...serverArgs];
		let server = await serveApart({ data, demo, args });
		let running = true;
		const stop = async () => {
			if (running) await server.stop();
			running = false;
		};
		const restart = async (more: string[] = []) => {
			await stop();
			server = await serveApart({ data, demo, args: [...args, ...more], port: server.port });
			running = true;
		};
		const path = (name: string) => join(data, name);
		const files = () => readdirSync(data);
		const put = (name: string, content: string | Buffer) => writeFileSync(path(name), content);
		const printed = () => server.printed();
		await use({ address: server.address, pid: server.pid, restart, stop, printed, files, path, put });
		await stop();
		rmSync(data, { recursive: true, force: true });
	},
	baseURL: async ({ app }, use) => use(app.address),
	storageState: async ({ app, lan }, use) => {
		if (!lan) return use(undefined);
		const desk = await newRequest.newContext({ baseURL: app.address });
		await signIn(desk);
		await use(await desk.storageState());
		await desk.dispose();
	}
});

export { expect };

/** Addresses of records: without a network for them alone, what views show is there still. */
export const records = /\/api\/(?!views\/)/;

/** Waits until a page is ready to be used: drawn, listening, and nothing still being worked out. */
export async function ready(page: Page): Promise<void> {
	await stands(page);
	await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
}

/** Waits until a page stands: drawn, listening, and its letters do not change their width any more. */
async function stands(page: Page): Promise<void> {
	await page.locator('html[data-mounted]').waitFor();
	await page.evaluate(() => document.fonts.ready.then(() => undefined));
}

/** What a view says of itself; that the server looks slow, or that time was made to leap over its answer, is said outside it. */
export const said = (page: Page): Locator => page.getByRole('main').getByRole('status');

/** Opens a page that is ready to be used. */
export async function open(page: Page, path: string): Promise<void> {
	await page.goto(path);
	await stands(page);
}

/** The displays, the usual one first: what is looked at there is looked at in the others for its contrast alone. */
const [usual, ...others] = ['indoors', 'sunlit', 'dark'];

/** What axe finds on the page as it stands, one line a finding; in its own page, without a new one for each question. */
export async function findings(page: Page, rules?: string[]): Promise<string[]> {
	if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
	return page.evaluate(async (runOnly) => {
		const { axe } = window as unknown as { axe: typeof import('axe-core') };
		const { violations } = await axe.run(document, {
			resultTypes: ['violations'],
			...(runOnly ? { runOnly } : {})
		});
		return violations.map(
			({ id, nodes }) =>
				`${id}: ${nodes.map(({ html, failureSummary }) => `${html} ${failureSummary}`).join(' | ')}`
		);
	}, rules);
}

/** Axe finds nothing on the page as it stands, and it speaks as people do. */
export async function findsNothing(page: Page, where = page.url()): Promise<void> {
	await ready(page);
	expect(await findings(page), where).toEqual([]);
	expect(await wronglySpoken(page), where).toEqual([]);
}

/** Axe finds nothing, and every display's colours can be read. */
export async function findsNothingInAnyDisplay(page: Page, where = page.url()): Promise<void> {
	await findsNothing(page, where);
	const show = (display: string) =>
		page.evaluate((theme) => (document.documentElement.dataset.theme = theme), display);
	for (const display of others) {
		await show(display);
		expect(await findings(page, ['color-contrast']), `${where} in ${display}`).toEqual([]);
	}
	await show(usual);
}

/** Axe finds nothing, and nothing is wider than the screen. */
export async function isClean(page: Page, where = page.url()): Promise<void> {
	await findsNothing(page, where);
	await fits(page, where);
}

/** Nothing is wider than the screen. */
export async function fits(page: Page, where = page.url()): Promise<void> {
	const beyond = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
	expect(beyond, `${where} is too wide`).toBeLessThanOrEqual(0);
}

/** Keeps a picture of a state with the results of the run. */
export async function picture(page: Page, info: TestInfo, name: string): Promise<void> {
	await page.screenshot({ path: info.outputPath(`${name}.png`) });
}

/** Keeps a record by the API; its id. */
export async function stored(request: APIRequestContext, kind: string, record: object): Promise<string> {
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

/** Opens what the bag’s menu of a camera or a film leads to. */
export async function fromMenu(page: Page, of: string, what: string) {
	await open(page, '/bag');
	await page.getByLabel(`More for ${of}`).click();
	const target = page.getByRole('link', { name: `${what} of ${of}` });
	await ((await target.count()) > 0 ? target : page.getByRole('button', { name: `${what} ${of}` })).click();
}
