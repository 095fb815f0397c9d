import { bestOutcome } from '../../match';
import { cardFrom, type Drill } from './card';

const lights = [
	{ ev: 14 + 2 / 3, words: 'Full sun, sharp shadows' },
	{ ev: 12 + 2 / 3, words: 'Shadows barely visible' },
	{ ev: 11 + 2 / 3, words: 'A grey day, no shadow at all' },
	{ ev: 8, words: 'A bright street at night' },
	{ ev: 6, words: 'A lit room in the evening' }
] as const;

/** Which loaded camera of the bag is just enough in a light, where another is not. */
export const which: Drill = ({ loaded }, chance) => {
	for (const light of chance.mixed(lights)) {
		const known = loaded.map(({ camera, film }) => ({
			name: `${camera.name}, ${film.name}`,
			outcome: bestOutcome(camera, film, { ev: light.ev, sd: 0.3 })
		}));
		const good = known.filter(({ outcome }) => outcome.verdict === 'just-enough');
		const bad = known.filter(({ outcome }) => /too/.test(outcome.verdict));
		if (good.length === 0 || bad.length === 0) continue;
		const right = chance.one(good);
		return cardFrom(
			`${light.words}. Which camera in your bag is just enough?`,
			right.name,
			chance
				.mixed(bad)
				.slice(0, 3)
				.map(({ name }) => name),
			`The others come out ${[...new Set(bad.map(({ outcome }) => outcome.verdict.replace('-', ' ')))].join(' or ')} there.`,
			chance.mixed
		);
	}
	return null;
};
