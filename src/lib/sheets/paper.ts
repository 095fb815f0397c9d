import { papers, type Paper } from '$contract/paper';

const MARGIN = '12mm';

/** Prints this page on a paper; gives what ends that. */
export function onPaper(paper: Paper): () => void {
	const { width, height } = papers[paper];
	const sheet = new CSSStyleSheet();
	sheet.replaceSync(`@page { size: ${width}mm ${height}mm; margin: ${MARGIN}; }`);
	document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
	return () => {
		document.adoptedStyleSheets = document.adoptedStyleSheets.filter((each) => each !== sheet);
	};
}
