import { possibleOrders, readAperture, readClock, readDate, readTime } from './cells';

/** What a column of a notebook can hold. */
export const notebookFields = [
	...(['camera', 'film', 'iso', 'roll', 'number', 'date', 'clock', 'aperture', 'time', 'wheel'] as const),
	...(['subject', 'note', 'place', 'latitude', 'longitude', 'distance', 'ev', 'outcome'] as const)
] as const;
export type NotebookField = (typeof notebookFields)[number];

/** Words at the head of columns, in the languages that notebooks were seen in; common practice. */
const heads: Readonly<Record<NotebookField, RegExp>> = {
	camera: /^(camera|kamera|body|appareil|cámara|カメラ)/i,
	film: /^(film|stock|emulsion|película|フィルム)(?!.*(speed|iso))/i,
	iso: /\b(iso|asa|ei|din|speed of film|film speed|empfindlichkeit)\b/i,
	roll: /^(roll|pack|load|cartridge|rolle|patrone|rollo|pellicule)/i,
	number: /^(frame|exp(osure)?\.?|no\.?|nr\.?|#|number|bild|vue|n°|foto(grama)?)( ?(no|nr|number|#)\.?)?$/i,
	date: /^(date|day|datum|tag|fecha|jour|日付|taken|when)/i,
	clock: /^(time of day|clock|hour|uhrzeit|heure|hora|時刻)/i,
	aperture: /^(aperture|f|f[- ]?(number|stop)|blende|ouverture|diaphragme|abertura|絞り)$/i,
	time: /^(shutter|exposure time|speed|time, s|verschluss|belichtung(szeit)?|zeit|vitesse|velocidad)/i,
	wheel: /(wheel|compensation|lighten|darken|\+\/-|±|korrektur)/i,
	subject: /^(subject|title|what|motiv|titel|sujet|description|beschreibung|asunto)/i,
	note: /^(note|remark|comment|notiz|bemerkung|remarque|nota)/i,
	place: /^(place|location|where|ort|lieu|lugar)/i,
	latitude: /^(lat|breite)/i,
	longitude: /^(lon|lng|länge|longitude)/i,
	distance: /^(distance|focus|entfernung|abstand|distancia)/i,
	ev: /^(ev|light|lv|licht|lumière)\b/i,
	outcome: /^(result|outcome|came out|ergebnis|exposed|résultat)/i
};

export type Columns = readonly (NotebookField | null)[];

/** What of a column's values tells it where its head does not. */
function byValues(values: readonly string[]): NotebookField | null {
	const said = values.filter((value) => value.trim() !== '');
	if (said.length === 0) return null;
	const all = (reads: (value: string) => unknown) => said.every((value) => reads(value) !== null);
	const [order] = possibleOrders(said);
	if (order && all((value) => readDate(value, order))) return 'date';
	if (all(readClock)) return 'clock';
	if (said.every((value) => /^(f|ƒ)/i.test(value.trim())) && all(readAperture)) return 'aperture';
	if (said.some((value) => /^1\s*\//.test(value.trim())) && all((value) => readTime(value, true)))
		return 'time';
	return null;
}

/**
 * What each column of a table holds, as far as its head or its values tell; each thing once.
 *
 * @param head the first row
 * @param rows those under it
 * @example guessedColumns(['Bild', 'Blende', 'x'], [['1', 'f/8', '1/125']]) // ['number', 'aperture', 'time']
 */
export function guessedColumns(head: readonly string[], rows: readonly (readonly string[])[]): Columns {
	const taken = new Set<NotebookField>();
	const once = (field: NotebookField | null | undefined) => {
		if (!field || taken.has(field)) return null;
		taken.add(field);
		return field;
	};
	const byHead = head.map((text) =>
		once(notebookFields.find((field) => !taken.has(field) && heads[field].test(text.trim())))
	);
	return byHead.map((field, at) => field ?? once(byValues(rows.map((row) => row[at] ?? ''))));
}

/** How a column is separated from the next: the sign that parts all rows into the same number of cells, and most. */
const SIGNS = [';', '\t', ',', '|'] as const;

/**
 * The sign between the cells of a table.
 *
 * @example separatorOf('a;b\n"x;1";"0,008"') // ';'
 */
export function separatorOf(text: string): string {
	const lines = text
		.split(/\r?\n/)
		.filter((line) => line.trim() !== '')
		.slice(0, 20)
		.map((line) => line.replace(/"[^"]*"/g, ''));
	const counts = SIGNS.map((sign) => {
		const each = lines.map((line) => line.split(sign).length - 1);
		const same = each.every((count) => count === each[0]);
		return { sign, score: each[0] > 0 ? each[0] + (same ? 1000 : 0) : 0 };
	});
	return counts.toSorted((a, b) => b.score - a.score)[0].sign;
}
