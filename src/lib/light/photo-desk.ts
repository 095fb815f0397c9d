import { transfer, wrap } from 'comlink';
import type { PhotoFile } from './read-photo';

const MOST_BYTES = 100e6;
const PATIENCE_MS = 20_000;

export type PhotoAnswer = { photo: PhotoFile } | { problem: string };

/** Opens a picture file in a worker of its own, which ends with it. */
export async function openPhoto(file: Blob): Promise<PhotoAnswer> {
	if (file.size > MOST_BYTES) {
		return { problem: 'This file is larger than 100 MB. Take a smaller picture of the subject.' };
	}
	const worker = new Worker(new URL('../../workers/photo.worker.ts', import.meta.url), { type: 'module' });
	try {
		const bytes = await file.arrayBuffer();
		const desk = wrap<{ read: (bytes: ArrayBuffer) => Promise<PhotoFile | null> }>(worker);
		const late = new Promise<'late'>((resolve) => setTimeout(() => resolve('late'), PATIENCE_MS));
		const photo = await Promise.race([desk.read(transfer(bytes, [bytes])), late]);
		if (photo === 'late') return { problem: 'This picture takes too long to open. Use a smaller one.' };
		if (!photo) return { problem: 'This picture can’t be read. Use a JPEG, HEIC, PNG or TIFF.' };
		return { photo };
	} catch {
		return { problem: 'This picture couldn’t be opened. Use another, or type its settings below.' };
	} finally {
		worker.terminate();
	}
}
