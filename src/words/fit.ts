import { cameraKind, type Camera } from '../core/camera';
import { factsOf, fitOf, type Film, type Holder } from '../core/film';

const holderName: Readonly<Record<Holder, string>> = {
	spool: 'film on a spool',
	'instant-pack': 'an instant pack',
	'peel-apart-pack': 'a peel-apart pack'
};

/**
 * That a film does not go into a camera, or what it takes to get it in.
 *
 * @returns an empty text where it goes in
 * @example fitInWords(a box for 620, a film in 35 mm) // 'The box takes 620, and this is 35 mm. Use adapters at both ends …'
 */
export function fitInWords(
	{ name, kind, format }: Pick<Camera, 'name' | 'kind' | 'format'>,
	film: Film
): string {
	const type = cameraKind(kind)?.film;
	const { goes, say } = fitOf(film, { format, type });
	if (goes && say === '') return '';
	const both = format !== undefined && film.format !== undefined;
	if (!both && type === undefined) return '';
	const takes = both ? format : holderName[factsOf(type!).holder];
	const given = both ? film.format : holderName[factsOf(film.type).holder];
	return `${name} takes ${takes}, and this is ${given}. ${say || 'It won’t fit.'}`;
}
