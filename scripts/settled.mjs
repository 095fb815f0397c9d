// When a page stands still: drawn, with its letters and pictures, and nothing being worked out. A network that listens is never idle.

/** @param {import('@playwright/test').Page} page */
export async function settled(page) {
	await page.locator('html[data-mounted]').waitFor();
	await page.evaluate(async () => {
		const drawn = () => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve)));
		await drawn();
		await document.fonts.ready;
		await drawn();
		while (document.querySelector('[aria-busy=true]')) await drawn();
		const seen = [...document.images].filter(({ loading }) => loading !== 'lazy');
		await Promise.all(seen.map((image) => image.decode().catch(() => {})));
		await drawn();
	});
}

/**
 * Opens a page, and waits until it stands still.
 *
 * @param {import('@playwright/test').Page} page
 * @param {string} path
 */
export async function opened(page, path) {
	await page.goto(path);
	await settled(page);
}
