import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { create, openSync, type Font } from 'fontkit';
import semiBold from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf?inline';
import regular from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf?inline';
import wideHeavy from '@expo-google-fonts/noto-sans/600SemiBold/NotoSans_600SemiBold.ttf?inline';
import wide from '@expo-google-fonts/noto-sans/400Regular/NotoSans_400Regular.ttf?inline';

const installed = createRequire(import.meta.url);
const inlined = (address: string) => Buffer.from(address.slice(address.indexOf(',') + 1), 'base64');

/** A font file: its bytes, or where it lies. */
type Source = Buffer | string;

/** Letters of some scripts, as they are usually and heavy. */
interface Face {
	name: string;
	usual: () => Source;
	heavy: () => Source;
}

const shipped = (name: string, usual: string, heavy: string): Face => ({
	name,
	usual: () => inlined(usual),
	heavy: () => inlined(heavy)
});

/** A family of which a package brings the files, beside its code. */
function packaged(name: string, of: string, file: string): Face {
	const at = (weight: string) => () =>
		join(dirname(installed.resolve(`@embedpdf/fonts-${of}`)), '..', 'fonts', file.replace('*', weight));
	return { name, usual: at('Regular'), heavy: at('Bold') };
}

/** A family of the fonts for one script. */
function ofScript(script: string): Face {
	const file = `NotoSans${script[0].toUpperCase()}${script.slice(1)}`;
	const at = (weight: string) => () =>
		installed.resolve(`@expo-google-fonts/noto-sans-${script}/${weight}/${file}_${weight}.ttf`);
	return { name: script, usual: at('400Regular'), heavy: at('700Bold') };
}

const japanese = packaged('japanese', 'jp', 'NotoSansJP-*.otf');
const chinese = packaged('chinese', 'sc', 'NotoSansHans-*.otf');
const signs = () => installed.resolve('@expo-google-fonts/noto-emoji/400Regular/NotoEmoji_400Regular.ttf');

/** In the order in which they are asked for a letter. */
const faces: readonly Face[] = [
	shipped('text', regular, semiBold),
	shipped('wide', wide, wideHeavy),
	japanese,
	chinese,
	packaged('korean', 'kr', 'NotoSansKR-*.otf'),
	packaged('hebrew', 'hebrew', 'NotoSansHebrew-*.ttf'),
	packaged('arabic', 'arabic', 'NotoNaskhArabic-*.ttf'),
	...['thai', 'bengali', 'tamil', 'georgian', 'armenian'].map(ofScript),
	{ name: 'signs', usual: signs, heavy: signs }
];

const opened = new Map<Face, Font>();

function has(face: Face, letter: string): boolean {
	let font = opened.get(face);
	if (!font) {
		const source = face.usual();
		font = (typeof source === 'string' ? openSync(source) : create(source)) as Font;
		opened.set(face, font);
	}
	return font.hasGlyphForCodePoint(letter.codePointAt(0)!);
}

const letters = new Intl.Segmenter(undefined, { granularity: 'grapheme' });
/** What a reader takes for one letter each. */
export const lettersOf = (text: string): string[] => [...letters.segment(text)].map(({ segment }) => segment);

const isHan = (letter: string) => /^\p{Script=Han}/u.test(letter);

/**
 * The family of each letter: the first that has it. One word of Han letters is not put together from two families.
 *
 * @returns their names, of which `fontName` makes a font's
 */
export function familiesOf(written: readonly string[]): string[] {
	const found = written.map((letter) => faces.find((face) => has(face, letter)) ?? faces[0]);
	const inChinese = found.includes(chinese);
	return found.map((face, at) =>
		inChinese && face === japanese && isHan(written[at]) && has(chinese, written[at])
			? chinese.name
			: face.name
	);
}

/** What a family is called in a document. */
export const fontName = (family: string, heavy: boolean): string => `${family}${heavy ? ' heavy' : ''}`;

export const familyNames = faces.map(({ name }) => name);

/** Makes all families known to a document, which reads those that it writes with. */
export function registerFonts(document: PDFKit.PDFDocument): void {
	for (const { name, usual, heavy } of faces) {
		document.registerFont(fontName(name, false), usual());
		document.registerFont(fontName(name, true), heavy());
	}
}
