import { randomLcg, randomNormal } from 'd3-random';
import { encodedOf, evFromLuminance, luminanceFromEv, settingsEv, speedStops } from '../units';
import { luminanceAt, SCENE, type StandInLight } from './scene';

/** A picture of the scene by a simulated camera phone, with the settings that it chose. */
export interface StandInPicture {
	width: number;
	height: number;
	/** sRGB with alpha, four numbers a pixel. */
	pixels: Uint8ClampedArray<ArrayBuffer>;
	iso: number;
	f: number;
	seconds: number;
}

const LENS = 1.8;
const [LOWEST_ISO, HIGHEST_ISO] = [50, 3200];
/** By hand it does not go below this, s. */
const SLOWEST = 1 / 30;
const FASTEST = 1 / 8000;
/** How its metering wanders, stops; common practice. */
const METERING_SD = 0.2;
const MID_GREY = 0.18;

/** The settings for an EV: the time first, then the speed. */
function settingsFor(ev: number): Pick<StandInPicture, 'iso' | 'f' | 'seconds'> {
	/** As phones write their times: one part of a second. */
	const secondsAt = (iso: number) => 1 / Math.max(1, Math.round((iso * 2 ** ev) / (LENS ** 2 * 100)));
	const lowest = Math.max(FASTEST, secondsAt(LOWEST_ISO));
	if (lowest <= SLOWEST) return { f: LENS, iso: LOWEST_ISO, seconds: lowest };
	const iso = Math.min(HIGHEST_ISO, LOWEST_ISO * (lowest / SLOWEST));
	return { f: LENS, iso: Math.round(iso), seconds: secondsAt(Math.round(iso)) };
}

/**
 * A picture of the scene: the phone takes the mean luminance for mid grey, as such cameras do.
 * Source: ISO 2720:1974 for its meter, L = 0.125·2^EV.
 *
 * @param seed the same seed is the same picture
 * @param width pixels; the height follows the scene
 */
export function standInPicture(light: StandInLight, seed: number, width: number): StandInPicture {
	const height = Math.round((width * SCENE.height) / SCENE.width);
	const luminances = Float64Array.from({ length: width * height }, (_, at) => {
		const [column, row] = [at % width, Math.floor(at / width)];
		const x = ((column + 0.5) / width) * SCENE.width;
		const y = (1 - (row + 0.5) / height) * SCENE.height;
		return luminanceAt(light, { x, y });
	});
	const mean = luminances.reduce((sum, each) => sum + each, 0) / luminances.length;
	const wander = randomNormal.source(randomLcg(seed))(0, METERING_SD)();
	const settings = settingsFor(evFromLuminance(mean) + wander);
	const { f, iso, seconds } = settings;
	/** The light that these settings turn into mid grey, cd/m². */
	const toGrey = luminanceFromEv(settingsEv(f, seconds) - speedStops(iso));
	const pixels = new Uint8ClampedArray(4 * width * height);
	luminances.forEach((luminance, at) => {
		const value = 255 * encodedOf((luminance / toGrey) * MID_GREY);
		pixels.set([value, value, value, 255], 4 * at);
	});
	return { width, height, pixels, ...settings };
}
