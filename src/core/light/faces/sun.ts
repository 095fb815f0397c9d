import { formatClock } from '../../units';
import { resolveLight } from '../resolve';
import { sunPosition } from '../sun';
import { clockAt, wholeHoursBetween, type ZoneOf } from '../sun/zone';
import type { SunReading } from '../types';
import type { Face } from './face';

const MINUTE = 60_000;
const DAY = 86_400_000;
/** Instants at which noon and midnight of the sun are looked for. */
const SAMPLES = 96;
const HALVINGS = 24;

/** The half of the day around an instant in which the sun only rises or only sinks. */
function halfDay({ latitude, longitude }: SunReading, instant: number): [from: number, to: number] {
	const height = (at: number) => sunPosition(at, latitude, longitude).altitude;
	const step = DAY / SAMPLES;
	const rising = height(instant + MINUTE) > height(instant);
	const goesOn = (at: number, by: number) => (height(at + by) > height(at) === rising) === by > 0;
	const end = (by: number) => {
		let at = instant;
		for (let sample = 0; sample < SAMPLES && goesOn(at, by); sample++) at += by;
		return at;
	};
	return [end(-step), end(step)];
}

/** Clock times of the same half of the day. */
export function sunFace(reading: SunReading, zoneOf: ZoneOf): Face {
	const zone = zoneOf(reading.latitude, reading.longitude);
	const [from, to] = halfDay(reading, Date.parse(reading.at));
	const readingAt = (instant: number): SunReading => ({ ...reading, at: new Date(instant).toISOString() });
	const evAt = (instant: number) => resolveLight(readingAt(instant)).ev;
	const brighterLater = evAt(to) > evAt(from);
	const instantAt = (ev: number) => {
		let [early, late] = [from, to];
		for (let halving = 0; halving < HALVINGS; halving++) {
			const middle = (early + late) / 2;
			if (evAt(middle) < ev === brighterLater) early = middle;
			else late = middle;
		}
		return (early + late) / 2;
	};
	const hours = wholeHoursBetween(from, to, zone);
	const marks = hours.map((instant) => ({ ev: evAt(instant), words: formatClock(clockAt(instant, zone)) }));
	return {
		drags: 'the clock',
		quantity: true,
		// The hours nearest to the horizon tell most: there the light changes fastest.
		marks: brighterLater ? marks : marks.reverse(),
		lightAt: (ev) => readingAt(instantAt(ev)),
		wordsAt: (ev) => formatClock(clockAt(instantAt(ev), zone))
	};
}
