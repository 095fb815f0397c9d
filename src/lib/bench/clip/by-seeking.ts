import { blocksOfColours, type GridFrame } from '$core/bench';
import { DRAWN } from './drawn';

/** Waits until a video says this; says false where it cannot. */
function until(video: HTMLVideoElement, event: 'loadeddata' | 'seeked'): Promise<boolean> {
	return new Promise((resolve) => {
		const end = (reached: boolean) => () => {
			video.removeEventListener(event, reach);
			video.removeEventListener('error', fail);
			resolve(reached);
		};
		const [reach, fail] = [end(true), end(false)];
		video.addEventListener(event, reach);
		video.addEventListener('error', fail);
	});
}

/** A player that is slow may say that it is there before its picture is: so many pictures of the screen it is given. */
const TURNS = 6;

/** Whether the picture of a player is the one of a time; false where the browser does not say. */
function isThere(video: HTMLVideoElement, at: number, within: number): boolean {
	if (!('VideoFrame' in globalThis)) return false;
	const frame = new VideoFrame(video);
	const off = Math.abs(frame.timestamp / 1e6 - at);
	frame.close();
	return off < within;
}

/**
 * The frames of a clip one by one, by going to each in the player: where the browser hands out none itself.
 *
 * @param times of all frames, s, rising
 * @returns null where the browser does not play it
 */
export async function framesBySeeking(
	file: Blob,
	times: readonly number[],
	ondone: (part: number) => void
): Promise<GridFrame[] | null> {
	const video = document.createElement('video');
	const canvas = document.createElement('canvas');
	[canvas.width, canvas.height] = [DRAWN.width, DRAWN.height];
	const context = canvas.getContext('2d', { willReadFrequently: true })!;
	const url = URL.createObjectURL(file);
	const frames: GridFrame[] = [];
	try {
		[video.muted, video.playsInline, video.preload, video.src] = [true, true, 'auto', url];
		if (!(await until(video, 'loadeddata'))) return null;
		for (const [index, at] of times.entries()) {
			// The middle of a frame is no other’s.
			const middle = (at + (times[index + 1] ?? video.duration)) / 2;
			video.currentTime = middle;
			if (!(await until(video, 'seeked'))) return null;
			for (let turn = 0; turn < TURNS && !isThere(video, at, Math.abs(middle - at)); turn++)
				await new Promise(requestAnimationFrame);
			context.drawImage(video, 0, 0, DRAWN.width, DRAWN.height);
			const { data } = context.getImageData(0, 0, DRAWN.width, DRAWN.height);
			frames.push({ at, blocks: blocksOfColours(data, DRAWN.width, DRAWN.height) });
			ondone(frames.length / times.length);
		}
		return frames;
	} finally {
		URL.revokeObjectURL(url);
		video.removeAttribute('src');
	}
}
