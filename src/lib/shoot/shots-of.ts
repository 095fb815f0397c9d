import { localTime, zoneAt } from '$core/light';
import { plannedScene, scenesInOrder, sceneTime, type PlannedScene, type Scene } from '$core/plan';
import type { CameraRecord, FilmRecord, OutingRecord } from '$contract/records';
import type { Kept } from '$lib/records/client';
import type { BagRecords, KnownFrame } from './bag';

/** Whether an outing is on Shoot: when it was taken along, or else on its day. */
export const isOn = ({ along, date, where }: OutingRecord, now: number): boolean =>
	along ?? localTime(now, zoneAt(where.latitude, where.longitude)).date === date;

/** A scene on the list of the day. */
export interface Shot {
	outing: Kept<OutingRecord>;
	scene: Scene;
	/** ms */
	at: number;
	/** Frames that were taken for it, of its budget. */
	spent: number;
	plan: PlannedScene<Kept<CameraRecord>, Kept<FilmRecord>> | null;
}

/** The scenes of the outings that are on, by their time, with what was spent on them. */
export function shotsOf(
	{ outings, cameras, films }: BagRecords,
	frames: readonly KnownFrame[],
	now: number
): Shot[] {
	return outings
		.filter((outing) => isOn(outing, now))
		.flatMap((outing) =>
			scenesInOrder(outing).map((scene) => ({
				outing,
				scene,
				at: Date.parse(sceneTime(outing, scene)),
				spent: frames.filter((frame) => frame.outing?.id === outing.id && frame.outing.scene === scene.id)
					.length,
				plan: plannedScene(outing, scene, { cameras, films })
			}))
		)
		.sort((a, b) => a.at - b.at);
}
