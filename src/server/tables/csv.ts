import Papa from 'papaparse';

/** What a cell may hold; numbers are written as they are. */
export type Cell = string | number | null | undefined;

/** What begins a formula, also as full-width signs have it, behind any space or none. */
const FORMULA = /^[\s\p{Z}\p{Cf}]*[=+\-@＝＋－﹣﹢−＠﹫\t\r]/u;

/** A text that stays a text where the table is opened: what would be a formula begins with an apostrophe. */
export const defused = (text: string): string => (FORMULA.test(text) ? `'${text}` : text);

/**
 * Rows as CSV (RFC 4180): commas, quotes doubled, lines that end with CR LF.
 *
 * @param header whether the names of the columns come first
 * @example csvOf(['Note'], [{ Note: '=1+1' }]) // 'Note\r\n\'=1+1\r\n'
 */
export function csvOf(
	columns: readonly string[],
	rows: readonly Readonly<Record<string, Cell>>[],
	header = true
): string {
	const data = rows.map((row) =>
		columns.map((column) => {
			const cell = row[column] ?? '';
			return typeof cell === 'string' ? defused(cell) : cell;
		})
	);
	const lines = header ? [columns, ...data] : data;
	return lines.length === 0 ? '' : `${Papa.unparse(lines as Cell[][], { newline: '\r\n' })}\r\n`;
}
