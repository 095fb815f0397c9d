import { zipSync } from 'fflate';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { v4 as uuid } from 'uuid';
import { beforeEach, describe, expect, it } from 'vitest';
import type { RecordKind } from '$contract/records';
import { fixedCamera } from '../../../tests/fixtures/bag';
import { contentOf, folder, grey, NOW, on, talliesOf } from '../../../tests/fixtures/folders';
import { lookThrough, takeArchive } from './task';

describe('an archive that is none, or means no good', () => {
	let to: string;
	beforeEach(() => {
		to = folder();
		on(to, (tables) => tables.cameras.create(uuid(), fixedCamera({ name: 'Here' })));
	});
	const head = { format: 'just-enough-archive', form: 1, program: '0.15.0', made: NOW.toISOString() };
	const recordsOf = (records: Partial<Record<RecordKind, object[]>> = {}, pictures: object[] = []) =>
		Buffer.from(JSON.stringify({ ...head, records, pictures }));
	const fileOf = (bytes: Uint8Array) => {
		const file = join(folder(), 'bad.zip');
		writeFileSync(file, bytes);
		return file;
	};
	async function refused(bytes: Uint8Array, why: RegExp) {
		const before = contentOf(to);
		for (const looked of [await lookThrough(fileOf(bytes), to), await takeArchive(fileOf(bytes), to, 'take')])
			expect(looked).toMatchObject({ refused: expect.stringMatching(why) });
		expect(contentOf(to)).toEqual(before);
	}
	/** The last place of some bytes: that of the list at the end of a zip. */
	const lastOf = (bytes: Buffer, text: string) => bytes.lastIndexOf(text, undefined, 'latin1');

	it('is refused with a word: no zip, half a zip, another zip, another text, a newer one', async () => {
		await refused(Buffer.from('a text'), /zip can’t be read/);
		const whole = zipSync({ 'records.json': recordsOf() });
		await refused(whole.slice(0, whole.length - 30), /zip can’t be read/);
		await refused(zipSync({ 'a.txt': Buffer.from('x') }), /There is no records\.json/);
		await refused(zipSync({ 'records.json': Buffer.from('[1]') }), /isn’t from an archive/);
		await refused(zipSync({ 'records.json': Buffer.from([0xff, 0xfe]) }), /isn’t from an archive/);
		const newer = Buffer.from(JSON.stringify({ ...head, form: 2, records: {}, pictures: [] }));
		await refused(zipSync({ 'records.json': newer }), /newer version/);
		await refused(zipSync({ 'records.json': recordsOf({ frames: [null] as never }) }), /damaged/);
		for (const made of [undefined, 5, 'yesterday', '2026-02-30T10:00:00Z']) {
			const undated = Buffer.from(JSON.stringify({ ...head, made, records: {}, pictures: [] }));
			await refused(zipSync({ 'records.json': undated }), /damaged/);
		}
	});

	it('is refused with a word: paths that lead out, names twice, bombs, sizes that lie', async () => {
		await refused(
			zipSync({ 'records.json': recordsOf(), '../../evil': Buffer.from('x') }),
			/invalid relative path/
		);
		await refused(zipSync({ 'records.json': recordsOf(), '/etc/evil': Buffer.from('x') }), /absolute path/);
		const twice = Buffer.from(zipSync({ 'records.json': recordsOf(), 'Records.json': recordsOf() }));
		await refused(twice, /twice/);
		await refused(
			zipSync({ 'records.json': Buffer.alloc(60 * 1024 ** 2, 0x20) }, { level: 9 }),
			/far more than it should/
		);
		// Of the list's entry the size when unpacked stands 22 bytes before the name. Source: APPNOTE 4.3.12.
		const claims = (bytes: number) => {
			const zip = Buffer.from(zipSync({ 'records.json': recordsOf() }));
			zip.writeUInt32LE(bytes, lastOf(zip, 'records.json') - 22);
			return zip;
		};
		await refused(claims(0xffff_fff0), /larger than 400 MiB/);
		await refused(claims(10), /cannot be read \(too many bytes/);
		await refused(claims(5000), /cannot be read \(not enough bytes/);
		// Where an entry begins stands 4 bytes before its name: two that begin at the same bytes.
		const lying = Buffer.from(
			zipSync({ 'records.json': recordsOf(), 'pictures/b.png': Buffer.alloc(90, 1) }, { level: 0 })
		);
		lying.writeUInt32LE(0, lastOf(lying, 'pictures/b.png') - 4);
		await refused(lying, /overlap/);
	});

	it('brings what can be read of it, and says of the rest why not', async () => {
		const [cameraId, twice] = [uuid(), uuid()];
		const camera = fixedCamera({ name: 'Sound' });
		const bytes = zipSync({
			'pictures/no.png': Buffer.from('no picture'),
			'pictures/yes.png': grey,
			'records.json': recordsOf(
				{
					cameras: [
						{ id: cameraId, version: 3, ...camera },
						{ id: twice, version: 1, ...camera },
						{ id: twice, version: 1, ...camera },
						{ id: 'no id', version: 1, ...camera },
						{ id: uuid(), version: 1, name: '' }
					],
					loads: [
						{ id: uuid(), version: 1, cameraId, filmId: uuid(), frames: 8, loadedAt: NOW.toISOString() }
					]
				},
				['yes.png', 'no.png', 'absent.png', '../records.json', 'yes.png'].map((file, at) => ({
					...{ id: uuid(), name: file.replace('../', ''), type: 'image/png', width: 8, height: 6 },
					...{ owner: 'camera', ownerId: cameraId, file: `pictures/${file}` },
					addedAt: at < 4 ? NOW.toISOString() : 'the day before'
				}))
			)
		});
		const zip = fileOf(bytes);
		const looked = await lookThrough(zip, to);
		expect(talliesOf(looked)).toEqual({ new: 3, same: 0, conflicting: 0, unreadable: 8 });
		expect(
			(looked as { report: { problems: { why: string }[] } }).report.problems.map(({ why }) => why)
		).toEqual([
			...['its id is in the archive twice', 'id must be a UUID', expect.stringContaining('name is needed')],
			...['filmId points to nothing that exists', expect.stringMatching(/isn’t accepted/)],
			...['its file is not in the archive', 'its file is not in the archive'],
			expect.stringContaining('addedAt must be a date and time')
		]);
		await takeArchive(zip, to, 'keep');
		on(to, (tables) => {
			expect(tables.cameras.get(cameraId)).toMatchObject({ version: 3, name: 'Sound' });
			expect(tables.pictures.of('camera', cameraId)).toHaveLength(1);
		});
	});
});
