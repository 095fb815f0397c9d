// Bringing a phone in, at a desk of its own: opened to the network's side of this machine.
import { serveApart } from '../serve-apart.mjs';
import { settled } from '../settled.mjs';

const PASSPHRASE = 'four grey herons wading';

/** A passphrase is chosen, two phones come in, and the page shows the codes; then who is in. */
export async function atTheDoor(browser, data, size) {
	const server = await serveApart({ data, demo: true, args: ['--lan', '--host', '127.0.0.2'] });
	const context = await browser.newContext({
		viewport: size,
		baseURL: server.address,
		reducedMotion: 'reduce'
	});
	try {
		const page = await context.newPage();
		await page.goto('/');
		await page.getByLabel('Passphrase').fill(PASSPHRASE);
		await page.getByLabel('The same again').fill(PASSPHRASE);
		await page.getByRole('button', { name: 'Save and sign in' }).click();
		await page.getByRole('heading', { name: 'Phones', exact: true }).waitFor();
		for (const device of ['Phone in the field', 'Tablet in the darkroom']) {
			const away = await browser.newContext({ baseURL: server.address });
			await away.request.post('/api/session', { data: { passphrase: PASSPHRASE, device } });
			await away.close();
		}
		await page.request.post('/api/tokens', { data: { name: 'Evening backup', access: 'read' } });
		await page.reload();
		await page.getByRole('button', { name: 'Show the code' }).click();
		await page.getByText(/^4:\d\d left/).waitFor();
		await settled(page);
		const codes = await page.screenshot();
		await page
			.getByRole('heading', { name: 'Signed-in devices' })
			.evaluate((title) => title.scrollIntoView());
		await settled(page);
		return [codes, await page.screenshot()].map((picture) => picture.toString('base64'));
	} finally {
		await context.close();
		await server.stop();
	}
}
