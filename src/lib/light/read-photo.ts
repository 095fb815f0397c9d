import exifr from 'exifr';
import { imageSize } from 'image-size';
import { levelOf } from '$core/light';

/** What a picture file says of the light, as far as it says it. */
export interface PhotoFile {
	iso?: number;
	f?: number;
	seconds?: number;
	/** Correction that the person had set, stops. */
	bias?: number;
	/** How bright it came out, stops from mid grey. */
	level?: number;
	/** Why the pixels say nothing. */
	noLevel?: 'too-large' | 'unreadable';
}

export class NoPicture extends Error {}

/** Pictures with more pixels are not unpacked for their brightness: that would take the phone's memory. */
const MOST_PIXELS = 60e6;
/** The picture is made this small to read how bright it is. */
const SMALL = { resizeWidth: 96, resizeHeight: 64, resizeQuality: 'medium' } as const;

const finite = (value: unknown): number | undefined => {
	const one = Array.isArray(value) ? value[0] : value;
	return typeof one === 'number' && Number.isFinite(one) ? one : undefined;
};

/** The settings of the picture; APEX values where the plain ones are missing. Source: EXIF 2.3. */
async function settingsIn(bytes: ArrayBuffer): Promise<PhotoFile> {
	const tags = ((await exifr.parse(bytes, {
		tiff: true,
		exif: true,
		gps: false,
		reviveValues: false,
		translateValues: false
	})) ?? {}) as Record<string, unknown>;
	const [time, aperture] = [finite(tags.ShutterSpeedValue), finite(tags.ApertureValue)];
	return {
		iso: finite(tags.ISO) ?? finite(tags.PhotographicSensitivity) ?? finite(tags.ISOSpeedRatings),
		f: finite(tags.FNumber) ?? (aperture === undefined ? undefined : 2 ** (aperture / 2)),
		seconds: finite(tags.ExposureTime) ?? (time === undefined ? undefined : 2 ** -time),
		bias: finite(tags.ExposureCompensation) ?? finite(tags.ExposureBiasValue)
	};
}

async function levelIn(
	bytes: ArrayBuffer,
	size: { width: number; height: number }
): Promise<Pick<PhotoFile, 'level' | 'noLevel'>> {
	if (size.width * size.height > MOST_PIXELS) return { noLevel: 'too-large' };
	try {
		const bitmap = await createImageBitmap(new Blob([bytes]), SMALL);
		const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
		const context = canvas.getContext('2d')!;
		context.drawImage(bitmap, 0, 0);
		bitmap.close();
		return { level: levelOf(context.getImageData(0, 0, canvas.width, canvas.height).data) };
	} catch {
		return { noLevel: 'unreadable' };
	}
}

/**
 * Reads the light out of a picture file: its EXIF settings, and how bright it came out.
 *
 * @throws NoPicture when the file is not a JPEG, HEIC, PNG or TIFF
 */
export async function readPhoto(bytes: ArrayBuffer): Promise<PhotoFile> {
	let size: { width: number; height: number };
	try {
		size = imageSize(new Uint8Array(bytes));
	} catch {
		throw new NoPicture();
	}
	const settings = await settingsIn(bytes).catch((): PhotoFile => ({}));
	return { ...settings, ...(await levelIn(bytes, size)) };
}
