const MINUTE = 60_000;
const HOUR = 60 * MINUTE;

/**
 * By how much times move.
 *
 * @param shift ms, + = later
 * @example shiftInWords(3_720_000) // 'All frames move 1 h 2 min later.'
 */
export function shiftInWords(shift: number): string {
	if (shift === 0) return 'As logged: nothing moves.';
	const size = Math.abs(shift);
	const parts = [
		[Math.floor(size / HOUR), 'h'],
		[Math.floor((size % HOUR) / MINUTE), 'min'],
		[Math.round((size % MINUTE) / 1000), 's']
	] as const;
	const said = parts.filter(([count]) => count > 0).map(([count, unit]) => `${count} ${unit}`);
	return `All frames move ${said.join(' ')} ${shift > 0 ? 'later' : 'earlier'}.`;
}
