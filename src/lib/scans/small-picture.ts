/** Pixels of its longer side. */
const SIZE = 240;

/** The address of a small picture of a file; null where the browser cannot show such files. */
export async function smallPicture(file: File): Promise<string | null> {
	if (!file.type.startsWith('image/')) return null;
	try {
		const picture = await createImageBitmap(file, { resizeWidth: SIZE, resizeQuality: 'medium' });
		const canvas = new OffscreenCanvas(picture.width, picture.height);
		canvas.getContext('2d')!.drawImage(picture, 0, 0);
		picture.close();
		return URL.createObjectURL(await canvas.convertToBlob({ type: 'image/webp', quality: 0.8 }));
	} catch {
		// Such as TIFF, or a damaged one: it goes by its name.
		return null;
	}
}
