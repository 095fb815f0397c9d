// Takes the pictures of docs/screenshots from the demo data, in an own server and an own database.
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { chromium as browserType } from '@playwright/test';
import { serveApart } from './serve-apart.mjs';
import { build, chromium, chromiumFlags, install, main, root } from './steps.mjs';

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const openLink = (name) => (page) => page.getByRole('link', { name }).first().click();
const fromMenu = (camera, what) => async (page) => {
	await page.getByLabel(`More for ${camera}`).click();
	await page.getByRole('link', { name: `${what} of ${camera}` }).click();
};

/** The bench with a recording of the stand-in on it. */
const benchOf = (camera) => async (page) => {
	await fromMenu(camera, 'Bench')(page);
	await page.getByLabel('Opening, mm across').fill('6.4');
	await page.getByText('No tester at hand: try a stand-in').click();
	await page.getByRole('button', { name: 'Fire it three times' }).click();
	await page.getByRole('button', { name: /^1: / }).waitFor();
};
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

/** Each view: its name, where it is, how large, and what is done before the picture. */
const views = [
	{ name: 'shoot-desk', path: '/', size: DESK, act: chooseLane(/^Paddle 66/) },
	{ name: 'shoot-phone', path: '/', size: PHONE, act: chooseLane(/^Paddle 66/) },
	{ name: 'shoot-phone-dark', path: '/', size: PHONE, display: 'dark', act: chooseLane(/^Paddle 66/) },
	{ name: 'shoot-desk-sunlit', path: '/', size: DESK, display: 'sunlit' },
	{ name: 'shoot-clamped', path: '/', size: DESK, act: sun('Wedge') },
	{ name: 'shoot-remedy', path: '/', size: DESK, act: lookAtRemedy('Wedge') },
	{ name: 'shoot-phone-automatic', path: '/', size: PHONE, act: chooseLane(/^Wedge/) },
	{ name: 'bag', path: '/bag', size: DESK },
	{ name: 'bag-phone', path: '/bag', size: PHONE },
	{ name: 'camera', path: '/bag', size: DESK, act: openLink(/^Wedge/), whole: true },
	{ name: 'card', path: '/bag', size: DESK, act: fromMenu('Paddle 66', 'Pocket card') },
	{ name: 'reach', path: '/bag', size: DESK, act: fromMenu('Paddle 66', 'Reach sheet') },
	{ name: 'bench', path: '/bag', size: DESK, act: benchOf('Paddle 66'), whole: true },
	{ name: 'load', path: '/bag/load', size: DESK },
	{ name: 'frames', path: '/frames', size: DESK, act: openLink(/^Paddle 66/) },
	{ name: 'frames-phone', path: '/frames', size: PHONE, act: openLink(/^Paddle 66/) },
	{ name: 'start', path: '/', size: DESK, empty: true },
	{ name: 'start-phone', path: '/', size: PHONE, empty: true }
];

/** Ways of reading light whose panels are put beside each other in one picture. */
const ways = ['Shadows', 'Meter', 'Photo', 'Sun', 'Place', 'Lamp', 'Guess', 'Click'];

/** Each way's panel, and all of them on one sheet. */
async function takeWays(browser, address, out) {
	const context = await browser.newContext({ viewport: PHONE, baseURL: address, reducedMotion: 'reduce' });
	const page = await context.newPage();
	await page.goto('/', { waitUntil: 'networkidle' });
	await chooseLane(/^Wedge/)(page);
	await page.getByRole('button', { name: 'Read the light', exact: true }).click();
	const panels = [];
	for (const way of ways) {
		const group = page.getByRole('group', { name: 'Way of reading the light' });
		await group.getByText(way, { exact: true }).click();
		panels.push((await page.screenshot()).toString('base64'));
	}
	await page.setViewportSize({ width: 4 * PHONE.width + 60, height: 2 * PHONE.height + 36 });
	await page.setContent(
		`<body style="margin:12px;display:grid;grid-template-columns:repeat(4,auto);gap:12px;background:#888">${panels
			.map((panel) => `<img src="data:image/png;base64,${panel}">`)
			.join('')}</body>`
	);
	await page.screenshot({ path: join(out, 'light-ways.png') });
	await context.close();
}

/** Once what the last step asked for is drawn, fonts that it needs included. */
const settled = (page) =>
	page.evaluate(async () => {
		const drawn = () => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve)));
		await drawn();
		await document.fonts.ready;
		await drawn();
	});

async function take(browser, address, view, out) {
	const context = await browser.newContext({
		viewport: view.size,
		baseURL: address,
		reducedMotion: 'reduce'
	});
	if (view.display) await context.addCookies([{ name: 'display', value: view.display, url: address }]);
	const page = await context.newPage();
	await page.goto(view.path, { waitUntil: 'networkidle' });
	if (view.act) {
		await view.act(page);
		await page.waitForLoadState('networkidle');
	}
	await settled(page);
	await page.screenshot({ path: join(out, `${view.name}.png`), fullPage: view.whole ?? false });
	await context.close();
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
		for (const view of wanted) await take(browser, (view.empty ? empty : demo).address, view, values.out);
		if (positionals.length === 0 || positionals.includes('light-ways'))
			await takeWays(browser, demo.address, values.out);
		console.log(`${wanted.length} pictures in ${values.out}`);
	} finally {
		await browser.close();
		for (const server of servers) await server.stop();
		rmSync(data, { recursive: true, force: true });
	}
});
