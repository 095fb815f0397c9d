import type { Light } from '../light';
import type { Intent } from '../match';
import { comesOut } from '../plan';
import type { Worlds } from '../learn';
import { sharesOf, type Shares } from './in-worlds';
import { makingBy, takenBy, type KnownWay } from './known-way';
import { typicalOf } from './times';
import type { TypicalSetting } from './types';

/** What a way does in one kind of light, in pack after pack. */
export interface OverLight {
	shares: Shares;
	typical: TypicalSetting | null;
}

/** Any day: what bodies lose over the years is in what is known of them. */
const ANY_DAY = '2026-07-01T12:00:00Z';

/** What a way does in one kind of light. */
export function overLight(worlds: Worlds, way: KnownWay, light: Light, asked: Intent): OverLight {
	const taken = takenBy(way, light, asked);
	const load = `pack of ${way.of.film}`;
	const making = makingBy(way, taken, { light, load, processStops: way.film.processStops });
	return {
		shares: sharesOf(worlds, way, taken, making, ANY_DAY),
		typical: comesOut(taken.outcome) ? typicalOf([{ ...taken, weight: 1 }]) : null
	};
}
