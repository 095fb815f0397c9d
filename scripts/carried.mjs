/**
 * Waits until all records are carried in the browser.
 *
 * @param {import('@playwright/test').Page} page
 */
export async function carriesAll(page) {
	await page.goto('/settings');
	await page.getByText('Everything is here').waitFor();
}
