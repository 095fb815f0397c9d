// A phone without the server, and together with it again, as its pictures are taken from the demo data.
import { settled } from '../settled.mjs';

/** Everything is carried, then the network goes. */
async function away(page) {
	await page.goto('/settings');
	await page.getByText('All of it is here').waitFor();
	await page.goto('/');
	await settled(page);
	await page.context().setOffline(true);
	await page
		.getByRole('button', { name: /^Wedge/ })
		.first()
		.click();
}
async function logged(page) {
	await away(page);
	await page.getByRole('button', { name: /^Took frame/ }).click();
	await page.getByText('Not saved yet').waitFor();
}
/** The load of the camera that was shot, on Frames. */
async function load(page) {
	await page.getByRole('link', { name: 'Frames', exact: true }).click();
	await page
		.getByRole('link', { name: /^Wedge/ })
		.first()
		.click();
	await page.getByRole('heading', { level: 2, name: /^Wedge/ }).waitFor();
}

export const withoutServer = [
	{ path: '/', act: logged },
	{
		path: '/',
		act: async (page) => {
			await logged(page);
			await load(page);
			await page.getByText(/1 waiting/).waitFor();
		}
	},
	{
		path: '/',
		act: async (page) => {
			await logged(page);
			await load(page);
			await page.context().setOffline(false);
			await page.getByText(/1 waiting/).waitFor({ state: 'hidden' });
			await page.getByText('No server').waitFor({ state: 'hidden' });
		}
	},
	{
		path: '/settings',
		act: async (page) => {
			await page.getByText('All of it is here').evaluate((text) => text.scrollIntoView({ block: 'center' }));
		}
	}
];
