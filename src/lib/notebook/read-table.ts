import Papa from 'papaparse';
import { separatorOf } from '$core/notebook';

const MOST_BYTES = 4 * 1024 ** 2;
/** So many rows come in at once, and can be taken back at once. */
export const MOST_ROWS = 3000;

export type ReadTable = { head: string[]; rows: string[][] } | { problem: string };

/** A text in UTF-8, or as older spreadsheets write it. */
async function textOf(file: File): Promise<string> {
	const bytes = await file.arrayBuffer();
	try {
		return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
	} catch {
		return new TextDecoder('windows-1252').decode(bytes);
	}
}

/** A table from any spreadsheet, as CSV; or in words why it is none. */
export async function readTable(file: File): Promise<ReadTable> {
	if (file.size > MOST_BYTES) return { problem: 'This file is too large. Import it in parts.' };
	const text = await textOf(file);
	if (text.includes('\0')) return { problem: 'This isn’t a CSV. In the spreadsheet, save it as CSV first.' };
	const { data } = Papa.parse<string[]>(text, { delimiter: separatorOf(text), skipEmptyLines: 'greedy' });
	const [head, ...rows] = data;
	if (!head || rows.length === 0) return { problem: 'There’s nothing below the first line.' };
	if (rows.length > MOST_ROWS)
		return { problem: `It has ${rows.length} rows. Import up to ${MOST_ROWS} at a time.` };
	return { head, rows };
}
