import type { Camera, Filter } from '../camera';
import type { Film } from '../film';
import type { SharpZone } from '../focus';
import type { Bag } from '../match';

/** One way of using a camera: with a film, what is before its lens, and what that costs. */
export interface Way {
	name: string;
	/** Of the bag, or changed: what has the same id or name is the same body. */
	camera: Camera & { id?: string };
	film: Film & { id?: string };
	filters?: Filter[];
	/** They come off where a frame is better without; absent: they stay on. */
	removable?: boolean;
	/** The wheel stays there, stops. */
	compensation?: number;
	/** Fired where a frame does not come out without it. */
	flash?: NonNullable<Bag['flash']>;
	/** In the person's own money: before the first frame, and for each. */
	cost: { once: number; frame: number };
}

/** Hours a day in which a way works, by hand; and with a support at hand. */
export interface HoursThatWork {
	/** Just enough. */
	good: number;
	/** Just enough or usable. */
	usable: number;
	/** The same with a support. */
	tripod: number;
}

export interface HoursOfYear {
	/** Hours a day on the mean of the year, usable or better. */
	handheld: number;
	tripod: number;
	/** January first. */
	months: HoursThatWork[];
	/** Of each hour of the place’s clock, on the mean of the year, what part of it works: 0 … 1; from midnight. */
	clock: HoursThatWork[];
}

/** A setting that is typical of what a way does where it works. */
export interface TypicalSetting {
	f: number;
	seconds: number;
	sharp: SharpZone;
	/** The flash lit it. */
	lit: boolean;
}

/** What a way comes to. */
export interface WayCompared {
	/** null where no year is asked for. */
	hours: HoursOfYear | null;
	/** Part of the frames that come out well, and at all; of those that come out well, nine times in ten. */
	share: { good: number; usable: number; interval: [from: number, to: number] };
	/** Median time of what works, s; null: nothing does. */
	seconds: number | null;
	typical: TypicalSetting | null;
	/** The least light in which it works by hand, EV at ISO 100. */
	handheldFrom: number | null;
	/** Where its flash is usable, m. */
	flash: { to: number } | null;
	/** A keeper is a frame that comes out well; what it costs is without what is paid once. */
	cost: {
		once: number;
		frame: number;
		/** null: none in 300 frames. */
		keeper: number | null;
		interval: [from: number | null, to: number | null];
	};
}

/** When the way that asks for most money before the first frame has earned it. */
export interface Payback {
	/** The way, and the one that it is held against: of those that ask for less, the one whose keepers cost least. */
	way: number;
	beside: number;
	/** Frames after which it is cheaper by as many keepers, as likely as not; null: it may never be. */
	frames: number | null;
	/** How likely it is within 300 frames, 0 … 1. */
	within: number;
}

export interface Comparison {
	/** In the order that was asked. */
	ways: WayCompared[];
	/** The one that comes out well most often, and those that may be as good, best first. */
	alike: number[];
	payback: Payback | null;
}
