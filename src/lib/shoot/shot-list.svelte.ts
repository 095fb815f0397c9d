import type { FrameRecord } from '$contract/records';
import type { Shot } from './shots-of';

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
