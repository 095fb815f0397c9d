import { nearestPlace } from '$core/track';
import type { Where } from '$contract/coordinates';
import { givesPosition, NO_POSITION } from './device-position';
import { keepHere, keptHere } from '$lib/records/kept-here';

const KEY = 'just-enough-own-position';
/** A position older than this is somewhere else, ms. */
const FRESH = 120_000;
const DIGITS = 5;
const rounded = (degrees: number) => Number(degrees.toFixed(DIGITS));

/** Where this device is, for the frames that are logged on it: only where the person wants that. */
class OwnPosition {
	wanted = $state(keptHere(KEY, false));
	/** Why there is none. */
	says = $state('');
	#last = $state.raw<{ where: Where; at: number } | null>(null);
	/** It is followed, and nothing has gone wrong since the last one: that one still holds. */
	#holds = false;

	/** Wants it noted from now on, or no more. */
	want(on: boolean): void {
		this.says = '';
		this.#keep(on);
		if (!on) this.#last = null;
		else if (!givesPosition()) this.#refuse(NO_POSITION);
		else
			navigator.geolocation.getCurrentPosition(this.#take, () =>
				this.#refuse('Your position isn’t available.')
			);
	}

	#keep(on: boolean): void {
		this.wanted = on;
		keepHere(KEY, on || null);
	}

	#refuse(why: string): void {
		this.#keep(false);
		this.says = why;
	}

	#take = ({ coords, timestamp }: GeolocationPosition): void => {
		const where = { latitude: rounded(coords.latitude), longitude: rounded(coords.longitude) };
		this.#last = { where, at: timestamp };
		this.#holds = true;
	};

	#lose = (): void => {
		this.#holds = false;
	};

	/** The last that was given. */
	get last(): Where | null {
		return this.#last?.where ?? null;
	}

	/** Follows it while a view needs it, where it is wanted; gives what ends that. */
	follow(): () => void {
		if (!this.wanted || !givesPosition()) return () => {};
		const how = { enableHighAccuracy: true, maximumAge: FRESH };
		const watch = navigator.geolocation.watchPosition(this.#take, this.#lose, how);
		return () => {
			navigator.geolocation.clearWatch(watch);
			this.#lose();
		};
	}

	/**
	 * Where a frame is taken.
	 *
	 * @param named what is known of it otherwise: its name stays where that is here
	 */
	where(named: Where | undefined): Where | undefined {
		if (!this.wanted || !this.#last) return named;
		if (!this.#holds && Date.now() - this.#last.at > FRESH) return named;
		const { where } = this.#last;
		const name = named && nearestPlace([named], where)?.name;
		return { ...where, ...(name && { name }) };
	}
}

export const ownPosition = new OwnPosition();
