// The help with the hard situations, as its pictures are taken from the demo data.
import { getTimes } from 'suncalc';
import { settled } from '../settled.mjs';

/** Chooses a camera that is not chosen yet. */
async function choose(page, camera) {
	const lane = page.getByRole('button', { name: new RegExp(`^${camera}`), pressed: false });
	if ((await lane.count()) > 0) await lane.first().click();
}

/** A light darker by so many thirds of a stop, a camera, and the help opened. */
const help =
	(thirds, camera, name, more = async () => {}) =>
	async (page) => {
		await settled(page);
		for (let step = 0; step < thirds; step++) await page.keyboard.press('ArrowLeft');
		await choose(page, camera);
		await page.getByRole('group', { name: 'Help with' }).getByRole('button', { name }).click();
		const sheet = page.getByRole('dialog', { name, exact: true });
		await more(sheet);
	};

const stands = (metres) => (sheet) => sheet.getByLabel(/^Your subject stands at/).fill(String(metres));

/** A lamp at arm's length with a fill and a wall behind. */
async function lit(sheet) {
	await sheet.getByLabel('Metered with the lamp at, m').fill('1.5');
	await sheet.getByLabel('Lamp now at, m').fill('0.9');
	await sheet.getByLabel('A second lamp like it').check();
	await sheet.getByLabel('Fill at, m').fill('1.8');
	await sheet.getByLabel('In front of it now').selectOption({ index: 1 });
}

/** The demo's net loft. */
const [LATITUDE, LONGITUDE] = [54.62, -4.21];
const AFTER_SUNSET_MS = 600_000;

/** This evening there, whenever the picture is taken. */
async function evening(page) {
	const { sunset } = getTimes(new Date(), LATITUDE, LONGITUDE);
	await page.clock.setFixedTime(sunset.getTime() + AFTER_SUNSET_MS);
	await page.reload();
	await settled(page);
}

async function counting(page) {
	for (let step = 0; step < 22; step++) await page.keyboard.press('ArrowLeft');
	await choose(page, 'Tin Box');
	await page.clock.install();
	await page.getByRole('button', { name: /^Count/ }).click();
	await page.clock.runFor(5000);
	await page.getByText('Open', { exact: true }).waitFor();
}

export const hardSituations = [
	{ path: '/', act: counting },
	{
		path: '/',
		act: async (page) => {
			await evening(page);
			await help(22, 'Tin Box', 'Night')(page);
		}
	},
	{ path: '/', act: help(20, 'Pebble', 'Flash', stands(1.6)) },
	{ path: '/', act: help(6, 'Pebble', 'Lamp', lit) },
	{ path: '/', act: help(0, 'Bellows Wide', 'Sharp zone', stands(1.2)) },
	{ path: '/', act: help(0, 'Clockwork 8', 'Shots') }
];
