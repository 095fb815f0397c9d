import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { afterAll, expect, it } from 'vitest';
import type { FrameRecord } from '$contract/records';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import { draws } from '../../../tests/fixtures/few';
import { soundRecords } from '../../../tests/fixtures/hostile';
import { framesGpx } from './frames-gpx';

const folder = mkdtempSync(join(tmpdir(), 'gpx-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const SCHEMA = join(import.meta.dirname, '../../../tests/fixtures/gpx-1.1.xsd');
const [sound] = soundRecords.frames as FrameRecord[];
const things = {
	loads: { get: () => ({ cameraId: 'c', filmId: 'f' }) },
	cameras: { get: () => fixedCamera({ name: '写ルン & <Söhne>' }) },
	films: { get: () => filmOf('bw-negative', 125) }
} as never;

async function written(frames: Partial<FrameRecord>[]): Promise<string> {
	async function* pieces() {
		for (const frame of frames) yield [{ ...sound, id: 'a', version: 1, ...frame }];
	}
	const parts: string[] = [];
	for await (const part of framesGpx(things, pieces())) parts.push(part);
	return parts.join('');
}

/** What Python's XML reader finds: name, place and time of each waypoint. */
function readBy(file: string): { name: string; lat: string; lon: string; time: string; desc: string }[] {
	const script = `import json, sys, xml.etree.ElementTree as x
n = '{http://www.topografix.com/GPX/1/1}'
print(json.dumps([{**w.attrib, **{e.tag.replace(n, ''): e.text for e in w}} for w in x.parse(sys.argv[1]).getroot().iter(n + 'wpt')]))`;
	return JSON.parse(execFileSync('python3', ['-c', script, file], { encoding: 'utf8' }));
}

it('frames with a place are waypoints by the schema of GPX 1.1, whatever is said of them', async () => {
	const places = fc.record({
		latitude: fc.double({ min: -90, max: 90, noNaN: true }),
		longitude: fc.double({ min: -180, max: 180, noNaN: true })
	});
	// What the contract lets in: everything but control characters and halves of characters.
	const texts = fc
		.string({ unit: 'grapheme', minLength: 1, maxLength: 30 })
		.map((text) => text.replace(/\p{Cc}|\p{Cs}/gu, 'x'));
	const frames = fc.array(
		fc.record({ where: fc.option(places, { nil: undefined }), subject: texts, note: texts }),
		{ minLength: 1, maxLength: 5 }
	);
	await fc.assert(
		fc.asyncProperty(frames, async (drawn) => {
			const xml = await written(drawn);
			const placed = drawn.filter(({ where }) => where);
			if (placed.length === 0) {
				expect(xml).toBe('');
				return;
			}
			const file = join(folder, 'frames.gpx');
			writeFileSync(file, xml);
			execFileSync('xmllint', ['--noout', '--schema', SCHEMA, file], { stdio: 'pipe' });
			const found = readBy(file);
			expect(found).toHaveLength(placed.length);
			found.forEach(({ lat, lon, name }, at) => {
				expect(Number(lat)).toBeCloseTo(placed[at].where!.latitude, 5);
				// 180 degrees east is 180 west, and GPX has the one of them.
				expect(Math.cos((Number(lon) - placed[at].where!.longitude) * (Math.PI / 180))).toBeCloseTo(1, 12);
				expect(name).toBe(`写ルン & <Söhne> ${sound.number}`);
			});
		}),
		{ numRuns: draws(15) }
	);
});
