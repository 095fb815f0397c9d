// How true a counted exposure is: a minute of it, against the clock of another process.
import { performance } from 'node:perf_hooks';
import { join } from 'node:path';
import { chromium as browserType } from '@playwright/test';
import { serveApart } from '../serve-apart.mjs';
import { opened } from '../settled.mjs';
import { chromium, chromiumFlags } from '../steps.mjs';

/** Counts about a minute, s. */
const ABOUT_A_MINUTE = /^Count (50 s|1 min|1 min 20 s)/;
const MOST_STEPS = 60;
const MINUTE_MS = 60_000;
const TENTH_MS = 100;
const NINETY_FIVE = 0.95;

/** Keeps hold of the page's sound, whose clock is asked later, and of when its last tone is to begin. */
const keepSound = () => {
	const Original = AudioContext;
	const start = OscillatorNode.prototype.start;
	window.sounds = [];
	window.tones = [];
	OscillatorNode.prototype.start = function (when) {
		window.tones.push({ pitch: this.frequency.value, when });
		start.call(this, when);
	};
	window.AudioContext = class extends Original {
		constructor() {
			super();
			window.sounds.push(this);
		}
	};
};

/** Notes, ms, how late each tenth of a second is shown. */
const watchFigure = () => {
	const { begunAt, countIn, wanted } = JSON.parse(localStorage.getItem('just-enough-count'));
	window.late = [];
	const figure = document.querySelector('.time');
	new MutationObserver(() => {
		const now = performance.timeOrigin + performance.now();
		const shown = Number(figure.textContent);
		// A tenth is shown from half a tenth before it on.
		if (figure.textContent.includes('.') && !figure.textContent.startsWith('+'))
			window.late.push(now - (begunAt + (countIn + wanted - shown - 0.05) * 1000));
	}).observe(figure, { characterData: true, subtree: true, childList: true });
};

const clocks = () => [performance.now(), window.sounds.at(-1).currentTime * 1000];

/** How late, ms, the closing tone began: its time on the sound's clock, by where both clocks stand now. */
const closingTone = ([own, sound]) => {
	const { begunAt, countIn, wanted } = JSON.parse(localStorage.getItem('just-enough-count'));
	const { when } = window.tones.filter(({ pitch }) => pitch > 1200).at(-1);
	const began = performance.timeOrigin + own - (sound - when * 1000);
	return began - (begunAt + (countIn + wanted) * 1000);
};

/** The page's clocks between two readings of ours, which stand half of the way there and back. */
async function readClocks(page) {
	const before = performance.now();
	const [own, sound] = await page.evaluate(clocks);
	return { here: (before + performance.now()) / 2, own, sound };
}

function rowsOf({ drift, sound, closing, late }) {
	const parts = (ms) => `${((Math.abs(ms) / MINUTE_MS) * 1e6).toFixed(0)} millionths`;
	return [
		['The clock of a count in Chromium, off after a minute', `${drift.toFixed(1)} ms`, parts(drift)],
		['The clock of its sound, left alone, off after a minute', `${sound.toFixed(1)} ms`, parts(sound)],
		['Its closing sound after about a minute, late', `${closing.toFixed(1)} ms`, parts(closing)],
		[
			'Its figures, p95 late',
			`${late.toFixed(1)} ms`,
			`${(late / TENTH_MS).toFixed(2)} of a tenth of a second`
		]
	];
}

/**
 * Counts a minute in Chromium.
 *
 * @returns rows: what was measured, ms, and its ratio
 */
export async function measureCount(folder) {
	const server = await serveApart({ data: join(folder, 'count'), demo: true });
	const browser = await browserType.launch({
		executablePath: chromium(),
		args: [...chromiumFlags, '--autoplay-policy=no-user-gesture-required']
	});
	try {
		const page = await browser.newPage({ baseURL: server.address });
		await page.addInitScript(keepSound);
		await opened(page, '/');
		const lane = page.getByRole('button', { name: /^Tin Box/, pressed: false });
		if ((await lane.count()) > 0) await lane.first().click();
		const button = page.getByRole('button', { name: ABOUT_A_MINUTE });
		for (let step = 0; step < MOST_STEPS && (await button.count()) === 0; step++)
			await page.keyboard.press('ArrowLeft');
		await button.click();
		await page.evaluate(watchFigure);
		// The sound's clock stands still until its device has started.
		await page.waitForFunction(() => window.sounds.at(-1).currentTime > 0.5);
		const from = await readClocks(page);
		await page.getByText('Close now').waitFor({ timeout: 3 * MINUTE_MS });
		const to = await readClocks(page);
		const closing = await page.evaluate(closingTone, [to.own, to.sound]);
		const late = (await page.evaluate(() => window.late)).sort((a, b) => a - b);
		const passed = to.here - from.here;
		const aMinute = MINUTE_MS / passed;
		return rowsOf({
			drift: (to.own - from.own - passed) * aMinute,
			sound: (to.sound - from.sound - passed) * aMinute,
			closing,
			late: late[Math.floor(late.length * NINETY_FIVE)]
		});
	} finally {
		await browser.close();
		await server.stop();
	}
}
