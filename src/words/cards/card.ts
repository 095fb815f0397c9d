import { automaticExposure, slowestByHand, type Camera, type Filter } from '../../core/camera';
import { effectiveSpeed, type Film } from '../../core/film';
import { resolveLight } from '../../core/light';
import { bestOutcome, isSpoiledBy, type Outcome, type Verdict } from '../../core/match';
import { formatEv } from '../../core/units';
import { settingsInShort, verdictInShort } from '..';
import { cardConditions, type CardPicture } from './conditions';

/** One light on a card and what to do in it. */
export interface CardRow {
	picture: CardPicture;
	words: string;
	/** EV at ISO 100, in thirds. */
	ev: string;
	/** What to set, by the camera's own marks. */
	set: string;
	/** How it comes out, in a few words. */
	says: string;
	verdict: Verdict;
	outcome: Outcome;
}

/** A card to carry where there is no phone. */
export interface PocketCard {
	camera: string;
	film: string;
	rows: CardRow[];
}

export type CardSize = 'bank' | 'a6';

const shakes = (outcome: Outcome) => isSpoiledBy(outcome, 'shake');

function says(outcome: Outcome): string {
	const verdict = verdictInShort(outcome);
	const comes = outcome.verdict === 'just-enough' || outcome.verdict === 'usable';
	return comes && shakes(outcome) ? `${verdict}, on a tripod` : verdict;
}

/** What its development makes of a film's speed; nothing where that is the one on its box. */
function shotAs(film: Film): string {
	const speed = effectiveSpeed(film);
	return Math.abs(Math.log2(speed / film.iso)) < 1 / 6 ? '' : `, shot as ISO ${Number(speed.toPrecision(2))}`;
}

/** Where the eye does all there is to do, that is said instead of the time it will take. */
function set(camera: Camera, outcome: Outcome): string {
	const eye = automaticExposure(camera);
	if (!eye || shakes(outcome)) return settingsInShort(camera, outcome);
	const steady = outcome.seconds <= slowestByHand(camera);
	const short = settingsInShort(camera, outcome);
	return steady ? short : `${short}, rest it`;
}

/**
 * The card of a camera with a film: for each light, what `match` finds best.
 *
 * @param filters mounted
 * @param size the bank card has fewer rows
 * @example pocketCard(a camera with sun and cloud marks, a film, [], 'bank').rows[0].set // 'f/11 sun, 1/100 s'
 */
export function pocketCard(
	camera: Camera,
	film: Film,
	filters: readonly Filter[],
	size: CardSize
): PocketCard {
	const intent = filters.length > 0 ? { filters: [...filters] } : {};
	const rows = cardConditions
		.filter(({ small }) => small || size === 'a6')
		.map(({ picture, words, light }): CardRow => {
			const outcome = bestOutcome(camera, film, light, intent);
			return {
				picture,
				words,
				ev: formatEv(resolveLight(light).ev),
				set: set(camera, outcome),
				says: says(outcome),
				verdict: outcome.verdict,
				outcome
			};
		});
	const mounted = filters.map(({ name }) => ` + ${name}`).join('');
	return { camera: camera.name, film: `${film.name}, ISO ${film.iso}${shotAs(film)}${mounted}`, rows };
}
