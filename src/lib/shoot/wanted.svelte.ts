import { keepHere, keptHere } from '$lib/records/kept-here';
import type { SceneWishes } from './wishes';

const KEY = 'just-enough-wishes';

/** What is wanted of the picture, whatever camera takes it: it stays, on this device, until it is put aside. */
export class Wanted {
	scene = $state.raw<SceneWishes>(keptHere(KEY, {}));

	/** Wants something of the picture, or no longer. */
	want(changes: Partial<SceneWishes>): void {
		this.scene = { ...this.scene, ...changes };
		keepHere(KEY, this.scene);
	}
}
