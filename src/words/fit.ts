import { cameraKind, type Camera } from '../core/camera';
import { factsOf, fitOf, framesAdapted, plainFormat, type Film, type Holder, type Takes } from '../core/film';

const holderName: Readonly<Record<Holder, string>> = {
	spool: 'film on a spool',
	'instant-pack': 'an instant pack',
	'peel-apart-pack': 'a peel-apart pack'
};

const WITH_ADAPTERS =
	'Use adapters at both ends, tape over the red window, and count turns instead of numbers.';
const RELOADED =
	'Reload an empty cartridge with it in the dark. Its holes stop the film elsewhere: wind by counting, not until it stops.';

/** What film of a format asks of the hands in a body for another, or why it does not work there. Source: common practice. */
const saidOf: Readonly<Record<string, Readonly<Record<string, string>>>> = {
	'35 mm': { '120': WITH_ADAPTERS, '620': WITH_ADAPTERS, '126 cartridge': RELOADED },
	'120': {
		'620':
			'It’s the same film on a thicker spool, which jams. Wind it onto a 620 spool in the dark first, or trim the spool’s rims to the film.',
		'127':
			'Cut it to 46 mm in the dark, and roll it up with the paper of a 127 film: the numbers on that are right.'
	},
	'620': { '120': 'It’s the same film on a thinner spool. Wind it onto a 120 spool in the dark first.' },
	'16 mm': {
		'110 cartridge': RELOADED,
		'regular 8': 'It’s as wide, with half the holes: the claw would tear it.'
	},
	'instant pack without battery': {
		'instant pack with battery':
			'This pack has no battery, and the camera runs on the pack’s. In the dark, move its sheets into an empty pack whose battery still works.'
	}
};

/**
 * What a film asks of the hands in a camera, or why it does not work there.
 *
 * @returns an empty text where there is nothing to say
 * @example fitAdvice({ format: '620' }, { format: '120' }) // 'It’s the same film on a thinner spool. Wind it …'
 */
export const fitAdvice = ({ format: film = '' }: Pick<Film, 'format'>, { format = '' }: Takes): string =>
	Object.entries(saidOf).find(([name]) => plainFormat(name) === plainFormat(film))?.[1][format] ?? '';

/**
 * That a film does not go into a camera, or what it takes to get it in.
 *
 * @returns an empty text where it goes in
 * @example fitInWords(a box for 620, a film in 35 mm) // 'The box takes 620, and this is 35 mm. Use adapters at both ends …'
 */
export function fitInWords(
	{ name, kind, format, frame }: Pick<Camera, 'name' | 'kind' | 'format'> & Partial<Pick<Camera, 'frame'>>,
	film: Film
): string {
	const type = cameraKind(kind)?.film;
	const { goes } = fitOf(film, { format, type });
	const say = fitAdvice(film, { format });
	if (goes && say === '') return '';
	const both = format !== undefined && film.format !== undefined;
	if (!both && type === undefined) return '';
	const takes = both ? format : holderName[factsOf(type!).holder];
	const given = both ? film.format : holderName[factsOf(film.type).holder];
	const adapted = framesAdapted(film.format, format, frame);
	const holds = adapted
		? ` A cassette of 36 gives about ${adapted.count} frames, ${adapted.across} mm high between the holes and ${Math.round(adapted.along)} mm long.`
		: '';
	return `${name} takes ${takes}, and this is ${given}. ${say || 'It won’t fit.'}${holds}`;
}
