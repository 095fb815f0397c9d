import { wrap, type Remote } from 'comlink';
import type { DrawnPicture, DrawnScene, drawScene } from '$core/practice';

/** Pixels from left to right. */
const WIDTH = 600;

/** Scenes are drawn in a worker, one after the other, and kept: the same scene is the same picture. */
let drawer: Remote<typeof drawScene> | null = null;
const drawn = new Map<string, Promise<DrawnPicture>>();

function open(): Remote<typeof drawScene> {
	const worker = new Worker(new URL('../../workers/scenes.worker.ts', import.meta.url), { type: 'module' });
	return wrap<typeof drawScene>(worker);
}

/** Puts a picture on a canvas. */
export function paint(canvas: HTMLCanvasElement, { width, height, pixels }: DrawnPicture): void {
	[canvas.width, canvas.height] = [width, height];
	canvas.getContext('2d')!.putImageData(new ImageData(pixels, width, height), 0, 0);
}

/** The picture of a scene; asking early has it ready when it is looked at. */
export function pictureOf(scene: DrawnScene): Promise<DrawnPicture> {
	const key = JSON.stringify(scene);
	const known = drawn.get(key);
	if (known) return known;
	drawer ??= open();
	const picture = drawer(scene, WIDTH);
	drawn.set(key, picture);
	// What could not be drawn is not kept: it is tried again when it is asked for again.
	picture.catch(() => drawn.delete(key));
	return picture;
}
