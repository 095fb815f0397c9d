import { stopsInWords } from '$core/units';

const USUAL = [-4, -3, -2, -1, 0, 1, 2, 3, 4];

/**
 * How an eye can stand in other light, to choose from.
 *
 * @param now stops by which its light is brighter than the subject's
 */
export const elsewhereOptions = (now: number): { value: string; name: string }[] =>
	[...new Set([now, ...USUAL])]
		.sort((a, b) => a - b)
		.map((stops) => ({
			value: String(stops),
			name:
				stops === 0 ? 'the subject’s light' : `${stopsInWords(stops)} ${stops < 0 ? 'darker' : 'brighter'}`
		}));
