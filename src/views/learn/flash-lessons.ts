import { BUILT_IN } from '$core/flash';
import { learnFlash, type FlashFrame, type FlashLearnt } from '$core/learn';
import type { CameraRecord, GearRecord } from '$contract/records';
import type { Kept, Teachings } from '../records';
import { toldByFlash, type Told } from './told';

type FlashRecord = Extract<GearRecord, { type: 'flash' }>;

/** What judged frames teach of one flash, and where its number stands. */
export interface FlashLesson {
	name: string;
	/** m at ISO 100, as it stands in the bag. */
	guideNumber: number;
	learnt: FlashLearnt;
	owner: { kind: 'gear'; record: Kept<FlashRecord> } | { kind: 'cameras'; record: Kept<CameraRecord> };
}

/** A frame that was lit by a flash of the bag, or by the one of its camera; one that was kept without the id, by its name. */
function litBy({ frame, camera, film }: Told): { key: string; frame: FlashFrame } | null {
	const { flash, distance, judged, light, settings, handheld, filters, exposures } = frame;
	if (typeof flash !== 'object' || flash.name === undefined || distance === undefined) return null;
	const key = flash.id ?? (flash.name === BUILT_IN ? camera.id : flash.name);
	return {
		key,
		frame: { camera, film, flash, distance, judged, light, settings, handheld, filters, exposures }
	};
}

/** What the judged frames teach of each flash of the bag that lit some. */
export function flashLessonsOf(
	from: Teachings,
	{ gear, cameras }: { gear: readonly Kept<GearRecord>[]; cameras: readonly Kept<CameraRecord>[] }
): FlashLesson[] {
	const lit = toldByFlash(from).flatMap((each) => litBy(each) ?? []);
	const framesOf = (keys: readonly string[]) =>
		lit.filter(({ key }) => keys.includes(key)).map(({ frame }) => frame);
	const lesson = (
		name: string,
		guideNumber: number,
		keys: readonly string[],
		owner: FlashLesson['owner']
	) => {
		const learnt = learnFlash(guideNumber, framesOf(keys));
		return learnt ? [{ name, guideNumber, learnt, owner }] : [];
	};
	const own = gear.flatMap((piece) =>
		piece.type === 'flash'
			? lesson(piece.name, piece.guideNumber, [piece.id, piece.name], { kind: 'gear', record: piece })
			: []
	);
	const builtIn = cameras.flatMap((camera) =>
		camera.flash
			? lesson(`Flash of ${camera.name}`, camera.flash.guideNumber, [camera.id], {
					kind: 'cameras',
					record: camera
				})
			: []
	);
	return [...own, ...builtIn];
}
