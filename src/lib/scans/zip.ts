import { Zip, ZipPassThrough } from 'fflate';

/** A zip that is made file by file, its bytes held by the browser and not by the page. Pictures do not pack further. */
export function zipOf() {
	const parts: Blob[] = [];
	const zip = new Zip((error, chunk) => {
		if (error) throw error;
		parts.push(new Blob([chunk as Uint8Array<ArrayBuffer>]));
	});
	return {
		async add(name: string, content: Blob): Promise<void> {
			const file = new ZipPassThrough(name);
			zip.add(file);
			file.push(new Uint8Array(await content.arrayBuffer()), true);
		},
		done(): Blob {
			zip.end();
			return new Blob(parts, { type: 'application/zip' });
		}
	};
}
