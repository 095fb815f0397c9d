import { freeCamera, type CameraWishes } from './wishes';

/** What is set and mounted on each camera, by its load. */
export class Rig {
	#set = $state.raw<Readonly<Record<string, CameraWishes>>>({});

	/** What is set and mounted on a camera. */
	of(loadId: string): CameraWishes {
		return this.#set[loadId] ?? freeCamera;
	}

	/** Sets or mounts something on a camera. */
	put(loadId: string, changes: Partial<CameraWishes>): void {
		this.#set = { ...this.#set, [loadId]: { ...this.of(loadId), ...changes } };
	}
}
