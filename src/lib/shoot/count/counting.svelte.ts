import { countAt, cuesOf, type Count } from '$core/count';
import type { FrameRecord } from '$contract/records';
import { keepHere, keptHere } from '$lib/records/kept-here';
import { Cueing } from '$lib/timing/cueing';
import { now } from '$lib/timing/steady-clock';

/** An exposure that is counted, kept in the browser until it is logged or left. */
interface Counted extends Count {
	/** The frame as it was when the count began. */
	frame: FrameRecord;
	/** The eye closes the shutter; a touch says when. */
	automatic: boolean;
	/** When it was begun and ended, ms since 1970. */
	begunAt: number;
	endedAt?: number;
}

const KEY = 'just-enough-count';
const MS = 1000;
/** Time to get a hand to the shutter, s; common practice. */
const COUNT_IN = 3;

/** Counts one exposure; what is counted outlives the page. */
export class Counting {
	counted = $state.raw<Counted | null>(keptHere(KEY, null));
	#now = $state(now());
	/** No sound is promised: the page was opened again, and was not touched since. */
	silent = $state(this.counted !== null && this.counted.endedAt === undefined);
	/** The page was away while it counted. */
	wasAway = $state(false);
	#cueing = new Cueing();

	/** Since it was begun, s. */
	#elapsed = $derived(this.counted ? ((this.counted.endedAt ?? this.#now) - this.counted.begunAt) / MS : 0);
	where = $derived(this.counted ? countAt(this.counted, this.#elapsed) : null);
	/** How long the shutter was open, once it is closed, s. */
	held = $derived.by(() => {
		if (this.counted?.endedAt === undefined || !this.where) return null;
		return this.where.phase === 'count-in' ? null : this.where.held;
	});

	#keep(counted: Counted | null): void {
		this.counted = counted;
		keepHere(KEY, counted);
	}

	/** Begins to count a frame. */
	begin(frame: FrameRecord, wanted: number, automatic: boolean): void {
		this.#now = now();
		this.#keep({ frame, wanted, automatic, countIn: automatic ? 0 : COUNT_IN, begunAt: this.#now });
		this.wasAway = false;
		this.sound();
	}

	/** Gives sound to what is left of the count; needs a touch. */
	sound(): void {
		const { counted } = this;
		if (!counted) return;
		this.silent = false;
		this.#cueing.start(cuesOf(counted), () => (now() - counted.begunAt) / MS);
	}

	/** The shutter is closed. */
	end(): void {
		if (!this.counted) return;
		this.#keep({ ...this.counted, endedAt: now() });
		this.#cueing.stop();
	}

	again(): void {
		if (!this.counted) return;
		const { frame, wanted, automatic } = this.counted;
		this.begin(frame, wanted, automatic);
	}

	/** Nothing is counted any more. */
	leave(): void {
		this.#cueing.stop();
		this.#keep(null);
	}

	/** Keeps the time on the screen while it is on the page; gives back how to stop that. */
	watch(): () => void {
		let asked = 0;
		const tick = () => {
			this.#now = now();
			asked = requestAnimationFrame(tick);
		};
		const seen = () => {
			const counting = this.counted !== null && this.counted.endedAt === undefined;
			if (document.visibilityState === 'hidden' && counting) this.wasAway = true;
		};
		tick();
		document.addEventListener('visibilitychange', seen);
		return () => {
			cancelAnimationFrame(asked);
			document.removeEventListener('visibilitychange', seen);
			this.#cueing.stop();
		};
	}
}
