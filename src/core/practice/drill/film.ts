import type { Film } from '../../film';
import { bestOutcome } from '../../match';
import { cardFrom, type Drill } from './card';

const SPEEDS = [25, 50, 100, 200, 400, 800, 1600, 3200];
const lights = [
	{ ev: 14 + 2 / 3, words: 'full sun' },
	{ ev: 12 + 2 / 3, words: 'bright shade or thin cloud' },
	{ ev: 11 + 2 / 3, words: 'a grey day without shadows' },
	{ ev: 7, words: 'a bright room' }
] as const;

/** The film that a camera of the bag wants in a light: the speed nearest to its setting. */
export const film: Drill = ({ cameras }, chance) => {
	const byHand = cameras.filter(({ exposure }) => exposure.mode === 'manual');
	const pairs = chance.mixed(byHand.flatMap((camera) => lights.map((light) => ({ camera, light }))));
	for (const { camera, light } of pairs) {
		const known = SPEEDS.map((iso) => {
			const film: Film = { name: 'film', iso, type: 'colour-negative' };
			return { iso, outcome: bestOutcome(camera, film, { ev: light.ev, sd: 0 }) };
		});
		const good = known.filter(({ outcome }) => outcome.verdict === 'just-enough');
		const bad = known.filter(({ outcome }) => /too/.test(outcome.verdict));
		if (good.length === 0 || bad.length === 0) continue;
		const right = good.reduce((a, b) => (Math.abs(b.outcome.error) < Math.abs(a.outcome.error) ? b : a));
		return cardFrom(
			`${camera.name} in ${light.words}: which film speed?`,
			`ISO ${right.iso}`,
			chance
				.mixed(bad)
				.slice(0, 3)
				.map(({ iso }) => `ISO ${iso}`),
			`With ISO ${right.iso} its settings suit that light; the others give the film far too much or too little.`,
			(choices) => choices.sort((a, b) => Number(a.slice(4)) - Number(b.slice(4)))
		);
	}
	return null;
};
