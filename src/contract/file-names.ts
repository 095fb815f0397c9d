/** Names of files in an archive: any script's letters, and nothing that a file system refuses. */

const LONGEST = 80;
/** Source: what Windows, which refuses most, says of naming files. */
const REFUSED = /[<>:"/\\|?*\p{Cc}\p{Cf}]+/gu;
const DEVICES = /^(con|prn|aux|nul|com\d|lpt\d)$/i;

/**
 * A text as a part of a file's name.
 *
 * @param otherwise where nothing is left of it
 * @example namePart('f/8: Quay?', 'frame') // 'f 8 Quay'
 */
export function namePart(text: string, otherwise: string): string {
	const plain = text.normalize('NFC').replace(REFUSED, ' ').replace(/\s+/g, ' ').trim();
	const short = [...plain]
		.slice(0, LONGEST)
		.join('')
		.replace(/^[. ]+|[. ]+$/g, '');
	return short === '' || DEVICES.test(short) ? otherwise : short;
}

/** Names that are used once each, whatever their capitals: a further one of the same gets a number. */
export function namer(): (path: string, ending: string) => string {
	const used = new Set<string>();
	return (path, ending) => {
		for (let further = 1; ; further++) {
			const name = `${path}${further === 1 ? '' : ` (${further})`}.${ending}`;
			if (used.has(name.toLowerCase())) continue;
			used.add(name.toLowerCase());
			return name;
		}
	};
}
