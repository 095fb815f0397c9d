/** Papers that printers take. Sources: ISO 216; ANSI/ASME Y14.1. */
export const papers = {
	a4: { name: 'A4', size: '210mm 297mm' },
	letter: { name: 'Letter', size: '8.5in 11in' }
} as const;
export type Paper = keyof typeof papers;

const MARGIN = '12mm';

/** Prints this page on a paper; gives what ends that. */
export function onPaper(paper: Paper): () => void {
	const sheet = new CSSStyleSheet();
	sheet.replaceSync(`@page { size: ${papers[paper].size}; margin: ${MARGIN}; }`);
	document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
	return () => {
		document.adoptedStyleSheets = document.adoptedStyleSheets.filter((each) => each !== sheet);
	};
}
