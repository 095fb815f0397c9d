import PDFDocument from 'pdfkit';
import SVGtoPDF from 'svg-to-pdfkit';
import { fromXml, inXml } from '$words/cards';
import { bytesOf } from '../paper/document';
import { familyNames, fontName, registerFonts } from '../paper/fonts';
import { piecesOf } from '../paper/pieces';

const POINTS_PER_MM = 72 / 25.4;

/** A card's texts, each letter in a font that has it. */
const withFonts = (svg: string): string =>
	svg.replace(/(?<=>)[^<>]+(?=<)/g, (text) => {
		const pieces = piecesOf(fromXml(text));
		if (pieces.every(({ family }) => family === familyNames[0])) return text;
		return pieces.map(({ text, family }) => `<tspan font-family="${family}">${inXml(text)}</tspan>`).join('');
	});

/**
 * A card's SVG as a PDF page of the same size, with its text as text.
 *
 * @param svg as made by cardSvg: its size is in mm
 */
export function pdfOf(svg: string): Promise<Buffer> {
	const [, width, height] = /width="([\d.]+)mm" height="([\d.]+)mm"/.exec(svg)!;
	const size: [number, number] = [Number(width) * POINTS_PER_MM, Number(height) * POINTS_PER_MM];
	const document = new PDFDocument({
		size,
		margin: 0,
		info: { Title: fromXml(/<title>(.*?)<\/title>/.exec(svg)?.[1] ?? '') }
	});
	registerFonts(document);
	SVGtoPDF(document, withFonts(svg), 0, 0, {
		width: size[0],
		height: size[1],
		fontCallback: (family, bold) =>
			fontName(familyNames.find((name) => name === family) ?? familyNames[0], bold)
	});
	return bytesOf(document);
}
