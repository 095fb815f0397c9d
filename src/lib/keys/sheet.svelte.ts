import { keepHere, keptHere } from '$lib/records/kept-here';
import type { Key } from './keys';

const KEY = 'just-enough-single-keys';

/** The sheet of keys that every view has, and whether single keys do anything. */
class Sheet {
	/** Who speaks to the computer, or shakes, presses them by accident (WCAG 2.2, 2.1.4): they can be switched off. */
	single = $state(keptHere(KEY, true));
	open = $state(false);
	/** Opened once, it stays: what was done before it is gone back to when it closes. */
	asked = $state(false);
	/** Keys of the view that is open. */
	ofView = $state.raw<readonly Key[]>([]);

	show(): void {
		this.asked = true;
		this.open = true;
	}

	want(single: boolean): void {
		this.single = single;
		keepHere(KEY, single ? null : false);
	}
}

export const sheet = new Sheet();
