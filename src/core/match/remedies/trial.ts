import { isSeenAtOnce } from '../../film';
import { resolveLight } from '../../light';
import { offsetOf } from '../../camera';
import type { Question, RemedyKind } from './remedy-kind';

/** What is left in doubt after a frame in this light has been seen, stops: of light, camera and film; common practice. */
const SEEN_LIGHT_SD = 0.2;
const SEEN_SD = 0.1;

function seen(question: Question): Question {
	const { camera, film, light } = question;
	return {
		...question,
		camera: { ...camera, offset: { ...offsetOf(camera), sd: Math.min(offsetOf(camera).sd, SEEN_SD) } },
		film: { ...film, speedSd: Math.min(film.speedSd ?? SEEN_SD, SEEN_SD) },
		light: { ...light, sd: Math.min(resolveLight(light).sd, SEEN_LIGHT_SD) }
	};
}

/** A trial frame, on film that can be seen at once. */
export const trial: RemedyKind = {
	kind: 'trial',
	effort: 2,
	pairs: false,
	narrows: true,
	options: ({ film }) => (isSeenAtOnce(film) ? [{ name: 'one trial frame, then answer it' }] : []),
	make: seen
};
