// What is shown of Develop and Practice: what waits, a recipe, a development that runs, the course of a day, and progress.
import { settled } from '../settled.mjs';

const scene = async (page) => {
	await page.locator('canvas[data-drawn]').waitFor();
	// Drawn again each time: the spot meter is shown where the guess is told.
	await settled(page);
};

/** A scene that is being guessed. */
export const guessing = async (page) => {
	await scene(page);
	await page.keyboard.press('1');
	await page.keyboard.press('ArrowLeft');
};

const told = async (page) => {
	await guessing(page);
	await page.getByRole('button', { name: 'Check', exact: true }).click();
	await page.getByRole('button', { name: 'Next', exact: true }).waitFor();
};

const recipe = (name) => async (page) => {
	await page.getByRole('link', { name }).first().click();
	await page.getByRole('heading', { level: 1, name }).waitFor();
};

/** A development half a minute old. */
const running = async (page) => {
	await page.clock.install();
	await page.reload();
	await settled(page);
	await recipe('Fine grain')(page);
	await page.getByRole('button', { name: /^Ready/ }).click();
	await page.getByRole('button', { name: 'Begin: Develop' }).click();
	await page.clock.runFor(63_000);
	await page.getByText('Develop: agitate', { exact: true }).waitFor();
};

/** What waits, put into one tank, and the list of what to fetch for it. */
const tank = async (page) => {
	await page.getByRole('link', { name: 'Mix and start' }).first().click();
	await page.getByText('To fetch', { exact: true }).click();
	await page
		.getByRole('heading', { name: 'In the tank' })
		.or(page.getByText('In the tank', { exact: true }))
		.first()
		.evaluate((title) => title.scrollIntoView());
};

/** A quick card that is answered. */
const answered = async (page) => {
	const card = page.locator('.choice').first();
	for (;;) {
		await page.locator('canvas[data-drawn]').or(card).first().waitFor();
		if (await card.isVisible()) break;
		await page.keyboard.press('1');
		await page.keyboard.press('Enter');
		await page.getByRole('button', { name: 'Next', exact: true }).click();
	}
	await page.keyboard.press('1');
	await page.getByRole('button', { name: 'Next', exact: true }).waitFor();
};

/** A walk through five lights, in its first room. */
const walk = async (page) => {
	await page.getByRole('button', { name: 'Walk through five lights' }).click();
	await page.getByLabel('It is', { exact: true }).selectOption({ label: 'a room, or night' });
	await page.getByRole('button', { name: 'At home in the evening' }).click();
};

const progress = (page) => page.locator('.apexcharts-svg').waitFor();
const doubts = async (page) => {
	await progress(page);
	await page.getByRole('heading', { name: 'Your own margin' }).evaluate((title) => title.scrollIntoView());
};

/** The screens; the guess that is told comes after those that count the day's first scene. */
export const trayAndEye = [
	{ path: '/develop' },
	{ path: '/develop', act: running, display: 'dark' },
	{ path: '/practice/progress', act: progress },
	{ path: '/practice', act: told }
];

export const trayAndEyePhones = [
	{ path: '/develop', act: tank },
	{ path: '/develop', act: running, display: 'dark' },
	{ path: '/practice', act: guessing },
	{ path: '/practice', act: told },
	{ path: '/practice', act: answered },
	{ path: '/practice/progress', act: progress },
	{ path: '/practice/progress', act: doubts },
	{ path: '/practice/outside', act: walk }
];
