/** What a phone shows above the answer, by the height that is left: the answer itself never yields. */

/** Heights, px. */
const LANE = 52;
const CHIPS = 56;
const BANNER = 60;

/**
 * What there is room for, in the order in which it yields: the outing first, then the other cameras, then
 * the lane.
 *
 * @param left of the screen once the answer, its button and what develops have their places, px
 * @param wanted whether there are other cameras at all
 * @example roomFor(60, { chips: true }) // { lane: true, chips: false, banner: false }
 */
export function roomFor(left: number, wanted: { chips: boolean }) {
	const lane = left >= LANE;
	const chips = wanted.chips && left >= LANE + CHIPS;
	const banner = lane && left >= LANE + (wanted.chips ? CHIPS : 0) + BANNER;
	return { lane, chips, banner };
}

/** What drawing everything tighter wins back, px: from there on it need not be. */
const WON_BACK = 170;

/**
 * Whether even what never yields must be drawn tighter: the sentence behind the settings, these three in a
 * row, the print in one line. Once it is, it stays so until there is room for all of it as it was.
 *
 * @param left of the screen once the answer, its button and what develops have their places, px
 * @param was whether it is drawn so now, and left is measured so
 * @example isTight(-20, false) // true
 */
export const isTight = (left: number, was: boolean): boolean => left < (was ? WON_BACK : 0);
