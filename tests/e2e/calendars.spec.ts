import ICAL from 'ical.js';
import { readFileSync } from 'node:fs';
import { expect, open, test } from './app';

/** What is planned goes into one's own calendar, and pictures come in the parts that are asked for. */

test.use({ demo: true });

const eventsOf = (text: string) =>
	new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));

test('a window of a day, and all outings to subscribe to', async ({ page, request }) => {
	await open(page, '/plan');
	const coming = page.waitForEvent('download');
	await page
		.getByRole('link', { name: /^Calendar/ })
		.first()
		.click();
	const file = await coming;
	const [event] = eventsOf(readFileSync((await file.path())!, 'utf8'));
	expect(event.summary).toMatch(/ with .* works$/);
	expect(event.endDate.compare(event.startDate)).toBeGreaterThan(0);

	await open(page, '/plan/outings');
	const feed = await page.getByRole('link', { name: 'Subscribe to all as a calendar' }).getAttribute('href');
	const events = eventsOf(await (await request.get(feed!)).text());
	const [outing] = (await (await request.get('/api/outings')).json()).items;
	expect(events).toHaveLength(outing.scenes.length);
	const asked = `load=${outing.id}&from=2026-05-02T10:00:00Z&to=2026-05-09T10:00:00Z&latitude=1.5&longitude=x`;
	expect((await request.get(`/api/plan/window.ics?${asked}`)).status()).toBe(422);
});

test('a picture comes whole, in part, or not at all where it is there already', async ({ request }) => {
	const [camera] = (await (await request.get('/api/cameras')).json()).items;
	const picture = readFileSync(new URL('../../docs/screenshots/plan.png', import.meta.url));
	const kept = await request.post(`/api/pictures?camera=${camera.id}&name=plan.png`, {
		data: picture,
		headers: { 'content-type': 'image/png' }
	});
	const { id } = await kept.json();
	const whole = await request.get(`/api/pictures/${id}`);
	const { etag } = whole.headers();
	const part = await request.get(`/api/pictures/${id}`, { headers: { range: 'bytes=100-199' } });
	expect(part.status()).toBe(206);
	expect((await part.body()).equals(picture.subarray(100, 200))).toBe(true);
	expect((await request.get(`/api/pictures/${id}`, { headers: { 'if-none-match': etag } })).status()).toBe(
		304
	);
	const beyond = await request.get(`/api/pictures/${id}`, { headers: { range: 'bytes=999999999-' } });
	expect(beyond.status()).toBe(416);
});
