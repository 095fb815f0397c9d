import { bestLit, type Intent } from '../match';
import type { Light } from '../light';
import { sunOf } from '../plan';
import {
	historyOf,
	likelyOf,
	thingsWith,
	type Log,
	type Progress,
	type Likely,
	type ToldHistory
} from '../whatif';
import { handHeldFrom } from './hand-held';
import { noShares, type Shares } from './in-worlds';
import { intentsBy, knownWay, type KnownWay } from './known-way';
import { overLight } from './over-light';
import { overLog } from './over-log';
import { overYear, preparedYear, type OverYear, type PreparedYear, type YearOfLight } from './over-year';
import { alikeWays, costOfKeeper, dearestPayback } from './payback';
import type { Comparison, TypicalSetting, Way, WayCompared } from './types';

/** What ways are held against: a light, a year at a place, one's own frames; the last two may go together. */
export interface Held {
	light?: Light;
	year?: YearOfLight;
	log?: Log;
	/** What is wanted of frames in a light or a year. */
	intent?: Intent;
}

/** Nothing is told, and nothing was shot. */
const NO_LOG: Log = { told: [], cameras: [], films: [], frames: [] };

/** What a way comes to over all that it is held against. */
interface Tried {
	shares: Shares;
	typical: TypicalSetting | null;
	hours: WayCompared['hours'];
}

/** Everything that the ways are held against, made ready once. */
interface Ready {
	history: ToldHistory;
	light?: Light;
	year?: PreparedYear;
	intent: Intent;
}

/** One's own frames say more than a year's daylight, where there are any. */
function tried({ history, light, year, intent }: Ready, way: KnownWay, progress?: Progress): Tried {
	const yearly: OverYear | null = year ? overYear(history.worlds, way, year, intent) : null;
	const hours = yearly?.hours ?? null;
	if (history.frames.length > 0) return { ...overLog(history, way, progress), hours };
	if (yearly) return yearly;
	if (light) return { ...overLight(history.worlds, way, light, intent), hours };
	return { shares: noShares(history.worlds.count), typical: null, hours };
}

/** How bright it may be for a flash to be what lights a subject, EV. */
const ROOM = 5;

/** How far a flash is usable at full power, in a room. */
function flashOf(way: KnownWay, intent: Intent): WayCompared['flash'] {
	if (!way.flash) return null;
	const flash = { ...way.flash, powers: [Math.max(...way.flash.powers)] };
	const lit = bestLit(way.camera, way.film, { ev: ROOM }, { flash }, intentsBy(way, intent)[0]);
	return lit && { to: lit.change.range[1] };
}

function costOf({ cost }: Way, good: Likely): WayCompared['cost'] {
	const per = (share: number) => {
		const keeper = costOfKeeper(cost.frame, share);
		return Number.isFinite(keeper) ? keeper : null;
	};
	return { ...cost, keeper: per(good.mean), interval: [per(good.to), per(good.from)] };
}

function comparedWay(way: KnownWay, { shares, typical, hours }: Tried, intent: Intent): WayCompared {
	const [good, usable] = [likelyOf(shares.good), likelyOf(shares.usable)];
	return {
		hours,
		share: { good: good.mean, usable: usable.mean, interval: [good.from, good.to] },
		seconds: typical?.seconds ?? null,
		typical,
		handheldFrom: handHeldFrom(way, intent),
		flash: flashOf(way, intent),
		cost: costOf(way, good)
	};
}

/**
 * Ways of using a camera, held against a light, a year at a place or one's own frames: how often they come out, how
 * long a day they work, what a keeper costs, and when the dearest has earned its price.
 *
 * @param progress frames, or ways, that are gone through
 * @example compare([as it is, with an ND of 2 stops], { light: { ev: 14 } }).alike // [1]
 */
export function compare(
	ways: readonly Way[],
	{ light, year, log = NO_LOG, intent = {} }: Held,
	progress: Progress = () => {}
): Comparison {
	const all = (ways.length + 1) * Math.max(1, log.frames.length);
	const step = Math.max(1, log.frames.length);
	const history = historyOf(log, ways, (done) => progress(done, all));
	const things = thingsWith(log, ways);
	const ready: Ready = {
		...{ history, light, intent },
		...(year && { year: preparedYear(year, sunOf(year)) })
	};
	const known = ways.map((way) => knownWay(way, things, history.taught));
	const each = known.map((way, at) => {
		progress((at + 1) * step, all);
		return tried(ready, way, (done) => progress((at + 1) * step + done, all));
	});
	const shares = each.map((one) => one.shares);
	return {
		ways: known.map((way, at) => comparedWay(way, each[at], intent)),
		alike: alikeWays(shares),
		payback: dearestPayback(ways, shares)
	};
}
