import { expose } from 'comlink';
import { NoPicture, readPhoto, type PhotoFile } from '../lib/light/read-photo';

/** Null where the file is no picture: errors lose their kind on the way to the page. */
async function read(bytes: ArrayBuffer): Promise<PhotoFile | null> {
	try {
		return await readPhoto(bytes);
	} catch (error) {
		if (error instanceof NoPicture) return null;
		throw error;
	}
}

expose({ read });
