import { resolveLight } from '$core/light';
import type { Interval } from '$core/match';
import type { LightDesk } from '$lib/light/light-desk.svelte';
import { wholeLine } from '$lib/light/line';
import { axisOver, PHONE_WINDOW, windowAround, zoomedTo } from './axis';
import type { Loaded } from './bag';

/** How much of the line of stops is seen: all of it, what one camera covers, or a window that goes with the light. */
export class LineView {
	#narrow: () => boolean;
	#lights: LightDesk;
	#loaded: () => readonly Loaded[];
	#window = $state<Interval>([6, 6 + PHONE_WINDOW]);

	constructor(narrow: () => boolean, lights: LightDesk, loaded: () => readonly Loaded[]) {
		this.#narrow = narrow;
		this.#lights = lights;
		this.#loaded = loaded;
	}

	/** Whether the screen is a phone's. */
	get narrow(): boolean {
		return this.#narrow();
	}

	#zoom = $derived.by((): Interval => {
		const [one, ...more] = this.#loaded();
		if (!one || more.length > 0) return wholeLine;
		const read = this.#lights.aged;
		return zoomedTo(one.reach.usable, read ? resolveLight(read).ev : null);
	});

	axis = $derived.by(() => axisOver(this.#narrow() ? this.#around() : this.#zoom));

	#around(): Interval {
		const { resolved } = this.#lights;
		return resolved ? windowAround(resolved.ev, this.#window) : this.#window;
	}

	/** The phone's window goes with the light. */
	follow(): void {
		this.#window = this.#around();
	}
}
