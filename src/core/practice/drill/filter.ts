import { formatStops, formatTime, markedTimes, nearestMark, stopsInWords } from '../../units';
import { cardFrom, type Drill } from './card';

const TIMES = [1 / 125, 1 / 60, 1 / 30, 1 / 15, 1 / 8, 1];

/** What a filter of the bag takes, or where there is none what a filter factor means. */
export const filter: Drill = ({ filters }, chance) => {
	const taking = filters.filter(({ stops }) => stops >= 1 / 3);
	if (taking.length === 0 || chance.whole(0, 1) === 0) {
		const stops = chance.whole(1, 5);
		return cardFrom(
			`A filter of factor ${2 ** stops} costs how much light?`,
			stopsInWords(stops),
			[stops + 1, Math.max(1, stops - 1), 2 ** stops].map(stopsInWords),
			`Each stop doubles it: 2 to the power of ${stops} is ${2 ** stops}.`,
			chance.mixed
		);
	}
	const { name, stops } = chance.one(taking);
	const seconds = chance.one(TIMES);
	const timeAt = (by: number) => formatTime(nearestMark(markedTimes, seconds * 2 ** by));
	return cardFrom(
		`${formatTime(seconds)} without a filter. What time behind ${name} (${formatStops(stops)} ${stops > 1 ? 'stops' : 'stop'})?`,
		timeAt(stops),
		[timeAt(-stops), timeAt(stops + 1), timeAt(stops * 2)],
		`${stopsInWords(stops)} less light needs ${Math.round(2 ** stops * 10) / 10} times the time.`,
		chance.mixed
	);
};
