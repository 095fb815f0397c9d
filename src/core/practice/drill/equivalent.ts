import {
	formatAperture,
	formatTime,
	fullStopApertures,
	markedTimes,
	nearestMark,
	stopsInWords
} from '../../units';
import { cardFrom, type Drill } from './card';

const APERTURES = fullStopApertures.filter((f) => f >= 2.8 && f <= 22);
const TIMES = [1 / 500, 1 / 250, 1 / 125, 1 / 60, 1 / 30];

/** The same exposure at another aperture: each stop closed doubles the time. */
export const equivalent: Drill = (_bag, chance) => {
	const from = chance.whole(0, APERTURES.length - 1);
	const to = chance.one(APERTURES.map((_, at) => at).filter((at) => at !== from && Math.abs(at - from) <= 3));
	const seconds = chance.one(TIMES);
	const stops = to - from;
	const timeAt = (by: number) => formatTime(nearestMark(markedTimes, seconds * 2 ** by));
	return cardFrom(
		`${formatAperture(APERTURES[from])} at ${formatTime(seconds)} is right. What time at ${formatAperture(APERTURES[to])}?`,
		timeAt(stops),
		[timeAt(stops + 1), timeAt(stops - 1), timeAt(-stops)],
		`From ${formatAperture(APERTURES[from])} to ${formatAperture(APERTURES[to])} is ${stopsInWords(stops)} ${stops > 0 ? 'less' : 'more'} light, so the time is ${2 ** Math.abs(stops)} times as ${stops > 0 ? 'long' : 'short'}.`,
		chance.mixed
	);
};
