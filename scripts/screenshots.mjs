// Takes the pictures of docs/screenshots from the demo data, in an own server and an own database.
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { chromium as browserType } from '@playwright/test';
import { atTheDoor } from './pictures/at-the-door.mjs';
import { benchOf, eyeOf, fromMenu, videoOf } from './pictures/bench.mjs';
import { hardSituations } from './pictures/hard-situations.mjs';
import { withoutServer } from './pictures/without-server.mjs';
import { guessing, trayAndEye, trayAndEyePhones } from './pictures/tray-and-eye.mjs';
import { serveApart } from './serve-apart.mjs';
import { opened, settled } from './settled.mjs';
import { build, chromium, chromiumFlags, install, main, root } from './steps.mjs';

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const openLink = (name) => (page) => page.getByRole('link', { name }).first().click();
const chooseLane = (name) => (page) => page.getByRole('button', { name, pressed: false }).click();

/** A light beyond what an eye can follow, and its camera chosen. */
const sun = (camera) => async (page) => {
	for (let step = 0; step < 7; step++) await page.keyboard.press('ArrowRight');
	await chooseLane(new RegExp(`^${camera}`))(page);
	await page.locator('.remedy').first().waitFor();
};

/** The first filter among the remedies, looked at. */
const lookAtRemedy = (camera) => async (page) => {
	await chooseLane(new RegExp(`^${camera}`))(page);
	await page.getByRole('button', { name: /^ND/ }).first().click();
};

/** The pack that taught what the camera gives, its simulated prints drawn. */
const taughtPack = async (page) => {
	await page
		.getByRole('link', { name: /^Wedge/ })
		.nth(1)
		.click();
	await page.getByText('8 of 8 frames logged').waitFor();
	await printed(page);
};

/** A frame beside the simulated prints, with one picked. */
const judged = async (page) => {
	await page.getByRole('link', { name: /^Paddle 66 Marram/ }).click();
	await page
		.getByRole('link', { name: /^Judge frame 1/ })
		.first()
		.click();
	await page.getByRole('radio', { name: '⅔ stop too light' }).check({ force: true });
	await printed(page);
};

/** Waits until every print of the page has its pixels. */
const printed = (page) =>
	page.waitForFunction(() => {
		const all = [...document.querySelectorAll('canvas')].filter((canvas) => canvas.checkVisibility());
		return all.every((canvas) => canvas.getContext('2d').getImageData(0, 0, 1, 1).data[3] > 0);
	});
/** The outing of the demo, once it is packed. */
const packed = async (page) => {
	await openLink(/^Lantern walk/)(page);
	await page.locator('.carried').waitFor();
};
const packedBelow = async (page) => {
	await packed(page);
	await page.getByRole('heading', { name: 'What to carry' }).evaluate((title) => title.scrollIntoView());
};
/** A camera that several films of the bag go into. */
const year = async (page) => {
	await page.getByLabel('Camera', { exact: true }).selectOption({ label: 'Paddle 66' });
	await page.getByRole('button', { name: 'Marram 400' }).waitFor();
};
const yearBelow = async (page) => {
	await year(page);
	await page.getByRole('heading', { name: /^Which film/ }).evaluate((title) => title.scrollIntoView());
};
/** A roll that its camera’s limit cost, and what would have saved it, frame by frame. */
const saved = async (page) => {
	await openLink(/^Wedge[^]*7 frames, judged/)(page);
	await openLink('What would have saved the lost ones')(page);
	await page
		.getByRole('button', { name: /^Replay with it/ })
		.first()
		.click();
	await page.getByText(/of them well, instead of/).waitFor();
};
/** The folding instant with the faster film: as it is, behind a filter, converted. */
const compared = async (page) => {
	await page.getByLabel('Camera', { exact: true }).selectOption({ label: 'Wedge' });
	await page.getByRole('button', { name: 'Wrack 640 with ND 0.6: change it' }).waitFor();
	await page.getByLabel('Frames a year').fill('60');
};
const dayList = (page) => page.getByRole('button', { name: 'Scenes' }).click();
const drawn = (what) => (page) => page.locator(what).first().waitFor();

/** A frame that has just been logged, while its print develops. */
const logged = (camera) => async (page) => {
	for (let step = 0; step < 9; step++) await page.keyboard.press('ArrowLeft');
	await chooseLane(new RegExp(`^${camera}`))(page);
	await page.getByRole('button', { name: /^Took frame/ }).click();
	await page.getByText(/ saved$/).waitFor();
};

/** Twinlet with its aperture, a filter and a support set on it. */
const rigged = async (page) => {
	await chooseLane(/^Twinlet/)(page);
	const on = page.getByRole('region', { name: 'Do' });
	await on.getByText('On the camera', { exact: true }).click();
	await on.getByLabel('Aperture', { exact: true }).selectOption({ index: 2 });
	await on.getByLabel('Light on its eye').selectOption({ label: '1 stop darker' });
	await on.getByRole('checkbox', { name: /^ND 0.6/ }).check();
	await on.getByRole('checkbox', { name: 'It’s on a tripod or a wall' }).check();
	await on.getByText('On the camera', { exact: true }).click();
	await page.evaluate(() => document.activeElement?.blur());
	await on.evaluate((region) => region.scrollTo(0, 0));
	await page.evaluate(() => window.scrollTo(0, 0));
};
/** The frame that was taken so, in the table of its load. */
const loggedRig = async (page) => {
	await rigged(page);
	await page.getByRole('button', { name: /^Took frame/ }).click();
	await page.getByText(/ saved$/).waitFor();
	await openLink('Frames')(page);
	await page
		.getByRole('link', { name: /^Twinlet/ })
		.first()
		.click();
	await page.getByRole('link', { name: 'As a table' }).click();
	await page.getByRole('table').waitFor();
};

/** Each view: its name, where it is, how large, and what is done before the picture. */
const views = [
	{ name: 'shoot-desk', path: '/', size: DESK, act: chooseLane(/^Paddle 66/) },
	{ name: 'shoot-phone', path: '/', size: PHONE, act: chooseLane(/^Paddle 66/) },
	{ name: 'plan', path: '/plan', size: DESK, act: drawn('.bands') },
	{ name: 'course', path: '/practice', size: DESK, act: guessing }
];

/** Screens of a phone that are put beside each other in one picture. */
const phones = [
	{ path: '/', empty: true },
	{ path: '/', act: chooseLane(/^Wedge/) },
	{ path: '/bag' },
	{ path: '/', act: logged('Wedge') },
	{ path: '/plan', act: drawn('.bands') },
	{ path: '/plan/year', act: yearBelow },
	{ path: '/plan/outings', act: packedBelow },
	{ path: '/', act: dayList },
	{ path: '/frames', act: taughtPack },
	{ path: '/frames', act: judged },
	{ path: '/frames/learnt' },
	{ path: '/frames/honest', act: drawn('.apexcharts-svg') }
].map((view) => ({ ...view, size: PHONE }));

/** A camera before it is loaded. */
const known = [
	{ path: '/bag', act: fromMenu('Paddle 66', 'Pocket card') },
	{ path: '/bag', act: fromMenu('Paddle 66', 'Reach sheet') },
	{ path: '/bag', act: benchOf('Paddle 66') },
	{ path: '/bag', act: eyeOf('Wedge') },
	{ path: '/bag', act: videoOf('Paddle 66') },
	{ path: '/bag/steps', act: (page) => page.keyboard.press('ArrowRight') },
	{ path: '/bag' }
].map((view) => ({ ...view, size: DESK }));

/** An eye at its limit, and what would help. */
const limits = [
	{ path: '/', act: sun('Wedge') },
	{ path: '/', act: lookAtRemedy('Wedge') }
].map((view) => ({ ...view, size: DESK }));

/** What is on the camera, and what is left of a phone between the bars of its browser. */
const BARS = { width: 390, height: 664 };
const inHand = [
	{ path: '/', act: rigged },
	{ path: '/', act: loggedRig }
].map((view) => ({ ...view, size: DESK }));
const inHandPhones = [
	{ path: '/', act: sun('Wedge') },
	{ path: '/', act: logged('Wedge') },
	{ path: '/', act: rigged, display: 'sunlit' },
	{ path: '/', act: chooseLane(/^Tin Box/), display: 'dark' }
].map((view) => ({ ...view, size: BARS }));

const learnt = [
	{ path: '/frames/learnt' },
	{ path: '/frames/honest', act: drawn('.apexcharts-svg') },
	{ path: '/frames/all?q=quay' }
].map((view) => ({ ...view, size: DESK }));

/** A load, and one of its frames beside the simulated prints. */
const frames = [
	{ path: '/frames', act: taughtPack },
	{ path: '/frames', act: judged }
].map((view) => ({ ...view, size: DESK }));

/** What is looked at the evening before. */
const before = [
	{ path: '/plan/year', act: year },
	{ path: '/plan/outings', act: packed },
	{ path: '/bag/stock' },
	{ path: '/plan/compare', act: compared },
	{ path: '/frames', act: saved }
].map((view) => ({ ...view, size: DESK }));

const desks = { size: DESK, row: 2, scale: 0.75 };
/** Several screens in one picture. */
const sheets = [
	{ name: 'phones', views: phones },
	{ name: 'in-hand', views: inHand, layout: desks },
	{ name: 'in-hand-phones', views: inHandPhones, layout: { size: BARS } },
	{ name: 'before', views: before, layout: desks },
	{ name: 'known', views: known, layout: desks },
	{ name: 'shoot-limits', views: limits, layout: desks },
	{ name: 'frames', views: frames, layout: desks },
	{ name: 'learnt', views: learnt, layout: desks },
	{ name: 'tray-and-eye', views: trayAndEye.map((view) => ({ ...view, size: DESK })), layout: desks },
	{ name: 'tray-and-eye-phones', views: trayAndEyePhones.map((view) => ({ ...view, size: PHONE })) },
	{ name: 'hard', views: hardSituations.map((view) => ({ ...view, size: DESK })), layout: desks },
	{
		name: 'hard-phones',
		views: ['indoors', 'dark'].flatMap((display) =>
			hardSituations.map((view) => ({ ...view, size: PHONE, display }))
		),
		layout: { row: hardSituations.length }
	},
	// Last: a frame comes home in it.
	{ name: 'without-server', views: withoutServer.map((view) => ({ ...view, size: PHONE })) }
];

/** Ways of reading light whose panels are put beside each other in one picture. */
const ways = ['Shadows', 'Meter', 'Photo', 'Sun', 'Place', 'Lamp', 'Guess', 'Click'];

/** Pictures of one size beside each other, so many in a row, as one. */
async function sheetOf(page, pictures, path, { size = PHONE, row = 4, scale = 1 } = {}) {
	const rows = Math.ceil(pictures.length / row);
	const [width, height] = [size.width * scale, size.height * scale];
	await page.setViewportSize({ width: row * (width + 12) + 12, height: rows * (height + 12) + 12 });
	await page.setContent(
		`<body style="margin:12px;display:grid;grid-template-columns:repeat(${row},auto);gap:12px;background:#888">${pictures
			.map((picture) => `<img width="${width}" height="${height}" src="data:image/png;base64,${picture}">`)
			.join('')}</body>`
	);
	await page.screenshot({ path });
}

/** Each way's panel on one sheet. */
async function takeWays(browser, address, out) {
	const context = await browser.newContext({
		viewport: PHONE,
		baseURL: address,
		reducedMotion: 'reduce',
		locale: 'en-GB'
	});
	const page = await context.newPage();
	await opened(page, '/');
	await chooseLane(/^Wedge/)(page);
	await page.getByRole('button', { name: 'Read the light', exact: true }).click();
	const panels = [];
	for (const way of ways) {
		const group = page.getByRole('group', { name: 'Way of reading the light' });
		await group.getByText(way, { exact: true }).click();
		panels.push((await page.screenshot()).toString('base64'));
	}
	await sheetOf(page, panels, join(out, 'light-ways.png'));
	await context.close();
}

/** Screens on one sheet. */
async function takeSheet(browser, addressOf, views, path, layout) {
	const screens = [];
	for (const view of views) screens.push((await picture(browser, addressOf(view), view)).toString('base64'));
	const page = await browser.newPage();
	await sheetOf(page, screens, path, layout);
	await page.close();
}

/** The picture of a view. */
async function picture(browser, address, view) {
	const context = await browser.newContext({
		viewport: view.size,
		baseURL: address,
		reducedMotion: 'reduce',
		locale: 'en-GB'
	});
	if (view.display) await context.addCookies([{ name: 'display', value: view.display, url: address }]);
	const page = await context.newPage();
	await opened(page, view.path);
	if (view.act) {
		await view.act(page);
		await settled(page);
	}
	await settled(page);
	const taken = await page.screenshot({ fullPage: view.whole ?? false });
	await context.close();
	return taken;
}

await main(async () => {
	const { values, positionals } = parseArgs({
		options: { out: { type: 'string', default: join(root, 'docs', 'screenshots') } },
		allowPositionals: true
	});
	install();
	build();
	mkdirSync(values.out, { recursive: true });
	const wanted = views.filter(({ name }) => positionals.length === 0 || positionals.includes(name));
	const data = mkdtempSync(join(tmpdir(), 'just-enough-pictures-'));
	const servers = [];
	const browser = await browserType.launch({ executablePath: chromium(), args: chromiumFlags });
	try {
		const demo = await serveApart({ data: join(data, 'demo'), demo: true });
		const empty = await serveApart({ data: join(data, 'empty') });
		servers.push(demo, empty);
		const addressOf = (view) => (view.empty ? empty : demo).address;
		for (const view of wanted) {
			writeFileSync(join(values.out, `${view.name}.png`), await picture(browser, addressOf(view), view));
		}
		for (const { name, views: screens, layout } of sheets) {
			if (positionals.length === 0 || positionals.includes(name))
				await takeSheet(browser, addressOf, screens, join(values.out, `${name}.png`), layout);
		}
		if (positionals.length === 0 || positionals.includes('light-ways'))
			await takeWays(browser, demo.address, values.out);
		if (positionals.length === 0 || positionals.includes('door')) {
			const page = await browser.newPage();
			const screens = await atTheDoor(browser, join(data, 'door'), DESK);
			await sheetOf(page, screens, join(values.out, 'door.png'), desks);
		}
		console.log(`${wanted.length} pictures in ${values.out}`);
	} finally {
		await browser.close();
		for (const server of servers) await server.stop();
		rmSync(data, { recursive: true, force: true });
	}
});
