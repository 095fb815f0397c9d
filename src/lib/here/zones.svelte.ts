import type { ZoneOf } from '$core/light';
import { zoneHere } from '$words';
import { later } from '$lib/parts/later';

const table = later(() => import('./zone-table'));

/** Time zones of places. Which is where is a large table: it comes when it is first asked, and until then this device's own clock stands in. */
class Zones {
	#zoneAt = $state.raw<ZoneOf | null>(null);
	#coming = false;

	readonly at: ZoneOf = (latitude, longitude) => {
		if (this.#zoneAt) return this.#zoneAt(latitude, longitude);
		void this.fetch();
		return zoneHere();
	};

	/** Fetches the table, where it is not here; what fails is tried again when it is asked again. */
	async fetch(): Promise<void> {
		if (this.#coming) return;
		this.#coming = true;
		try {
			this.#zoneAt = (await table()).zoneAt;
		} catch {
			this.#coming = false;
		}
	}
}

export const zones = new Zones();
