// What is done on the bench, and from a camera's menu, before a picture is taken.
export const fromMenu = (camera, what) => async (page) => {
	await page.getByLabel(`More for ${camera}`).click();
	await page.getByRole('link', { name: `${what} of ${camera}` }).click();
};

/** The bench with a recording of the stand-in on it. */
export const benchOf = (camera) => async (page) => {
	await fromMenu(camera, 'Bench')(page);
	await page.getByLabel('Opening, mm across').fill('6.4');
	await page.getByText('No tester at hand: try a stand-in').click();
	await page.getByRole('button', { name: 'Fire it three times' }).click();
	await page.getByRole('button', { name: /^1: / }).waitFor();
};

/** A shutter by the stand-in phone's video. */
export const videoOf = (camera) => async (page) => {
	await fromMenu(camera, 'Bench')(page);
	await page.getByLabel('Measured by').selectOption({ label: 'a phone’s video through it' });
	await page.getByText('No phone at hand: try a stand-in').click();
	await page.getByRole('button', { name: 'Film it' }).click();
	await page.getByRole('list', { name: 'Firings' }).waitFor();
	await page.getByRole('button', { name: 'Film it' }).evaluate((title) => title.scrollIntoView());
};

/** What the stand-in's firings say of an eye. */
export const eyeOf = (camera) => async (page) => {
	await fromMenu(camera, 'Bench')(page);
	await page.getByText('No camera at hand: try a stand-in').click();
	await page.getByRole('button', { name: 'Fire all that is asked for' }).click();
	await page.getByText('Enough fired.').waitFor();
	await page.locator('.apexcharts-svg').first().waitFor();
	await page
		.getByRole('heading', { name: 'Its cell, without film' })
		.evaluate((title) => title.scrollIntoView());
};
