/** What people write into the cells of a table of frames. Each reads a text; null where it does not say that. */

/** Fractions that are one letter. */
const GLYPHS: Readonly<Record<string, string>> = {
	'½': '1/2',
	'⅓': '1/3',
	'⅔': '2/3',
	'¼': '1/4',
	'¾': '3/4'
};
const NUMBER = /^[+-]?(\d+(\.\d*)?|\.\d+)$/;

/**
 * A number with a point or a comma; with both, the last is the decimal one.
 *
 * @example readNumber('0,008') // 0.008
 */
export function readNumber(text: string): number | null {
	const plain = text
		.trim()
		.replace(/[−–]/g, '-')
		.replace(/[\s'’\u00a0\u202f]/g, '');
	const [point, comma] = [plain.lastIndexOf('.'), plain.lastIndexOf(',')];
	const dotted = comma > point ? plain.replace(/\./g, '').replace(/,(?=\d*$)/, '.') : plain.replace(/,/g, '');
	return NUMBER.test(dotted) ? Number(dotted) : null;
}

/**
 * An aperture: its f-number.
 *
 * @example readAperture('f/5,6') // 5.6
 */
export function readAperture(text: string): number | null {
	const f = readNumber(text.trim().replace(/^(f\s*[/:]?|ƒ\s*\/?|1\s*:)\s*/i, ''));
	return f !== null && f > 0 ? f : null;
}

const SECONDS = /\s*(s|sec|secs|seconds?|sek|["”″])\.?$/i;

/**
 * An exposure time, s.
 *
 * @param partial numbers without a unit from 2 on are parts of a second, as dials write them: 125 is 1/125
 * @example readTime('1/125 s', false) // 0.008
 */
export function readTime(text: string, partial: boolean): number | null {
	const said = text.trim();
	const plain = said.replace(SECONDS, '').trim();
	const parts = /^(\d+)\s*\/\s*(.+)$/.exec(plain);
	if (parts) {
		const below = readNumber(parts[2]);
		return below !== null && below > 0 ? Number(parts[1]) / below : null;
	}
	const value = readNumber(plain);
	if (value === null || value <= 0) return null;
	return partial && plain === said && value >= 2 ? 1 / value : value;
}

/** Parts of a second that dials have. Source: the marks of old and new shutters; common practice. */
const DIAL = new Set([2, 4, 5, 8, 10, 15, 25, 30, 50, 60, 100, 125, 200, 250, 300, 400, 500, 1000, 2000]);

/**
 * Whether plain numbers of a column are parts of a second: more than half of them stand on dials.
 *
 * @example arePartsOfASecond(['125', '60', '8']) // true
 */
export function arePartsOfASecond(texts: readonly string[]): boolean {
	const plain = texts.map(readNumber).filter((value): value is number => value !== null && value >= 2);
	return plain.length > 0 && plain.filter((value) => DIAL.has(value)).length > plain.length / 2;
}

/** A foot and an inch, m. Source: the international yard of 1959. */
const FOOT = 0.3048;
const INCH = 0.0254;
const units: readonly [RegExp, number][] = [
	[/\s*(cm|centimet(er|re)s?)\.?$/i, 0.01],
	[/\s*(mm)\.?$/i, 0.001],
	[/\s*(ft|feet|foot|fuß|fuss|['′’])\.?$/i, FOOT],
	[/\s*(in|inch(es)?|["″”])\.?$/i, INCH],
	[/\s*(m|met(er|re)s?)\.?$/i, 1]
];

/**
 * A distance, m; Infinity for as far as there is.
 *
 * @param feet numbers without a unit are feet
 * @example readDistance('3 ft', false) // 0.9144
 */
export function readDistance(text: string, feet: boolean): number | null {
	const said = text.trim();
	if (/^(∞|inf(inity)?|unendlich)$/i.test(said)) return Infinity;
	const unit = units.find(([ending]) => ending.test(said));
	const value = readNumber(unit ? said.replace(unit[0], '') : said);
	return value !== null && value > 0 ? value * (unit ? unit[1] : feet ? FOOT : 1) : null;
}

/**
 * Stops with their sign, in thirds or as a decimal number.
 *
 * @example readStops('+1 1/3') // 1.333…
 */
export function readStops(text: string): number | null {
	const plain = text
		.trim()
		.replace(/[−–]/g, '-')
		.replace(/[½⅓⅔¼¾]/g, (glyph) => ` ${GLYPHS[glyph]}`)
		.replace(/\s*(stops?|ev)\.?$/i, '')
		.trim();
	const mixed = /^([+-]?)\s*(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$/.exec(plain);
	if (!mixed) return readNumber(plain);
	const [, sign, whole = '0', above, below] = mixed;
	const size = Number(whole) + Number(above) / Number(below);
	return Number.isFinite(size) ? (sign === '-' ? -size : size) : null;
}

/**
 * A latitude or a longitude, degrees: with a sign, or a letter before or behind.
 *
 * @param negative letters of the south or the west
 * @example readDegrees('33,5° S', 'S') // -33.5
 */
export function readDegrees(text: string, negative: 'S' | 'W'): number | null {
	const letter = /[NSEWO]/i.exec(text)?.[0].toUpperCase();
	const value = readNumber(text.replace(/[NSEWO°]/gi, ''));
	return value === null ? null : letter === negative ? -value : value;
}

/** In which order a date has year, month and day. */
export type DateOrder = 'ymd' | 'dmy' | 'mdy';
export const dateOrders: readonly DateOrder[] = ['ymd', 'dmy', 'mdy'];

/** Years of two digits are of this century up to here, and of the last one beyond. */
const LAST_SHORT_YEAR = 49;
const yearOf = (text: string): number => {
	const year = Number(text);
	if (text.length > 2) return year;
	return year <= LAST_SHORT_YEAR ? 2000 + year : 1900 + year;
};

/**
 * A date of the calendar, as 2026-05-02.
 *
 * @example readDate('2.5.26', 'dmy') // '2026-05-02'
 */
export function readDate(text: string, order: DateOrder): string | null {
	const parts = /^(\d{1,4})\s*[-./\s]\s*(\d{1,2})\s*[-./\s]\s*(\d{1,4})\.?$/.exec(text.trim());
	if (!parts) return null;
	const said = parts.slice(1);
	const of = (letter: string) => said[order.indexOf(letter)];
	if (of('m').length > 2 || of('d').length > 2 || (order === 'ymd' && of('y').length < 4)) return null;
	const [year, month, day] = [yearOf(of('y')), Number(of('m')), Number(of('d'))];
	const date = new Date(Date.UTC(year, month - 1, day));
	const sound =
		date.getUTCFullYear() === year && date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
	return sound ? date.toISOString().slice(0, 10) : null;
}

/**
 * The orders in which most dates of a column can be read: one date that no calendar has is no reason to read the others
 * otherwise.
 *
 * @returns empty where none can be read in any
 * @example possibleOrders(['2/5/2026', '14/5/2026', '31/2/2026']) // ['dmy']
 */
export function possibleOrders(texts: readonly string[]): DateOrder[] {
	const read = dateOrders.map((order) => texts.filter((text) => readDate(text, order) !== null).length);
	const most = Math.max(...read);
	return most === 0 ? [] : dateOrders.filter((_, at) => read[at] === most);
}

/** The hour of a day, of one in a half of it: 12 am is midnight. */
function hourOf(said: number, half: string | undefined): number {
	if (half !== 'am' && half !== 'pm') return said;
	return (said % 12) + (half === 'pm' ? 12 : 0);
}

/**
 * A time of day, as 14:30.
 *
 * @example readClock('2:30 pm') // '14:30'
 */
export function readClock(text: string): string | null {
	const said = /^(\d{1,2})(?:[:.h]\s*(\d{2}))?(?::(\d{2}))?\s*(am|pm|uhr|h)?\.?$/i.exec(text.trim());
	if (!said || (said[2] === undefined && said[4] === undefined)) return null;
	const half = said[4]?.toLowerCase();
	const twelve = half === 'am' || half === 'pm';
	const hour = hourOf(Number(said[1]), half);
	const minute = Number(said[2] ?? 0);
	if (hour > 23 || minute > 59 || (twelve && Number(said[1]) > 12)) return null;
	return `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;
}
