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
}

/** What every way of reading accepts besides its own fields. */
export interface ReadingExtras {
	sd?: number;
	meterEv?: number;
}

interface SunSide {
	/** The sun is behind the subject and its shaded side matters. */
	backlit?: boolean;
	/** The sun comes from the side, and both halves matter. */
	sidelit?: boolean;
}

export type ShadowEdgeCondition = 'sharp' | 'soft' | 'faint' | 'none';
export type SkyCoverCondition = 'clear' | 'few-clouds' | 'mostly-cloudy' | 'overcast' | 'deep-shade';
export type ExposureGuideCondition =
	'snow-or-sand' | 'distinct-shadows' | 'soft-shadows' | 'cloudy-bright' | 'heavy-overcast' | 'open-shade';

export type ShadowsReading = ReadingExtras &
	SunSide & { method: 'shadows' } & (
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

/** A light measured under a lamp at one distance, for the same lamp at another. */
export type LampReading = ReadingExtras & {
	method: 'lamp';
	reading: Light;
	/** m */
	from: number;
	/** m */
	to: number;
	/** Stops that a grid or a softbox takes, +. */
	modifierStops?: number;
};

export type Reading = ShadowsReading | MeterReading | LampReading | EyeReading;
export type Light = PlainLight | Reading;

export interface ResolvedLight {
	ev: number;
	sd: number;
	meterEv: number;
	meterSd: number;
	kelvin?: number;
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
	read(reading: R): { ev: number; sd: number };
	/** Where the result comes from, in a short phrase for the screen. */
	note(reading: R): string;
	rivals?(reading: R): Rival[];
}
