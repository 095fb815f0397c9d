/** In which order a date is written. */
export type DateOrder = 'dmy' | 'mdy' | 'ymd';

/**
 * What a reader measures in, and how they write dates, hours and money. Records and the computation know metres,
 * degrees Celsius, millilitres and ISO 8601 alone.
 */
export interface Measures {
	length: 'm' | 'ft';
	temperature: 'C' | 'F';
	volume: 'ml' | 'fl oz';
	/** Hours of a clock; absent: as the reader's locale has them. */
	clock?: '12' | '24';
	/** Absent: as the reader's locale has it. */
	dates?: DateOrder;
	/** Whose clock tells when a frame was taken; absent: that of the place. */
	zone?: 'place' | 'mine';
	/** ISO 4217; absent: amounts are bare numbers. */
	currency?: string;
}

/** As standards have it, where nobody said otherwise. */
export const METRIC: Measures = { length: 'm', temperature: 'C', volume: 'ml' };

/** Metres in a foot and in an inch. Source: international yard and pound agreement, 1959. */
export const FOOT = 0.3048;
export const INCH = 0.0254;

let asked: () => Measures = () => METRIC;

/**
 * Says where it is asked what a reader measures in: sentences are made in many places, and all of them for one reader,
 * as with a locale. Whoever runs the program says it once, when it starts.
 *
 * @example measureBy(() => settings.measures)
 */
export function measureBy(reader: () => Measures): void {
	asked = reader;
}

/** What the reader measures in. */
export const measures = (): Measures => asked();

/** The unit of lengths as it stands behind a label: 'm' or 'ft'. */
export const lengthUnit = (): string => asked().length;
/** The unit of what is measured in hands: 'cm' or 'in'. */
export const shortUnit = (): string => (asked().length === 'ft' ? 'in' : 'cm');
/** The same length as it stands in the reader's unit. */
export const lengthRead = (metres: number): number => (asked().length === 'ft' ? metres / FOOT : metres);

/**
 * Writes a guide number as it is printed.
 *
 * @param metres m at ISO 100
 * @example formatGuideNumber(14) // '14 m', or '45.9 ft'
 */
export const formatGuideNumber = (metres: number): string =>
	`${Number(lengthRead(metres).toPrecision(3))} ${lengthUnit()}`;

const INCHES = 12;

/**
 * Whole inches as a tape in feet shows them.
 *
 * @example feetAndInches(54) // '4 ft 6 in'
 */
export function feetAndInches(inches: number): string {
	const [feet, rest] = [Math.floor(inches / INCHES), inches % INCHES];
	return [feet > 0 && `${feet} ft`, rest > 0 && `${rest} in`].filter(Boolean).join(' ');
}

/** A length as it is read off a tape in feet: inches to ten feet, then feet. */
function inFeet(metres: number): string {
	const inches = metres / INCH;
	if (inches < 3) return `${Number(inches.toPrecision(2))} in`;
	const whole = Math.round(inches);
	return whole < 10 * INCHES ? feetAndInches(whole) : `${Number((metres / FOOT).toPrecision(2))} ft`;
}

/**
 * Writes a distance as the reader measures it.
 *
 * @param metres m; null is infinity
 * @example formatDistance(1.425) // '1.4 m', or '4 ft 8 in'
 */
export function formatDistance(metres: number | null): string {
	if (metres === null) return '∞';
	if (asked().length === 'ft') return inFeet(metres);
	// What rounds to a metre is one.
	if (metres < 0.995) return `${Number((metres * 100).toPrecision(2))} cm`;
	return `${Number(metres.toPrecision(2))} m`;
}
