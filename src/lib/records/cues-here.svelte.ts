import { keepHere, keptHere } from './kept-here';

const KEY = 'just-enough-cues';

/** How this device gives the cues of what is timed, besides showing them: heard and felt, unless one was switched off. */
class CuesHere {
	#set = $state.raw<{ sound: boolean; vibration: boolean }>(keptHere(KEY, { sound: true, vibration: true }));

	get sound(): boolean {
		return this.#set.sound;
	}
	get vibration(): boolean {
		return this.#set.vibration;
	}

	set(change: Partial<{ sound: boolean; vibration: boolean }>): void {
		this.#set = { ...this.#set, ...change };
		keepHere(KEY, this.#set);
	}
}

export const cuesHere = new CuesHere();
