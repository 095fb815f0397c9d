// A phone without the server, and together with it again, as its pictures are taken from the demo data.
import { carriesAll } from '../carried.mjs';
import { settled } from '../settled.mjs';

/** Everything is carried, then the network goes. */
async function away(page) {
	await carriesAll(page);
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

/** A camera's name that is changed here and at the desk: which of the two is right is asked. */
async function asked(page) {
	await carriesAll(page);
	const { items } = await (await page.request.get('/api/cameras?limit=50')).json();
	const camera = items.find(({ name }) => name === 'Pebble');
	await page.goto(`/bag/camera/${camera.id}`);
	await settled(page);
	await page.context().setOffline(true);
	await page.getByLabel('Your name for it').fill('Pebble on the beach');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await page.getByText(/1 waiting/).waitFor();
	const elsewhere = { ...camera, name: 'Pebble at the desk', notes: 'Shutter cleaned.' };
	await page.request.put(`/api/cameras/${camera.id}`, { data: elsewhere });
	await page.context().setOffline(false);
	await page.getByRole('link', { name: /1 to look at/ }).click();
	await page.getByRole('alert', { name: 'Changed elsewhere' }).waitFor();
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
	{ path: '/settings', act: asked }
];
