import { wrap, type Remote } from 'comlink';
import type { Working } from '$replica/working';

/** Has a worker go through many frames: opened when it is first asked. */
export function workingBeside(): Working {
	let beside: Remote<Working> | null = null;
	const worker = () =>
		(beside ??= wrap<Working>(
			new Worker(new URL('../../workers/replica.worker.ts', import.meta.url), { type: 'module' })
		));
	return {
		framesAsked: (query) => worker().framesAsked(query),
		judgedCameras: () => worker().judgedCameras(),
		lesson: (camera) => worker().lesson(camera),
		ways: () => worker().ways(),
		flashes: () => worker().flashes(),
		honesty: (asked) => worker().honesty(asked),
		soFar: (camera, asked, without) => worker().soFar(camera, asked, without)
	};
}
