import { reciprocityDoubt, type Film } from '../core/film';
import type { Outcome, Why } from '../core/match';
import { formatDoubt, formatStops, stopsInWords } from '../core/units';

/** Why a frame comes out as it does: the one sentence that names the largest part. */

/** Smaller parts are not what makes a frame what it is, stops. */
const WORTH_SAYING = 0.5;

const over = (stops: number) => `${formatStops(stops)} ${stops > 0 ? 'over' : 'under'}`;

/** Whether there is more to say of why a frame is off than its verdict says: not where its settings alone are. */
export const addsToVerdict = ({ error, why, verdict }: Pick<Outcome, 'error' | 'why' | 'verdict'>): boolean =>
	verdict !== 'just-enough' && why !== undefined && largestPart(why, error)?.[0] !== 'settings';

/** How each part is said, by its stops; + = more light on the film. */
const said: Readonly<Record<keyof Why, (stops: number) => string>> = {
	settings: (stops) => `In this light its settings give ${over(stops)}.`,
	filmVersusEye: (stops) =>
		`This film is ${stopsInWords(stops)} ${stops > 0 ? 'faster' : 'slower'} than the camera expects.`,
	wheel: (stops) => `The wheel ${stops > 0 ? 'lightens' : 'darkens'} by ${formatStops(stops)}.`,
	clamp: (stops) =>
		`The camera stops ${stopsInWords(stops)} ${stops > 0 ? 'too slow' : 'too fast'} for this light.`,
	meterElsewhere: (stops) =>
		`The light on its eye is ${stopsInWords(stops)} ${stops > 0 ? 'darker' : 'brighter'} than on the subject.`,
	filters: (stops) =>
		stops > 0
			? `The filter over the eye lightens by ${formatStops(stops)}.`
			: `What’s in front of the lens costs ${stopsInWords(stops)}.`,
	closeUp: (stops) => `This close, the lens loses ${stopsInWords(stops)}.`,
	reciprocity: (stops) => `At a time this long the film loses ${stopsInWords(stops)}`,
	flash: (stops) => `The flash adds ${stopsInWords(stops)}.`,
	exposures: (stops) => `More than one exposure adds ${stopsInWords(stops)}.`,
	lean: (stops) =>
		`In light like this its old cell gives ${formatStops(stops)} ${stops > 0 ? 'more' : 'less'} than it should.`,
	offset: (stops) =>
		`This camera gives ${formatStops(stops)} ${stops > 0 ? 'more' : 'less'} than its settings say.`
};

/**
 * The largest part of an error, of those on its side: what one would change.
 *
 * @returns null where nothing of weight makes it
 * @example largestPart({ filmVersusEye: 2, wheel: -0.5 }, 1.5) // ['filmVersusEye', 2]
 */
export function largestPart(why: Why, error: number): [part: keyof Why, stops: number] | null {
	const side = Object.entries(why).filter(([, stops]) => stops * error > 0) as [keyof Why, number][];
	if (side.length === 0) return null;
	const largest = side.reduce((a, b) => (Math.abs(b[1]) > Math.abs(a[1]) ? b : a));
	return Math.abs(largest[1]) >= WORTH_SAYING ? largest : null;
}

/**
 * Why a frame is off, in one sentence, with its doubt where the film's own behaviour is only about known.
 *
 * @returns an empty text where it is not off by anything of weight, or an older frame does not tell
 * @example whyInWords({ error: 2, why: { filmVersusEye: 2 }, seconds: 0.01 }, film) // 'This film is 2 stops faster than the camera expects.'
 */
export function whyInWords(
	{ error, why, seconds }: Pick<Outcome, 'error' | 'why' | 'seconds'>,
	film: Film
): string {
	if (!why || Math.abs(error) < WORTH_SAYING) return '';
	const part = largestPart(why, error);
	if (!part) return '';
	if (part[0] !== 'reciprocity') return said[part[0]](part[1]);
	return `${said.reciprocity(part[1])}, give or take ${formatDoubt(reciprocityDoubt(film, seconds))}.`;
}
