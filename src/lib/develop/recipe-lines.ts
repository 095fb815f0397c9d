import {
	gramsFor,
	millilitresOf,
	type Part,
	type Powder,
	type RecipeTime,
	type TimePoint
} from '$core/develop';
import { formatTemperature, volumeUnit } from '$core/units';
import { clockInWords, dilutionInWords } from '$words';
import { temperatureQuantity, volumeQuantity } from '$lib/forms/measured';
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

const AMOUNT = String.raw`\d[\d.,]*`;
const POURED = String.raw`ml|cc|l|fl\.?\s*oz\.?|oz`;
/** "Water 750 ml", "A, 1", "Acid, 10 %, 1 part". */
const PART = new RegExp(`^(.*?)[,\\s]+(${AMOUNT})\\s*(parts?|${POURED})?$`, 'i');

/** Whether a line is by volume. */
const isPoured = (line: string): boolean => !/^(parts?)?$/i.test(PART.exec(line.trim())?.[3] ?? '');

/** "Water, 14", "Water 14 parts", or by volume: "Water 750 ml". */
export const partLine = {
	parse(line: string): Part {
		const [, name, amount, unit] = PART.exec(line.trim()) ?? [];
		if (!name) return { name: apart(line)[0], parts: NaN };
		return {
			name,
			parts: isPoured(line) ? (volumeQuantity.parse(`${amount} ${unit}`) ?? NaN) : number(amount)
		};
	},
	/** Parts and volumes of one recipe don’t mix: a line that is not of the kind of the first is none. */
	parseAll: (lines: readonly string[]): Part[] =>
		lines.map((line) => {
			const part = partLine.parse(line);
			return isPoured(line) === isPoured(lines[0]) ? part : { ...part, parts: NaN };
		}),
	show: ({ name, parts }: Part) => `${name}, ${plainNumber.show(parts)}`,
	wants: 'a name and its parts, such as “Water, 14”, or millilitres on every line: “Water 750 ml”'
};

/** "Soda, 20 g", "Soda 20", "Bromide, 2 g from 10 %", "Bromide 6 ml of 10 %", or poured: "Water 750 ml". */
const POWDER = new RegExp(
	`^(.*?)[,\\s]+(${AMOUNT})\\s*(g|${POURED})?(?:\\s+(?:from|of)\\s+(${AMOUNT})\\s*%?)?$`,
	'i'
);

/** What is weighed, taken from a solution, or poured. */
export const powderLine = {
	parse(line: string): Powder {
		const [, name, amount, unit = 'g', strength] = POWDER.exec(line.trim()) ?? [];
		if (!name) return { name: apart(line)[0], grams: NaN };
		const percent = strength === undefined ? {} : { percent: number(strength) };
		if (unit.toLowerCase() === 'g') return { name, grams: number(amount), ...percent };
		const millilitres = volumeQuantity.parse(`${amount} ${unit}`) ?? NaN;
		if (percent.percent === undefined) return { name, millilitres };
		return { name, grams: gramsFor(percent.percent, millilitres), ...percent };
	},
	show({ name, grams, millilitres, percent }: Powder): string {
		const poured = (volume: number) => `${name}, ${volumeQuantity.show(volume)} ${volumeUnit()}`;
		if (grams === undefined) return poured(millilitres ?? 0);
		if (percent === undefined) return `${name}, ${plainNumber.show(grams)} g`;
		return `${poured(millilitresOf(percent, grams))} of ${plainNumber.show(percent)} %`;
	},
	wants: 'a name and what to take, such as “Soda, 20 g”, “Bromide, 6 ml of 10 %” or “Water 750 ml”'
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
	},
	wants: 'a temperature and a time, such as “20 °C, 10:00”'
};

/** "20 °C, 1 + 14", where a time is of another dilution than its recipe. */
const AT_DILUTION = new RegExp(`^(.*?)[,\\s]+1\\s*[+:]\\s*(${AMOUNT})$`);

/** The same of a recipe, which may be of another dilution: "20 °C, 1 + 14, 13:00". */
export const recipeTimeLine = {
	parse(line: string): RecipeTime {
		const [at, times] = apart(line);
		const [, warm, thin] = AT_DILUTION.exec(at) ?? [];
		if (thin === undefined) return timeLine.parse(line);
		return { ...timeLine.parse(`${warm}, ${times}`), water: number(thin) };
	},
	show({ water, ...time }: RecipeTime): string {
		if (water === undefined) return timeLine.show(time);
		const [celsius, times] = apart(timeLine.show(time));
		return `${celsius}, ${dilutionInWords(water)}, ${times}`;
	},
	wants: 'a temperature and a time, such as “20 °C, 10:00” or “20 °C, 1 + 14, 13:00”'
};
