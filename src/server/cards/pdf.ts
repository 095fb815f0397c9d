import PDFDocument from 'pdfkit';
import SVGtoPDF from 'svg-to-pdfkit';
import semiBold from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf?inline';
import regular from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf?inline';
import fractions from '@expo-google-fonts/noto-sans/600SemiBold/NotoSans_600SemiBold.ttf?inline';
import { FRACTION_FONT } from '$core/cards';

const POINTS_PER_MM = 72 / 25.4;

const bytesOf = (inlined: string) => Buffer.from(inlined.slice(inlined.indexOf(',') + 1), 'base64');

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
		info: { Title: /<title>(.*?)<\/title>/.exec(svg)?.[1] ?? '' }
	});
	document.registerFont('regular', bytesOf(regular));
	document.registerFont('heavy', bytesOf(semiBold));
	document.registerFont('fractions', bytesOf(fractions));
	SVGtoPDF(document, svg, 0, 0, {
		width: size[0],
		height: size[1],
		fontCallback: (family, bold) =>
			family.includes(FRACTION_FONT) ? 'fractions' : bold ? 'heavy' : 'regular'
	});
	return new Promise((resolve, reject) => {
		const chunks: Buffer[] = [];
		document.on('data', (chunk: Buffer) => chunks.push(chunk));
		document.on('end', () => resolve(Buffer.concat(chunks)));
		document.on('error', reject);
		document.end();
	});
}
