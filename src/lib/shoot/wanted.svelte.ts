import { keepHere, keptHere } from '$lib/records/kept-here';
import type { SceneWishes } from './wishes';

const KEY = 'just-enough-wishes';

/** What is wanted of the picture, whatever camera takes it: it stays, on this device, until it is put aside. */
export class Wanted {
	scene = $state.raw<SceneWishes>({});

	/** Takes up what was wanted before; once the page stands, which must look as the server drew it until then. */
	open(): void {
		this.scene = keptHere(KEY, this.scene);
	}

	/** Wants something of the picture, or no longer. */
	want(changes: Partial<SceneWishes>): void {
		this.scene = { ...this.scene, ...changes };
		keepHere(KEY, this.scene);
	}
}
