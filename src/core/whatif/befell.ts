import { JUDGE, settingOf, WILD_FRAMES, yearsOf, type Worlds } from '../learn';
import { freshSd, habitSd, resolveLight } from '../light';
import { openFrame, type OpenFrame } from '../match';
import type { LoggedFrame, Making } from './types';

/** What befell one frame in each of many worlds, stops: what is new at it, without what it shares with others. */
export interface Befell {
	light: Float64Array;
	eye: Float64Array;
	hand: Float64Array;
	meter: Float64Array;
	wild: Float64Array;
}

/** A making, open to what befalls, with what it shares with other frames in each world. */
export interface Shared {
	open: OpenFrame;
	body: Float64Array;
	beside: Float64Array;
	/** Where the limits of its camera are met. */
	limit: { fastest: Float64Array; slowest: Float64Array };
}

/** What a frame made so shares with others, in each world. */
export function sharedOf(worlds: Worlds, making: Making, takenAt: string): Shared {
	const { camera, film, light, intent, settings, of, developing } = making;
	const mark = settingOf(camera, settings);
	const body = worlds.body({
		camera: of.camera,
		at: yearsOf(takenAt),
		mark,
		wheel: settings.compensation ?? 0
	});
	const plain = worlds.beside({ film: of.film, load: of.load, judge: JUDGE });
	const bath = developing ? worlds.own(`developing ${of.load}`) : null;
	const beside = bath && developing ? plain.map((value, at) => value + developing * bath[at]) : plain;
	return {
		open: openFrame(camera, film, light, intent, settings),
		body,
		beside,
		limit: { fastest: worlds.limit(of.camera, 'fastest'), slowest: worlds.limit(of.camera, 'slowest') }
	};
}

/** The error of a making in one world, by what befell it there. */
export function errorIn(shared: Shared, befell: Befell, at: number): number {
	return errorBy(shared, at, befell, at);
}

/** The error in one world, by what befalls it at any place of what is drawn. */
function errorBy({ open, body, beside, limit }: Shared, at: number, by: Befell, place: number): number {
	const light = by.light[place];
	const given = body[at] + by.eye[place];
	const meter = by.meter[place];
	const held = open.held(light, given, meter);
	const own = beside[at] + by.hand[place] + by.wild[place];
	return open.error(light, given, meter) + own + (held ? limit[held][at] : 0);
}

const WILD_VARIANCE = WILD_FRAMES.sd ** 2;
/** The normal density, but for a constant. */
const density = (away: number, variance: number) =>
	Math.exp(-(away * away) / (2 * variance)) / Math.sqrt(variance);
const tameDensity = (away: number, variance: number) => (1 - WILD_FRAMES.share) * density(away, variance);
const wildDensity = (away: number, variance: number) =>
	WILD_FRAMES.share * density(away, variance + WILD_VARIANCE);

/** How likely what was seen is a wild frame's. */
function wildness(away: number, variance: number): number {
	const wild = wildDensity(away, variance);
	return wild === 0 ? 1 : wild / (wild + tameDensity(away, variance));
}

/** Doubts of what is new at a frame, stops. */
interface Doubts {
	light: number;
	eye: number;
	hand: number;
	meter: number;
	judge: number;
}

const parts = ['light', 'eye', 'hand', 'meter'] as const;
type PartSlopes = Record<(typeof parts)[number], number>;

function doubtsOf({ making, judged }: LoggedFrame, open: OpenFrame, noise: number): Doubts {
	const { light } = making;
	const scale = Math.sqrt(noise);
	return {
		light: freshSd(resolveLight(light).sd, habitSd(light)),
		eye: open.own.eye * scale,
		hand: open.own.hand * scale,
		meter: open.meterSd,
		judge: (judged?.sd ?? 0) * scale
	};
}

/** Draws what is new at a frame, before anybody looked at it. */
function draw(
	worlds: Worlds,
	{ light, eye, hand, meter }: Doubts,
	habit: number,
	into: Befell,
	at: number
): void {
	const { normal } = worlds;
	into.light[at] = light * normal() - habit;
	into.eye[at] = eye && eye * normal();
	into.hand[at] = hand && hand * normal();
	into.meter[at] = meter && meter * normal();
}

/** So many ways in which a frame near a limit may have come about are weighed in each world. */
const WAYS_WEIGHED = 24;

/** What is seen of a frame. */
interface Seen {
	stops: number;
	doubts: Doubts;
	habit: number;
}

/** Weighs ways in which a frame may have come about, all of one world. */
class Weighing {
	readonly #ways = emptyBefell(WAYS_WEIGHED);
	readonly #away = new Float64Array(WAYS_WEIGHED);
	readonly #weights = new Float64Array(WAYS_WEIGHED);

	constructor(
		readonly worlds: Worlds,
		readonly shared: Shared
	) {}

	/** Takes one of many ways it may have come about in a world, by how well it goes with what was seen. */
	take(into: Befell, at: number, { stops, doubts, habit }: Seen): void {
		const { worlds } = this;
		const variance = doubts.judge ** 2;
		let all = 0;
		for (let way = 0; way < WAYS_WEIGHED; way++) {
			draw(worlds, doubts, habit, this.#ways, way);
			const away = stops - errorBy(this.shared, at, this.#ways, way);
			this.#away[way] = away;
			all += this.#weights[way] = tameDensity(away, variance) + wildDensity(away, variance);
		}
		const way = this.#oneOf(all);
		for (const part of parts) into[part][at] = this.#ways[part][way];
		const away = this.#away[way];
		into.wild[at] = wildPart(worlds, away, wildness(away, variance), doubts.judge);
	}

	#oneOf(all: number): number {
		let left = this.worlds.uniform() * all;
		for (let way = 0; way < WAYS_WEIGHED; way++) if ((left -= this.#weights[way]) <= 0) return way;
		return 0;
	}
}

function emptyBefell(count: number): Befell {
	const none = () => new Float64Array(count);
	return { light: none(), eye: none(), hand: none(), meter: none(), wild: none() };
}

/** Of what a residual is made, a wild frame's own part: the rest is the judge's. */
function wildPart(worlds: Worlds, away: number, wild: number, judge: number): number {
	if (worlds.uniform() >= wild) return 0;
	const [own, all] = [WILD_FRAMES.sd ** 2, WILD_FRAMES.sd ** 2 + judge ** 2];
	return (away * own) / all + worlds.normal() * Math.sqrt((own * judge ** 2) / all);
}

/**
 * What befell a frame in each world, given how it was judged: what was seen is shared out among all that may have
 * caused it. Not judged: what may befall any such frame.
 * Source: conditioning by kriging (draw, and share out what is missing), as in any textbook of geostatistics; near
 * a limit, where the error bends, by weighing draws.
 *
 * @param noise times that the variance of the camera's frames is larger than usual
 */
export function befellOf(worlds: Worlds, frame: LoggedFrame, shared: Shared, noise: number): Befell {
	const { open } = shared;
	const { judged, way } = frame;
	const doubts = doubtsOf(frame, open, noise);
	const habits = worlds.way(way);
	const befell = emptyBefell(worlds.count);
	const by: PartSlopes | null = open.slopes && { ...open.slopes, eye: open.slopes.body, hand: 1 };
	const weighing = new Weighing(worlds, shared);
	for (let at = 0; at < worlds.count; at++) {
		const habit = habits[at];
		if (judged && !by) {
			weighing.take(befell, at, { stops: judged.stops, doubts, habit });
			continue;
		}
		draw(worlds, doubts, habit, befell, at);
		if (!judged || !by) continue;
		const stops = judged.stops - errorIn(shared, befell, at);
		const expected = parts.reduce((sum, part) => sum + by[part] * befell[part][at], by.light * habit);
		shareOut(worlds, befell, { at, stops, away: stops + expected }, doubts, by);
	}
	return befell;
}

/** One draw that is to be made to go with what was seen. */
interface Missing {
	at: number;
	/** What the draw misses of what was seen, stops. */
	stops: number;
	/** The same of what was expected, before anything was drawn. */
	away: number;
}

/** Shares out what one draw misses of what was seen, by the variances of all that may have caused it. */
function shareOut(
	worlds: Worlds,
	befell: Befell,
	{ at, stops, away }: Missing,
	doubts: Doubts,
	by: PartSlopes
): void {
	const own = parts.reduce((sum, part) => sum + (by[part] * doubts[part]) ** 2, 0);
	const judge = doubts.judge ** 2;
	const isWild = worlds.uniform() < wildness(away, own + judge);
	const wide = isWild ? WILD_FRAMES.sd ** 2 : 0;
	const wild = Math.sqrt(wide) * worlds.normal();
	const left = (stops - wild - doubts.judge * worlds.normal()) / (own + wide + judge);
	for (const part of parts) befell[part][at] += by[part] * doubts[part] ** 2 * left;
	befell.wild[at] = wild + wide * left;
}
