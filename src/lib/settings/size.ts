const STEP = 1024;
const UNITS = ['bytes', 'KiB', 'MiB', 'GiB'] as const;

/**
 * How large a file is.
 *
 * @example sizeInWords(1536) // '1.5 KiB'
 */
export function sizeInWords(bytes: number): string {
	const step = Math.min(UNITS.length - 1, Math.floor(Math.log2(Math.max(1, bytes)) / 10));
	const value = bytes / STEP ** step;
	return `${step === 0 || value >= 100 ? Math.round(value) : value.toFixed(1)} ${UNITS[step]}`;
}
