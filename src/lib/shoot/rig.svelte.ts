import { rigs } from '$lib/records/rigs.svelte';
import type { BagRecords } from './bag';
import { rigFrom, wishesFrom } from './on-camera';
import { freeCamera, type CameraWishes } from './wishes';

/** What is set and mounted on each camera, by its load: it stays on it, whatever view, page or device. */
export class Rig {
	#records: () => Pick<BagRecords, 'cameras' | 'loads' | 'gear'>;

	constructor(records: () => Pick<BagRecords, 'cameras' | 'loads' | 'gear'>) {
		this.#records = records;
	}

	#on = $derived.by((): ReadonlyMap<string, CameraWishes> => {
		const { cameras, loads, gear } = this.#records();
		return new Map(
			loads.flatMap((load) => {
				const camera = cameras.find(({ id }) => id === load.cameraId);
				return camera ? [[load.id, wishesFrom(rigs.of(load), camera, gear)] as const] : [];
			})
		);
	});

	/** What is set and mounted on a camera. */
	of(loadId: string): CameraWishes {
		return this.#on.get(loadId) ?? freeCamera;
	}

	/** Sets or mounts something on a camera. */
	put(loadId: string, changes: Partial<CameraWishes>): void {
		this.replace(loadId, { ...this.of(loadId), ...changes });
	}

	/** Sets and mounts just this on a camera. */
	replace(loadId: string, own: CameraWishes): void {
		const { cameras, loads, gear } = this.#records();
		const load = loads.find(({ id }) => id === loadId);
		const camera = cameras.find(({ id }) => id === load?.cameraId);
		if (load && camera) rigs.put(load, rigFrom(own, camera, gear));
	}
}
