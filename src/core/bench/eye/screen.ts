/**
 * The screen of steps: light whose ratios are exact. A half of it is a uniform pattern of white blocks among black ones,
 * the other half its complement, so that the whole is equally bright at every step and no screen has reason to dim.
 */

/** How dark the darkest step is: so many halvings below white; below it comes black. */
export const DARKEST_STEP = 7;

/** A pattern repeats after so many blocks. */
export const PATTERN = { width: 2 ** Math.ceil(DARKEST_STEP / 2), height: 2 ** Math.floor(DARKEST_STEP / 2) };

/** A block's side, device pixels: smaller ones do not become all black and all white. */
export const BLOCK = 3;

/** Bits of a number from the other end: each half of a row comes before its quarters. */
const turned = (value: number, bits: number): number =>
	Array.from({ length: bits }, (_, bit) => ((value >> bit) & 1) << (bits - 1 - bit)).reduce(
		(a, b) => a + b,
		0
	);

/** The rank of a block within the pattern: the first 1/2ⁿ of them lie as evenly as so many can. */
function rankOf(column: number, row: number): number {
	const [across, down] = [Math.ceil(DARKEST_STEP / 2), Math.floor(DARKEST_STEP / 2)];
	const [x, y] = [turned(column, across), turned(row, down)];
	let rank = 0;
	for (let bit = 0; bit < across; bit++) {
		rank += ((x >> (across - 1 - bit)) & 1) * 2 ** (DARKEST_STEP - 1 - 2 * bit);
		if (bit < down) rank += ((y >> (down - 1 - bit)) & 1) * 2 ** (DARKEST_STEP - 2 - 2 * bit);
	}
	return 2 ** DARKEST_STEP - 1 - rank;
}

/**
 * Whether a block is white at a step.
 *
 * @param step halvings below white, 0 … 7; null: black
 * @param column of the block, from the left; the pattern repeats
 * @param row from the top
 * @example isWhite(1, 0, 0) // every other column of blocks is
 */
export function isWhite(step: number | null, column: number, row: number): boolean {
	if (step === null) return false;
	return rankOf(column % PATTERN.width, row % PATTERN.height) < 2 ** (DARKEST_STEP - step);
}
