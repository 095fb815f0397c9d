import { formatTemperature } from '$core/units';
import type { Part, Powder, TimePoint } from '$core/develop';
import { clockInWords } from '$core/words';
import { temperatureQuantity } from '$lib/forms/measured';
import { plainNumber } from '$lib/forms/quantity';

/** "9:48", "9:48 min" or "10 min" or "600 s", in seconds. */
export function parseClock(text: string): number {
	const [, minutes, seconds] = /^\s*(\d+):([0-5]\d)\s*(?:min)?\s*$/.exec(text) ?? [];
	if (minutes !== undefined) return Number(minutes) * 60 + Number(seconds);
	const [, amount, unit] = /^\s*([\d.,]+)\s*(min|s)?\s*$/i.exec(text) ?? [];
	if (amount === undefined) return NaN;
	return Number(amount.replace(',', '.')) * (unit?.toLowerCase() === 's' ? 1 : 60);
}

const number = (text: string) => plainNumber.parse(text) ?? NaN;

/** The name before the last comma, and what follows it. */
function apart(line: string): [name: string, rest: string] {
	const at = line.lastIndexOf(',');
	return at < 0 ? [line.trim(), ''] : [line.slice(0, at).trim(), line.slice(at + 1).trim()];
}

/** "Water, 14". */
export const partLine = {
	parse(line: string): Part {
		const [name, parts] = apart(line);
		return { name, parts: number(parts) };
	},
	show: ({ name, parts }: Part) => `${name}, ${plainNumber.show(parts)}`
};

/** "Soda, 20 g", or "Bromide, 2 g from 10 %". */
export const powderLine = {
	parse(line: string): Powder {
		const [name, amount] = apart(line);
		const [, grams, percent] = /^(.*?)(?:\s+from\s+(.*))?$/i.exec(amount)!;
		return {
			name,
			grams: number(grams.replace(/\s*g$/i, '')),
			...(percent === undefined ? {} : { percent: number(percent.replace(/\s*%$/, '')) })
		};
	},
	show: ({ name, grams, percent }: Powder) =>
		`${name}, ${plainNumber.show(grams)} g${percent === undefined ? '' : ` from ${plainNumber.show(percent)} %`}`
};

/** "20 °C, 10:00", or a range: "20, 8:00 to 14:00". */
export const timeLine = {
	parse(line: string): TimePoint {
		const [celsius, times] = apart(line);
		const ends = times.split(/\s*(?:to|–)\s*/).map(parseClock);
		const seconds = ends.length === 2 ? ([ends[0], ends[1]] as [number, number]) : ends[0];
		return { celsius: temperatureQuantity.parse(celsius) ?? NaN, seconds };
	},
	show({ celsius, seconds }: TimePoint): string {
		const times = typeof seconds === 'number' ? [seconds] : seconds;
		return `${formatTemperature(celsius)}, ${times.map(clockInWords).join(' to ')}`;
	}
};
