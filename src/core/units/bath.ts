import { measures } from './measures';

/** What is measured of a bath: how warm it is, and how much. */

/** Millilitres in a US fluid ounce. Source: NIST Handbook 44, appendix C. */
export const FLUID_OUNCE = 29.5735295625;

/** °F of °C. Source: the scale's definition, 32 °F and 212 °F for 0 °C and 100 °C. */
export const fahrenheitOf = (celsius: number): number => celsius * 1.8 + 32;
/** °C of °F, its inverse. */
export const celsiusOf = (fahrenheit: number): number => (fahrenheit - 32) / 1.8;

/** The unit of temperatures: '°C' or '°F'. */
export const temperatureUnit = (): string => `°${measures().temperature}`;
/** The unit of volumes: 'ml' or 'fl oz'. */
export const volumeUnit = (): string => measures().volume;

/** A temperature in the reader's unit. */
export const temperatureRead = (celsius: number): number =>
	measures().temperature === 'F' ? fahrenheitOf(celsius) : celsius;
/** A volume in the reader's unit. */
export const volumeRead = (millilitres: number): number =>
	measures().volume === 'fl oz' ? millilitres / FLUID_OUNCE : millilitres;

/**
 * Writes temperatures one after the other, to a tenth of a degree.
 *
 * @param celsius °C
 * @example formatTemperatures([20, 22]) // '20 to 22 °C', or '68 to 71.6 °F'
 */
export const formatTemperatures = (celsius: readonly number[]): string =>
	`${celsius.map((each) => Number(temperatureRead(each).toFixed(1))).join(' to ')} ${temperatureUnit()}`;

/**
 * Writes a temperature.
 *
 * @param celsius °C
 * @example formatTemperature(20) // '20 °C', or '68 °F'
 */
export const formatTemperature = (celsius: number): string => formatTemperatures([celsius]);

/**
 * Writes a volume as it is measured: tenths where they can be.
 *
 * @param millilitres ml
 * @example formatVolume(58.82) // '58.8 ml', or '1.99 fl oz'
 */
export function formatVolume(millilitres: number): string {
	const amount = volumeRead(millilitres);
	return `${Number(amount.toFixed(amount < 10 ? 2 : 1))} ${volumeUnit()}`;
}
