import Database from 'better-sqlite3';
import { readFileSync, readdirSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import { hardKills } from '../../scripts/kills.mjs';
import { fixedCamera } from '../fixtures/bag';
import { expect, findsNothingInAnyDisplay, fits, loadCamera, open, PHONE, stored, test } from './app';

/** Records are kept safe: backups, the way back, and what happens when the power goes. */

const namesOf = async (request: Parameters<typeof stored>[0]) => {
	const { items } = await (await request.get('/api/cameras')).json();
	return items.map(({ name }: { name: string }) => name);
};

test('a backup is made and gone back to from the page, and what was there before is gone back to by a command', async ({
	page,
	request,
	app
}) => {
	await stored(request, 'cameras', fixedCamera({ name: 'Then' }));
	await open(page, '/bag');
	await page.getByRole('link', { name: /Settings/ }).click();
	await expect(page.getByText('No backup yet.')).toBeVisible();
	await page.getByRole('button', { name: 'Back up now' }).click();
	await expect(page.getByText('Backed up and checked.')).toBeVisible();
	await expect(page.getByText('Last backup just now.')).toBeVisible();
	await findsNothingInAnyDisplay(page);
	await page.setViewportSize(PHONE);
	await fits(page);
	const { of, next } = await (await request.get('/api/changes')).json();
	const id = await stored(request, 'cameras', fixedCamera({ name: 'Later' }));
	const since = `/api/changes?of=${of}&since=${next}`;
	expect(await (await request.get(since)).json()).toMatchObject({
		changes: [{ kind: 'cameras', id, record: { id, name: 'Later', version: 1 } }]
	});
	await page.getByRole('button', { name: 'Restore this one' }).click();
	await expect(page.getByText('set aside, not deleted')).toBeVisible();
	await page.getByRole('button', { name: 'Restore it' }).click();
	await expect(page.getByText(/Restored\. Your previous records are kept as .*before-/)).toBeVisible();
	expect(await namesOf(request)).toEqual(['Then']);
	// Who knew the records of before is told to begin anew.
	expect((await request.get(since)).status()).toBe(410);
	const aside = app.files().find((name) => name.startsWith('before-'))!;
	await app.restart(['--restore', app.path(aside)]);
	expect(await namesOf(request)).toEqual(['Later', 'Then']);
	expect((await request.post('/api/backups/just-enough.sqlite/restore')).status()).toBe(404);
});

test('a database of an earlier version is backed up before its tables are changed', async ({ page, app }) => {
	await app.stop();
	const old = new URL('../fixtures/released/0.7.0.sqlite.gz', import.meta.url);
	app.put('just-enough.sqlite', gunzipSync(readFileSync(old)));
	await app.restart();
	const [backup, ...more] = readdirSync(app.path('backups'));
	expect(more).toEqual([]);
	const [before, now] = [`backups/${backup}`, 'just-enough.sqlite'].map((name) => {
		const database = new Database(app.path(name), { readonly: true });
		const tables = database.pragma('user_version', { simple: true });
		database.close();
		return Number(tables);
	});
	expect(before).toBeLessThan(now);
	await open(page, '/settings');
	await expect(page.getByText('Last backup just now.')).toBeVisible();
	await open(page, '/frames');
	await expect(page.getByRole('heading', { level: 2 }).first()).toBeVisible();
});

test.describe('with a second folder that is not there', () => {
	test.use({ serverArgs: ['--second-backup', '/no/such/disk'] });

	test('the failure is said in every view, with why', async ({ page, request }) => {
		await stored(request, 'cameras', fixedCamera({ name: 'Then' }));
		await open(page, '/settings');
		await page.getByRole('button', { name: 'Back up now' }).click();
		await expect(page.getByText('The backup was not made everywhere.')).toBeVisible();
		await expect(page.getByText('The second folder /no/such/disk is not there.').first()).toBeVisible();
		await open(page, '/bag');
		await expect(page.getByText('The last backup failed.')).toBeVisible();
	});
});

test('what was said to be saved is there after twenty hard ends, also while tables change', async () => {
	const { missing, acknowledged, backups } = await hardKills({ times: 20 });
	expect(missing).toEqual([]);
	expect(acknowledged).toBeGreaterThan(40);
	expect(backups).toBeGreaterThan(0);
});

test('what was changed elsewhere since it was opened is not deleted from a page that does not know', async ({
	page,
	request
}) => {
	const { loadId } = await loadCamera(request);
	const settings = { f: 11, seconds: 0.01, compensation: null, iso: null };
	const frame = {
		loadId,
		number: 1,
		takenAt: '2026-05-02T10:00:00Z',
		light: null,
		settings,
		predicted: null
	};
	const id = await stored(request, 'frames', frame);
	await open(page, `/frames/${id}`);
	await request.put(`/api/frames/${id}`, { data: { ...frame, id, version: 1, note: 'Said elsewhere' } });
	await page.getByRole('button', { name: 'Delete this frame' }).click();
	await expect(page.getByText('it was changed elsewhere since you opened it here')).toBeVisible();
	expect((await request.get(`/api/frames/${id}`)).status()).toBe(200);
});
