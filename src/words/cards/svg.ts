import type { Verdict } from '../../core/match';
import type { CardRow, CardSize, PocketCard } from './card';
import { cardPictures } from './pictures';

/** How a card of a size is laid out, mm. */
interface Layout {
	width: number;
	height: number;
	margin: number;
	/** Type sizes. */
	title: number;
	large: number;
	small: number;
	/** Height of a row, and of the picture in it. */
	row: number;
	picture: number;
	top: number;
}

/** Source: ISO/IEC 7810 ID-1 for the bank card, ISO 216 for A6. */
const layouts: Readonly<Record<CardSize, Layout>> = {
	bank: {
		width: 85.6,
		height: 53.98,
		margin: 3.2,
		title: 3.6,
		large: 3.1,
		small: 2.3,
		row: 7.1,
		picture: 6.2,
		top: 9.4
	},
	a6: { width: 105, height: 148, margin: 6, title: 6, large: 4.2, small: 3, row: 14.2, picture: 12, top: 21 }
};

const HEAD_FONT = 'Bricolage Grotesque Variable, Bricolage Grotesque, sans-serif';
const TEXT_FONT = 'Atkinson Hyperlegible Next Variable, Atkinson Hyperlegible Next, sans-serif';
/** The text families ship without thirds; these come from another one. */
const FRACTION_FONT = 'Fractions';

const entities: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
const signs = new Map(Object.entries(entities).map(([sign, entity]) => [entity, sign]));
/** Whether XML has a character at all. Source: XML 1.0, production 2. */
function isInXml(character: string): boolean {
	const code = character.codePointAt(0)!;
	if (code < 0x20) return [0x9, 0xa, 0xd].includes(code);
	return !(code >= 0xd800 && code <= 0xdfff) && code !== 0xfffe && code !== 0xffff;
}

/** A text as it stands in XML. */
export function inXml(text: string): string {
	const known = [...text].filter(isInXml).join('');
	return known.replace(/[&<>"]/g, (sign) => entities[sign]);
}

/** What a text says that stands in XML as `inXml` put it. */
export const fromXml = (text: string): string =>
	text.replace(/&(?:amp|lt|gt|quot);/g, (entity) => signs.get(entity)!);

const withFractions = (text: string) =>
	inXml(text).replace(/[⅓⅔]+/g, (signs) => `<tspan font-family="${FRACTION_FONT}">${signs}</tspan>`);

/** Letters are about this wide, of their size. */
const LETTER = 0.53;

/** A text that is made smaller where it would not fit. */
function write(text: string, x: number, y: number, size: number, most: number, more = ''): string {
	const wide = text.length * size * LETTER;
	const fitting = wide > most ? (size * most) / wide : size;
	return `<text x="${x.toFixed(2)}" y="${y.toFixed(2)}" font-size="${fitting.toFixed(2)}" ${more}>${withFractions(text)}</text>`;
}

/** The verdict's shape: full, half, below and above; told apart without colour. */
function mark(verdict: Verdict, x: number, y: number, r: number): string {
	const circle = `<circle cx="${x}" cy="${y}" r="${r}"`;
	if (verdict === 'just-enough') return `${circle}/>`;
	if (verdict === 'usable') {
		return `${circle} fill="none" stroke="#000" stroke-width=".3"/><path d="M${x} ${y - r}a${r} ${r} 0 0 0 0 ${2 * r}z"/>`;
	}
	const tip = verdict === 'too-dark' ? 1 : -1;
	return `<path d="M${x - r} ${y - tip * r}h${2 * r}L${x} ${y + tip * r}z"/>`;
}

function rowSvg(row: CardRow, layout: Layout, top: number): string {
	const { width, margin, large, small, picture, row: height } = layout;
	const scale = picture / 16;
	const left = margin + picture + large * 0.7;
	const half = left + (width - left - margin) * 0.42;
	const fails = row.verdict === 'too-dark' || row.verdict === 'too-light';
	const r = small * 0.34;
	const first = top + height * 0.42;
	const second = first + small * 1.25;
	return [
		`<path d="M${margin} ${top.toFixed(2)}h${width - 2 * margin}" fill="none" stroke="#000" stroke-width=".15"/>`,
		`<g transform="translate(${margin} ${(top + (height - picture * 0.75) / 2).toFixed(2)}) scale(${scale.toFixed(4)})">${cardPictures[row.picture]}</g>`,
		write(row.words, left, first, small, half - left - 1),
		write(`EV ${row.ev}`, left, second, small * 0.9, half - left - 1, 'fill-opacity=".75"'),
		write(
			fails ? 'not as it’s set' : row.set,
			half,
			first,
			large,
			width - margin - half,
			'font-weight="600"'
		),
		mark(row.verdict, half + r, second - r, r),
		write(row.says, half + 3.2 * r, second, small, width - margin - half - 3.2 * r)
	].join('');
}

/**
 * A pocket card as an SVG of its real size.
 *
 * @returns a whole SVG document; names are escaped
 * @example cardSvg(card, 'bank') // '<svg … width="85.6mm" height="53.98mm" …'
 */
export function cardSvg(card: PocketCard, size: CardSize): string {
	const layout = layouts[size];
	const { width, height, margin, title, small, row, top } = layout;
	const room = width - 2 * margin;
	const twoLines = size === 'a6';
	const head = write(
		card.camera,
		margin,
		margin + title * 0.8,
		title,
		twoLines ? room : room * 0.52,
		`font-family="${HEAD_FONT}" font-weight="700"`
	);
	const film = twoLines
		? write(card.film, margin, margin + title * 0.8 + small * 1.5, small * 1.15, room)
		: write(card.film, width - margin, margin + title * 0.8, small, room * 0.45, 'text-anchor="end"');
	const rows = card.rows.map((each, index) => rowSvg(each, layout, top + index * row));
	const legend = twoLines
		? write(
				'EV at ISO 100, by shadow edge; give or take ⅔ stop.',
				margin,
				height - margin,
				small * 0.85,
				room,
				'fill-opacity=".75"'
			)
		: '';
	return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}" font-family="${TEXT_FONT}" fill="#000"><title>${inXml(`${card.camera}, ${card.film}`)}</title><rect width="${width}" height="${height}" rx="${size === 'bank' ? 3.18 : 0}" fill="#fff" stroke="#000" stroke-width=".1"/>${head}${film}${rows.join('')}${legend}</svg>`;
}
