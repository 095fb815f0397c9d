import { packingRecords } from './bag';
import type { ViewRecords } from './records';

/** The camera that was used last: of the load that was put in last. */
async function lastUsed(from: ViewRecords): Promise<string | undefined> {
	const { items } = (await from.loads.page(1, null))!;
	return items.at(0)?.cameraId;
}

/**
 * What ways of using a camera are compared from: the bag with what its films cost, and the camera's own judged frames.
 *
 * @param asked the camera; absent, or not there: the one that was used last
 */
export async function comparing(from: ViewRecords, asked?: string) {
	const records = await packingRecords(from);
	const known = (id?: string) => records.cameras.find((camera) => camera.id === id && !camera.archived)?.id;
	const camera =
		known(asked) ?? known(await lastUsed(from)) ?? records.cameras.find(({ archived }) => !archived)?.id;
	return { records, camera, log: camera ? await from.learning.log({ camera }) : null };
}
