import type { EyeResponse } from '../camera';
import type { Ground } from './ground';

/** What a light is and the ways in which it can be read. Field names are public. */

export interface PlainLight {
	/** EV at ISO 100 of the light on the subject. */
	ev: number;
	/** Its doubt: one standard deviation, stops. Default 0.5. */
	sd?: number;
	/** EV of the light on the camera's own meter, where it stands in another light. */
	meterEv?: number;
	/** Doubt of meterEv, stops. Default: sd. */
	meterSd?: number;
	/** Colour temperature, K. */
	kelvin?: number;
	habit?: Habit;
}

/** How far a person's way of reading runs, by their own frames: a reading that has it was moved by it. */
export interface Habit {
	/** Stops, + = too bright: so much is taken off. */
	stops: number;
	/** Its doubt, stops; it is a part of the reading's. */
	sd: number;
}

/** What every way of reading accepts besides its own fields. */
export interface ReadingExtras {
	sd?: number;
	meterEv?: number;
	/** Doubt of meterEv, stops. Default: sd. */
	meterSd?: number;
	habit?: Habit;
}

/** Where the subject of a reading by eye stands, where that changes its light. */
interface Standing {
	/** The sun is behind the subject and its shaded side matters. */
	backlit?: boolean;
	/** The sun comes from the side, and both halves matter. */
	sidelit?: boolean;
	/** What lies around it and throws light back; pale, as it was said once, is read as sand. */
	ground?: Ground | 'pale';
	/** It stands in deep shade, as under a tree, while all around lies in that light. */
	deepShade?: boolean;
}

export type ShadowEdgeCondition = 'sharp' | 'soft' | 'faint' | 'none';
export type SkyCoverCondition = 'clear' | 'few-clouds' | 'mostly-cloudy' | 'overcast' | 'deep-shade';
export type ExposureGuideCondition =
	'snow-or-sand' | 'distinct-shadows' | 'soft-shadows' | 'cloudy-bright' | 'heavy-overcast' | 'open-shade';

export type ShadowsReading = ReadingExtras &
	Standing & { method: 'shadows' } & (
		| { school: 'shadow-edge'; condition: ShadowEdgeCondition }
		| { school: 'sky-cover'; condition: SkyCoverCondition }
		| { school: 'exposure-guide'; condition: ExposureGuideCondition }
	);

export type MeterReading = ReadingExtras & { method: 'meter' } & (
		| {
				kind: 'incident' | 'reflected';
				/** Stops of the metered spot from mid grey, + = lighter. */
				tone?: number;
				iso: number;
				f: number;
				seconds: number;
		  }
		| { kind: 'incident' | 'reflected'; tone?: number; iso: number; ev: number }
		| { kind: 'incident'; lux: number }
	);

export type EyeReading = ReadingExtras & { method: 'eye'; ev: number; sd: number };

/** What of a lamp shines, m: a softbox, a window; a bulb is a point. */
export interface LampSource {
	width: number;
	height: number;
}

/** A lamp that was metered at one distance and stands at another. */
export interface LampStand {
	reading: Light;
	/** m */
	from: number;
	/** m */
	to: number;
	/** Stops that a grid or a softbox takes, +. */
	modifierStops?: number;
	/** All that is before it, each with the stops that it takes, +. */
	modifiers?: { name: string; stops: number }[];
	source?: LampSource;
}

/** The light of a lamp, or of two on one subject. */
export type LampReading = ReadingExtras & { method: 'lamp' } & LampStand & { second?: LampStand };

/** Spots of a scene: the darkest and the brightest part that matter. */
export type SpotsReading = ReadingExtras & {
	method: 'spots';
	/** Film speed that the meter was set to. */
	iso: number;
	/** What it showed, EV. */
	darkest: number;
	brightest: number;
};

/** The settings of a picture that another camera took of the subject. */
export type PhotoReading = ReadingExtras & {
	method: 'photo';
	iso: number;
	f: number;
	seconds: number;
	/** Correction that the person had set, stops: shown, not added, for the settings carry it already. */
	bias?: number;
	/** How bright the picture came out, stops from mid grey. */
	level?: number;
};

export type Sky = 'clear' | 'hazy' | 'partly' | 'overcast' | 'heavy';
export type Exposed = 'facing' | 'side' | 'back' | 'open-shade' | 'deep-shade';

/** Sun, twilight and moon at a place and an instant. */
export type SunReading = ReadingExtras & {
	method: 'sun';
	/** Degrees, + north. */
	latitude: number;
	/** Degrees, + east. */
	longitude: number;
	/** ISO 8601 with offset. */
	at: string;
	sky: Sky;
	/** How the subject stands to the sun. */
	subject: Exposed;
	/** Where it looks, degrees from north through east: in place of facing, side and back. */
	facing?: number;
	/** What lies around it; absent: grass, earth, stone. */
	ground?: Ground;
};

/** A kind of artificial or night light. */
export type PlaceReading = ReadingExtras & { method: 'place'; place: string };

/** The time that an automatic shutter took, turned round through its eye. */
export type ClickReading = ReadingExtras & {
	method: 'click';
	/** s */
	seconds: number;
	/** Doubt of that time, s. */
	secondsSd: number;
	/** The aperture that the shutter worked with. */
	f: number;
	/** The film speed that the eye believes in. */
	iso: number;
	/** Wheel, stops, + = lighten. */
	compensation?: number;
	/** Stops that filters before the eye take. */
	filterStops?: number;
	/** The camera's learned offset, stops. */
	offset?: { stops: number; sd: number };
	/** The eye's own doubt, stops. */
	scatter?: number;
	/** How its cell follows the light, where that was measured. */
	response?: EyeResponse;
};

/** Several readings of the same light. */
export type CombinedReading = ReadingExtras & { method: 'combined'; readings: Light[] };

export type Reading =
	| ShadowsReading
	| MeterReading
	| SpotsReading
	| PhotoReading
	| SunReading
	| PlaceReading
	| LampReading
	| EyeReading
	| ClickReading
	| CombinedReading;
export type Light = PlainLight | Reading;

export interface ResolvedLight {
	ev: number;
	sd: number;
	meterEv: number;
	meterSd: number;
	kelvin?: number;
	/** EV of the darkest and the brightest part that matter, where they were read. */
	range?: [darkest: number, brightest: number];
}

/** What one way of reading says: the doubt may be unknown, as may be the colour, K. */
export interface Read {
	ev: number;
	sd: number;
	kelvin?: number;
	range?: ResolvedLight['range'];
}

/** A resolved light, and whether the camera's meter stands in another one than the subject. */
export interface LightOnBoth extends ResolvedLight {
	sameLight: boolean;
}

/** What another school would call the same light. */
export interface Rival {
	school: ShadowsReading['school'];
	condition: ShadowsReading['condition'];
	ev: number;
}

/** One way of reading light: its own file, and one entry in the table of ways. */
export interface WayOfReading<R extends Reading> {
	read(reading: R): Read;
	/** Where the result comes from, in a short phrase for the screen. */
	note(reading: R): string;
	rivals?(reading: R): Rival[];
}
