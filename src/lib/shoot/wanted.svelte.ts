import type { SceneWishes } from './wishes';

/** What is wanted of the picture, whatever camera takes it. */
export class Wanted {
	scene = $state.raw<SceneWishes>({ handheld: true });

	get handheld(): boolean {
		return this.scene.handheld !== false;
	}

	/** Wants something of the picture, or no longer. */
	want(changes: Partial<SceneWishes>): void {
		this.scene = { ...this.scene, ...changes };
	}
}
