import { chanceOf, type Drill, type DrillBag, type DrillCard } from './card';
import { equivalent } from './equivalent';
import { film } from './film';
import { filter } from './filter';
import { wheel } from './wheel';
import { which } from './which';

export type { DrillBag, DrillCard } from './card';

/** Every kind of quick card; a new one is one file and one line here. */
const drills = { equivalent, film, which, wheel, filter } satisfies Record<string, Drill>;

export type DrillKind = keyof typeof drills;
export const drillKinds = Object.keys(drills) as DrillKind[];

/**
 * A quick card of a kind, from a bag.
 *
 * @param seed the same seed is the same card
 * @returns null where the bag has nothing for it
 */
export function drillCard(kind: DrillKind, bag: DrillBag, seed: number): DrillCard | null {
	return drills[kind](bag, chanceOf(seed));
}

/** The kinds that a bag has something for. */
export function drillsFor(bag: DrillBag): DrillKind[] {
	return drillKinds.filter((kind) => drillCard(kind, bag, 1) !== null);
}
