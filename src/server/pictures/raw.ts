import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { buffer } from 'node:stream/consumers';

/** What a raw file holds beside what the sensor saw. */
export interface RawInside {
	/** The picture that its camera made of it, or nothing. */
	preview: Buffer | null;
	/** Pixels, as the camera was held. */
	width: number;
	height: number;
	/** As EXIF has it, 1 to 8. */
	orientation: number;
}

const PATIENCE_MS = 10_000;
/** The largest first. */
const previews = ['JpgFromRaw', 'PreviewImage', 'OtherImage', 'ThumbnailImage'];
const ASKED = ['FileType', 'ImageSize', 'Orientation', ...previews];
const NO_RAW = new Set(['TIFF', 'JPEG', 'PNG']);

type Tags = Record<string, string | number | undefined>;

/** A value as it is given where it is bytes. */
function bytesIn(value: string | number | undefined): Buffer | null {
	const text =
		typeof value === 'string' && value.startsWith('base64:') ? value.slice('base64:'.length) : null;
	return text === null ? null : Buffer.from(text, 'base64');
}

/** What exiftool says of some bytes; null where it does not run here, or does not know them. */
async function asked(bytes: Uint8Array): Promise<Tags | null> {
	const args = ['-json', '-n', '-binary', '-fast', ...ASKED.map((tag) => `-${tag}`), '-'];
	const { exiftoolPath } = await import('exiftool-vendored');
	const child = spawn(await exiftoolPath(), args, {
		stdio: ['pipe', 'pipe', 'ignore'],
		timeout: PATIENCE_MS
	});
	// A program that ends before it has read all closes its door: what it said counts.
	child.stdin.on('error', () => {});
	child.stdin.end(bytes);
	try {
		const [said] = await Promise.all([buffer(child.stdout), once(child, 'close')]);
		return (JSON.parse(said.toString('utf8')) as Tags[]).at(0) ?? null;
	} catch {
		return null;
	}
}

/**
 * Looks into a raw file by exiftool, which needs Perl.
 *
 * @returns null where nothing can be told, or it is no raw file
 */
export async function insideRaw(bytes: Uint8Array): Promise<RawInside | null> {
	const tags = await asked(bytes);
	if (!tags || NO_RAW.has(String(tags.FileType))) return null;
	const [width, height] = String(tags.ImageSize).split(/\D/).map(Number);
	const orientation = Number(tags.Orientation ?? 1);
	if (!(width > 0 && height > 0)) return null;
	const [preview] = previews.flatMap((tag) => bytesIn(tags[tag]) ?? []);
	const turned = orientation > 4;
	return {
		preview: preview ?? null,
		width: turned ? height : width,
		height: turned ? width : height,
		orientation
	};
}
