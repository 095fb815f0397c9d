import { worth, type Bag, type Change, type Question, type SingleChange } from '../match';
import type { Worlds } from '../learn';
import { fateOf, replayed, type History, type Relived } from './replay';
import { KINDS, makingOf, nameOf, questionOf, sameAt, singlesAt, withMissing } from './single';
import type { Fate } from './types';

/** A change, or two, and what they would have done. */
export interface Saving {
	change: Omit<Change, 'stops'> & {
		/** What it does to the error, with the other one, on the mean of what they save, stops. */ stops: number;
	};
	/** What is done beside it, where no single change saves a frame. */
	and?: Omit<Change, 'stops'>;
	/** 0 on the camera, 1 at hand, 2 later, 3 another film, 4 what is not in the bag; of two, the greater. */
	effort: number;
	/** Frames that are lost without it and come out with it: for which nothing takes less. */
	lost: number;
	ids: string[];
	/** Frames that are good without it and would be lost by it, were it done to all. */
	spoils: number;
}

/** What would have saved lost frames. */
export interface Savings {
	/** Frames that were lost by their exposure. */
	lost: number;
	/** The least changes, those that take least first. */
	saved: Saving[];
	/** Lost frames that no change, nor two together, would have saved. */
	open: number;
}

/** More likely than not. */
const LIKELY = 1 / 2;

/** A lost frame, and every single thing that could have been done at it. */
interface Lost {
	before: Relived;
	question: Question;
	singles: SingleChange[];
}

function lostWith(before: Relived, bag: Bag): Lost {
	const { making, judged } = before.frame;
	const question = questionOf(making, bag);
	return { before, question, singles: singlesAt(question, judged!.stops) };
}

/** What is to be found for one frame may serve another one, too. */
function withFound(lost: readonly Lost[]): Lost[] {
	const found = new Map<string, SingleChange>();
	for (const { singles } of lost)
		for (const single of singles) if (single.change.missing) found.set(nameOf(single), single);
	return lost.map((each) => ({
		...each,
		singles: [
			...each.singles.filter(({ change }) => !change.missing),
			...[...found.values()].map((single) => withMissing(each.question, single))
		]
	}));
}

/** A change, or two, by which some lost frames come out. */
interface Candidate {
	changes: SingleChange[];
	/** What it takes: as much as the greater of two, and a little more. */
	takes: number;
	stops: number[];
	ids: string[];
}

const isLost = ({ frame, then }: Relived) =>
	frame.judged !== undefined && !frame.spoiled && fateOf(then).usable < LIKELY;

/** Whether a frame comes out, more likely than not: half of what it is worth is that it does well. */
const comesOut = ({ good, usable }: Fate) => worth({ chances: { good, usable } }) >= LIKELY;

const effortOf = (changes: readonly SingleChange[]) => Math.max(...changes.map(({ effort }) => effort));
const isAtHand = ({ change }: SingleChange) => !change.missing;

/** Frames that come out by what was tried at them. */
class Tried {
	readonly found = new Map<string, Candidate>();

	/** What a change, or two, make of a frame; it is kept where the frame comes out by it. */
	try(worlds: Worlds, { before }: Lost, changes: SingleChange[]): Fate {
		const fate = fateOf(replayed(worlds, before, makingOf(before.frame.making, changes)));
		if (!comesOut(fate)) return fate;
		const name = changes.map(nameOf).join(' and ');
		const { stops, ids } = this.found.get(name) ?? { stops: [], ids: [] };
		this.found.set(name, {
			changes,
			takes: effortOf(changes) + (changes.length - 1) / 2,
			stops: [...stops, fate.error - fateOf(before.then).error],
			ids: [...ids, before.frame.id]
		});
		return fate;
	}
}

/** A change that helps, though not enough. */
interface Helping {
	single: SingleChange;
	error: number;
}

/** Of each kind so many of those that help most are tried with another one. */
const OF_A_KIND = 2;
/** What helps takes off so much, stops. */
const HELPS = 1 / 3;

function helpingMost(all: readonly Helping[], was: number): Helping[] {
	const helping = all.filter(({ error }) => Math.abs(error) < Math.abs(was) - HELPS);
	return KINDS.flatMap((kind) =>
		helping
			.filter(({ single }) => single.change.kind === kind)
			.sort((a, b) => Math.abs(a.error) - Math.abs(b.error))
			.slice(0, OF_A_KIND)
	);
}

/** Frames that two changes are tried at, at most: it is much work. */
const MOST_BY_TWO = 60;

/** Every two changes of different kinds that could be made at a frame which none of them saves alone. */
function pairsAt({ before }: Lost, fates: readonly { single: SingleChange; fate: Fate }[]): SingleChange[][] {
	const found = fates.some(({ fate }) => comesOut(fate));
	const helping = fates.map(({ single, fate }) => ({ single, error: fate.error }));
	return helpingMost(helping, fateOf(before.then).error).flatMap(({ single, error }) =>
		singlesAt(single.question, error)
			.filter(
				({ change }) => KINDS.indexOf(change.kind as never) > KINDS.indexOf(single.change.kind as never)
			)
			.map((other) => [single, other])
			// Where one thing to be found would do, two of what is there are less.
			.filter((both) => !found || both.every(isAtHand))
	);
}

/** Every change, and for frames that nothing at hand saves alone every two of different kinds, by which a lost frame comes out. */
function candidatesFor(worlds: Worlds, lost: readonly Relived[], bag: Bag): Candidate[] {
	const tried = new Tried();
	let byTwo = 0;
	for (const each of withFound(lost.map((frame) => lostWith(frame, bag)))) {
		const fates = each.singles.map((single) => ({ single, fate: tried.try(worlds, each, [single]) }));
		if (fates.some(({ single, fate }) => isAtHand(single) && comesOut(fate))) continue;
		if (++byTwo > MOST_BY_TWO) continue;
		for (const both of pairsAt(each, fates)) tried.try(worlds, each, both);
	}
	return [...tried.found.values()];
}

/** Each lost frame's least change; of changes that take as much, those that save most are taken first. */
function leastOf(candidates: readonly Candidate[]): Candidate[] {
	const left = new Set(candidates.flatMap(({ ids }) => ids));
	const taken: Candidate[] = [];
	for (const least of [...new Set(candidates.map(({ takes }) => takes))].sort((a, b) => a - b)) {
		const level = candidates.filter(({ takes }) => takes === least);
		for (;;) {
			const still = level.map((each) => ({ each, ids: each.ids.filter((id) => left.has(id)) }));
			const most = still.reduce((a, b) => (b.ids.length > a.ids.length ? b : a));
			if (most.ids.length === 0) break;
			most.ids.forEach((id) => left.delete(id));
			taken.push({ ...most.each, ids: most.ids });
		}
	}
	return taken;
}

/** Good frames that changes would have lost, were they made at all of them. */
function spoiledBy(
	worlds: Worlds,
	good: readonly Relived[],
	bag: Bag,
	changes: readonly SingleChange[]
): number {
	return good.filter((before) => {
		const made: SingleChange[] = [];
		for (const single of changes) {
			const same = sameAt(made.at(-1)?.question ?? questionOf(before.frame.making, bag), single);
			if (!same) return false;
			made.push(same);
		}
		return fateOf(replayed(worlds, before, makingOf(before.frame.making, made))).usable < LIKELY;
	}).length;
}

const mean = (values: readonly number[]) => values.reduce((sum, each) => sum + each, 0) / values.length;

/** Changes that are told of. */
const MOST_TOLD = 6;

/**
 * For every frame that was lost by its exposure, the least change by which it would have come out, or where there is
 * none the least two, counted.
 *
 * @param bag what might have been used
 * @returns changes that take least first, of those the ones that save most
 * @example whatSaves(14 frames of an eye at its limit, { filters: [an ND of 2 stops] }).saved[0].lost // 14
 */
export function whatSaves({ worlds, frames }: History, bag: Bag): Savings {
	const lost = frames.filter(isLost);
	const good = frames.filter(({ frame, then }) => !frame.spoiled && fateOf(then).usable >= LIKELY);
	const least = leastOf(candidatesFor(worlds, lost, bag));
	const saving = ({ changes, stops, ids }: Candidate): Saving => ({
		change: { ...changes[0].change, stops: mean(stops) },
		...(changes[1] && { and: changes[1].change }),
		effort: effortOf(changes),
		lost: ids.length,
		ids,
		spoils: spoiledBy(worlds, good, bag, changes)
	});
	return {
		lost: lost.length,
		saved: least.slice(0, MOST_TOLD).map(saving),
		open: lost.length - new Set(least.flatMap(({ ids }) => ids)).size
	};
}
