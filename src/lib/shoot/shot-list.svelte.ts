import { localTime, zoneAt } from '$core/light';
import { plannedScene, scenesInOrder, sceneTime, type PlannedScene, type Scene } from '$core/plan';
import type { CameraRecord, FilmRecord, FrameRecord, OutingRecord } from '$contract/records';
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

/** The scene that comes next: the first one with frames left. */
export const nextShot = (shots: readonly Shot[]): Shot | undefined =>
	shots.find(({ spent, scene }) => spent < scene.frames);

/** The list of the day on Shoot, and the scene that is being taken. */
export class ShotList {
	#chosenId = $state<string | null>(null);
	#shots: () => Shot[];

	constructor(shots: () => Shot[]) {
		this.#shots = shots;
	}

	shots = $derived.by(() => this.#shots());
	next = $derived(nextShot(this.shots));
	/** The scene that frames are logged for. */
	taking = $derived(this.shots.find(({ scene }) => scene.id === this.#chosenId));

	take(id: string | null): void {
		this.#chosenId = id;
	}

	/** What a frame says of the scene that it was taken for. */
	get mark(): Pick<FrameRecord, 'outing'> {
		const { taking } = this;
		return taking ? { outing: { id: taking.outing.id, scene: taking.scene.id } } : {};
	}
}
