import { createHash } from 'node:crypto';
import { pipeline } from 'node:stream/promises';
import sharp from 'sharp';
import { NotWritten, readTags, writeTags } from './exiftool';
import type { Tags } from './metadata';

/** Of the pixels as they lie in a file; formats in which it does not find them have none. */
const HASH = 'ImageDataHash';
const KEYWORDS = 'XMP-dc:Subject';

const nameOf = (tag: string) => tag.replace('#', '').split(':')[1];
/** How a tag is called when it is read: by the family of its group. */
const readName = (tag: string) => `${tag.startsWith('XMP') ? 'XMP' : 'EXIF'}:${nameOf(tag)}`;

/** A part by which a number may change when it is written as a fraction of two whole ones. */
const SAME = 1e-4;

function isSame(wanted: unknown, found: unknown): boolean {
	if (typeof wanted === 'number') {
		const number = Number(found);
		return found !== undefined && Math.abs(number - wanted) <= SAME * Math.max(1e-3, Math.abs(wanted));
	}
	if (typeof found === 'boolean') return String(wanted).toLowerCase() === String(found);
	const texts = (value: unknown) => (Array.isArray(value) ? value.map(String) : [String(value ?? '')]);
	return texts(wanted).join('\n') === texts(found).join('\n');
}

/** Pixels that are unpacked to be compared, and how long that may take, s. */
const MOST_PIXELS = 1e9;
const MOST_SECONDS = 60;

async function pixelsOf(file: string): Promise<string> {
	const hash = createHash('sha256');
	const source = sharp(file, { limitInputPixels: MOST_PIXELS, sequentialRead: true });
	try {
		await pipeline(source.timeout({ seconds: MOST_SECONDS }).raw(), hash);
	} catch {
		throw new NotWritten('Its pixels can’t be read, so nobody could check that they stay the same.');
	}
	return hash.digest('hex');
}

type Found = Awaited<ReturnType<typeof readTags>>;

/** Whether the pixels of two files are the same to the byte: by what was read of them, or unpacked. */
async function samePixels(
	file: string,
	copy: string,
	[before, after]: readonly [Found, Found]
): Promise<boolean> {
	const [was, is] = [before, after].map((found) => found[`File:${HASH}`]);
	if (was !== undefined || is !== undefined) return was === is;
	const [one, other] = await Promise.all([pixelsOf(file), pixelsOf(copy)]);
	return one === other;
}

/** Says which tag does not stand in a file as it should. */
function lookedAfter(found: Found, tags: Tags): void {
	const other = Object.entries(tags).find(([tag, wanted]) => !isSame(wanted, found[readName(tag)]));
	if (other) throw new NotWritten(`Its ${nameOf(other[0])} couldn’t be written as it is.`);
}

/** Words that stand there already, and ours behind them. */
function withKeywords(found: Found, tags: Tags): Tags {
	const there = found['XMP:Subject'];
	const before = there === undefined ? [] : [there].flat().map(String);
	const ours = (tags[KEYWORDS] ?? []) as readonly string[];
	return { ...tags, [KEYWORDS]: [...new Set([...before, ...ours])] };
}

/**
 * Copies a picture, with metadata: every tag is read back, and the pixels are the same to the byte, or there is no copy.
 * Each file is read once, as most of the time goes into asking.
 *
 * @throws NotWritten with why not
 */
export async function copyWithTags(file: string, tags: Tags, copy: string): Promise<void> {
	const before = await readTags(file, [KEYWORDS, HASH]);
	const all = withKeywords(before, tags);
	await writeTags(file, all, copy);
	const after = await readTags(copy, [...Object.keys(all), HASH]);
	lookedAfter(after, all);
	if (!(await samePixels(file, copy, [before, after])))
		throw new NotWritten('Its pixels would have changed.');
}

/** Writes a file of metadata that lies beside a picture. */
export async function tagsBeside(file: string, tags: Tags): Promise<void> {
	await writeTags(file, tags);
	lookedAfter(await readTags(file, Object.keys(tags)), tags);
}
