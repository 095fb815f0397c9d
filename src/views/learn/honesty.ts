import { DateTime } from 'luxon';
import { latitudeOf } from '$core/film';
import { resolveLight, type Light } from '$core/light';
import { brierScore, monthsOf, promiseBins, standings } from '$core/learn';
import { chanceWithin, expectedOf } from '$core/match';
import { wayOfReading } from '$words';
import type { Teachings } from '../records';
import { isLostOtherwise, told, type Told } from './told';

const MOST_STANDINGS = 200;

/** What was promised; anew where the film was then developed otherwise than it was shot for. */
function promiseOf({ frame, camera, film }: Told): number {
	const { light, settings, predicted, handheld, filters, exposures } = frame;
	const moved = (film.processStops ?? 0) - (frame.film?.processStops ?? 0);
	if (!frame.film || moved === 0) return predicted.chances.usable;
	const { sd } = expectedOf(camera, film, light, { handheld, filters, exposures }, settings);
	return chanceWithin(latitudeOf(film).usable, predicted.error + moved, sd);
}

function promised(each: Told) {
	const { frame, load, film } = each;
	const { usable } = latitudeOf(film);
	const { stops } = frame.judged;
	return {
		promised: promiseOf(each),
		cameOut: stops >= usable[0] && stops <= usable[1],
		takenAt: Date.parse(frame.takenAt),
		month: DateTime.fromISO(frame.takenAt, { setZone: true, zone: frame.zone }).toFormat('yyyy-MM'),
		...(load.price === undefined ? {} : { cost: load.price / load.frames })
	};
}

/** Light as it is told apart here, EV from and to. */
const lights: Readonly<Record<string, readonly [from: number, to: number]>> = {
	night: [-Infinity, 5],
	'rooms and dusk': [5, 9],
	'shade and grey days': [9, 13],
	sun: [13, Infinity]
};

function isIn(light: Light, band: string): boolean {
	if (!Object.hasOwn(lights, band)) return true;
	const { ev } = resolveLight(light);
	return ev >= lights[band][0] && ev < lights[band][1];
}

/** Promises are looked at so far back: what was promised before says little of those of today. */
export const MOST_PROMISES = 1000;

/** Which frames are looked at; an empty text: any. */
export interface HonestyAsked {
	camera: string;
	film: string;
	way: string;
	light: string;
}

export type Honesty = ReturnType<typeof honestyOf>;

/** What was promised against what came out, of all frames or of some. */
export function honestyOf(from: Teachings, asked: HonestyAsked) {
	const { cameras, films, judged } = from;
	const picked = { camera: asked.camera || undefined, film: asked.film || undefined };
	const all = told(from, picked, MOST_PROMISES);
	const ways = [...new Set(all.map(({ frame }) => wayOfReading(frame.light)))].sort();
	const chosen = all
		.filter(({ frame }) => asked.way === '' || wayOfReading(frame.light) === asked.way)
		.filter(({ frame }) => isIn(frame.light, asked.light));
	const shown = chosen.map(promised);
	const lost = shown.filter(({ cameOut }, at) => cameOut && isLostOtherwise(chosen[at].frame.judged));
	const stood = standings(shown);
	const step = Math.max(1, Math.ceil(stood.length / MOST_STANDINGS));
	return {
		asked,
		/** Only so many of the newest were looked at; null: all of them. */
		newest: judged.keys(picked, MOST_PROMISES + 1).length > MOST_PROMISES ? MOST_PROMISES : null,
		frames: shown.length,
		bins: promiseBins(shown),
		score: shown.length > 0 ? brierScore(shown) : null,
		lostOtherwise: lost.length,
		standings: stood.filter((_, at) => (stood.length - 1 - at) % step === 0),
		months: monthsOf(shown),
		cameras: cameras.all().map(({ id, name }) => ({ id, name })),
		films: films.all().map(({ id, name }) => ({ id, name })),
		ways,
		lights: Object.keys(lights)
	};
}
