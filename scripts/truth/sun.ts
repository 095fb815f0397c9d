import { daylightFrom, sunlight, type Exposed, type Ground, type Sky } from '../../src/core/light';
import { publishedTwilight } from '../../tests/fixtures/twilight';

/** The sun's model beside the rules by eye and beside published twilight, for who maintains it. */

const RADIAN = Math.PI / 180;
const HEIGHTS = [-18, -12, -6, -3, 0, 2, 5, 10, 15, 20, 30, 45, 60, 75, 90];

/** What is looked at: a sky, how the subject stands, and what lies around. */
interface Case {
	name: string;
	sky: Sky;
	subject: Exposed;
	ground?: Ground;
	colour: string;
}
const cases: readonly Case[] = [
	{ name: 'clear, facing', sky: 'clear', subject: 'facing', colour: '#c77700' },
	{ name: 'clear, facing, on snow', sky: 'clear', subject: 'facing', ground: 'snow', colour: '#e0a64d' },
	{ name: 'clear, side', sky: 'clear', subject: 'side', colour: '#8a6d1b' },
	{ name: 'clear, back', sky: 'clear', subject: 'back', colour: '#5b4a8a' },
	{ name: 'clear, open shade', sky: 'clear', subject: 'open-shade', colour: '#2a6fb0' },
	{ name: 'clear, deep shade', sky: 'clear', subject: 'deep-shade', colour: '#0b3c66' },
	{ name: 'hazy, facing', sky: 'hazy', subject: 'facing', colour: '#b08a5a' },
	{ name: 'partly, facing', sky: 'partly', subject: 'facing', colour: '#7a7a4a' },
	{ name: 'overcast', sky: 'overcast', subject: 'facing', colour: '#6b7d7d' },
	{ name: 'heavy', sky: 'heavy', subject: 'facing', colour: '#3c4a4a' }
];

const evOf = ({ sky, subject, ground }: Case, altitude: number) =>
	sunlight(altitude, sky, subject, ground).ev;

/** The steps of the rules by eye, EV. Source: f at 1/ISO (common practice) and ANSI PH2.7 (from memory). */
const rules = [
	{ ev: 14.64, words: 'f/16: sharp shadows' },
	{ ev: 13.64, words: 'f/11: soft' },
	{ ev: 12.64, words: 'f/8: barely seen' },
	{ ev: 11.64, words: 'f/5.6: none, overcast' }
] as const;

/** EV by height of the sun, a line a case. */
export function table(): string[] {
	const cell = (text: string) => text.padStart(6);
	return [
		`${'sun at'.padEnd(24)}${HEIGHTS.map((height) => cell(`${height}°`)).join('')}`,
		...cases.map(
			(each) =>
				`${each.name.padEnd(24)}${HEIGHTS.map((height) => cell(evOf(each, height).toFixed(1))).join('')}`
		)
	];
}

/** Stops by which all light on the ground stands above the published series. */
export function residuals(): string[] {
	const heights = Array.from({ length: 29 }, (_, at) => at - 18);
	return heights.map((height) => {
		const { normal, horizontal } = daylightFrom(height, 'clear');
		const lux = horizontal + normal * Math.max(0, Math.sin(height * RADIAN));
		const off = Math.log2(lux / publishedTwilight(height));
		return `${`${height}°`.padStart(5)} ${lux.toPrecision(3).padStart(9)} lx  ${off.toFixed(2).padStart(6)} stops`;
	});
}

const [WIDE, HIGH, LEFT, TOP] = [900, 560, 50, 20];
const [LOWEST, HIGHEST] = [-10, 17];
const across = (altitude: number) => LEFT + ((altitude + 18) / 108) * (WIDE - LEFT - 190);
const down = (ev: number) => TOP + ((HIGHEST - ev) / (HIGHEST - LOWEST)) * (HIGH - TOP - 40);

/** The chart: EV against the height of the sun for each case, with the steps of the rules. */
export function chart(): string {
	const text = (x: number, y: number, words: string, more = '') =>
		`<text x="${x.toFixed(1)}" y="${y.toFixed(1)}"${more}>${words}</text>`;
	const line = (x1: number, y1: number, x2: number, y2: number, more: string) =>
		`<line x1="${x1.toFixed(1)}" y1="${y1.toFixed(1)}" x2="${x2.toFixed(1)}" y2="${y2.toFixed(1)}" ${more}/>`;
	const curves = cases.map((each, at) => {
		const points = Array.from({ length: 217 }, (_, step) => {
			const altitude = -18 + step / 2;
			return `${across(altitude).toFixed(1)},${down(evOf(each, altitude)).toFixed(1)}`;
		});
		const y = TOP + 14 + at * 18;
		return `<polyline points="${points.join(' ')}" fill="none" stroke="${each.colour}" stroke-width="1.5"/>${line(WIDE - 180, y - 4, WIDE - 160, y - 4, `stroke="${each.colour}" stroke-width="3"`)}${text(WIDE - 154, y, each.name)}`;
	});
	const marks = [-18, -12, -6, 0, 10, 20, 30, 45, 60, 75, 90].map(
		(altitude) =>
			line(across(altitude), down(HIGHEST), across(altitude), down(LOWEST), 'stroke="#ddd"') +
			text(across(altitude), HIGH - 22, `${altitude}°`, ' text-anchor="middle"')
	);
	const levels = Array.from({ length: 10 }, (_, at) => LOWEST + at * 3).map(
		(ev) =>
			line(LEFT, down(ev), across(90), down(ev), 'stroke="#eee"') +
			text(LEFT - 6, down(ev) + 4, String(ev), ' text-anchor="end"')
	);
	const steps = rules.map(
		({ ev, words }) =>
			line(across(20), down(ev), across(75), down(ev), 'stroke="#000" stroke-dasharray="4 3"') +
			text(across(75) + 4, down(ev) + 4, words, ' font-size="10"')
	);
	return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDE} ${HIGH}" font-family="sans-serif" font-size="12" role="img" aria-label="EV at ISO 100 against the height of the sun"><rect width="${WIDE}" height="${HIGH}" fill="#fff"/>${[...marks, ...levels, ...curves, ...steps].join('')}${text(across(36), HIGH - 4, 'height of the sun', ' text-anchor="middle"')}</svg>\n`;
}
