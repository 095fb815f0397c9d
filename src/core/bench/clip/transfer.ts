import type { FilmedStep } from './types';

/**
 * Light of a code value by the standard of video.
 * Source: ITU-R BT.709-6, 1.2, turned round.
 *
 * @param code 0 … 1
 * @returns 0 … 1
 * @example lightOfBt709(0.5) // 0.26
 */
export const lightOfBt709 = (code: number): number =>
	code < 0.081 ? code / 4.5 : ((code + 0.099) / 1.099) ** (1 / 0.45);

/** Doubt of light by the standard, where the clip does not show its own steps: part of it; common practice. */
export const STANDARD_DOUBT = 0.15;

/**
 * Light of a code value by the steps that were filmed: straight between them on a scale of stops, and down to black.
 *
 * @param steps of which one is black and two are not
 * @example lightBySteps([{ fraction: 1, code: 0.8 }, { fraction: 0.5, code: 0.6 }, { fraction: 0, code: 0.1 }])(0.6) // 0.5
 */
export function lightBySteps(steps: readonly FilmedStep[]): (code: number) => number {
	const rising = [...steps].sort((a, b) => a.code - b.code);
	const [black, darkest] = rising;
	return (code) => {
		if (code <= darkest.code)
			return (darkest.fraction * Math.max(0, code - black.code)) / (darkest.code - black.code);
		const next = rising.findIndex((step) => step.code >= code);
		const [a, b] = next < 0 ? rising.slice(-2) : [rising[next - 1], rising[next]];
		const part = (code - a.code) / (b.code - a.code);
		return a.fraction * (b.fraction / a.fraction) ** part;
	};
}
