import { randomLcg, randomNormal, randomUniform } from 'd3-random';
import { DateTime } from 'luxon';
import { resolveLight } from '$core/light';
import {
	calledBy,
	courseOf,
	evOfScene,
	sceneFor,
	type Exercise,
	type Named,
	type Skill,
	type Task
} from '$core/practice';
import { roundToThird } from '$core/units';

/** Days before now on which there was practice. */
const DAYS_AGO = [7, 6, 5, 3, 2, 1];
const AT_HOUR = 18;
const SECONDS_EACH = 15;

/** How the person of the demo sees, stops: what they take for too bright, and how they wander. */
const SEES_BRIGHT: Partial<Record<Skill, number>> = {
	'deep-shade': 1,
	'open-shade': 2 / 3,
	'low-sun': 1 / 3
};
/** What they call a light for which there is no word. */
const NO_SHADOW: Named = { method: 'shadows', school: 'shadow-edge', condition: 'none' };
const WANDERS = 0.3;
const KNOWS = 0.8;

/** A week of practice of the person of the demo. */
export function weekOfPractice(now: Date): Exercise[] {
	const source = randomLcg(1975);
	const wander = randomNormal.source(source)(0, WANDERS);
	const chance = randomUniform.source(source)(0, 1);
	const done: Exercise[] = [];

	const answered = (task: Task, at: string, day: string): Exercise => {
		if (task.kind === 'drill') return { kind: 'drill', at, day, card: task.card, right: chance() < KNOWS };
		const { skill, seed } = task;
		const scene = sceneFor(skill, seed);
		const called = calledBy[skill];
		const read = { ev: evOfScene(scene), sd: 0, by: 'drawn' } as const;
		const taken = called ? resolveLight(called).ev : read.ev;
		const ev = roundToThird(taken + (SEES_BRIGHT[skill] ?? 0) + wander());
		const named = called ?? NO_SHADOW;
		return { kind: 'seeing', at, day, clock: scene.clock, named, ev, read, drawn: { skill, seed } };
	};

	for (const ago of DAYS_AGO) {
		const evening = DateTime.fromJSDate(now).minus({ days: ago }).set({ hour: AT_HOUR, minute: 0 });
		const day = evening.toISODate()!;
		courseOf(done, day).tasks.forEach((task, at) => {
			const moment = evening
				.plus({ seconds: SECONDS_EACH * at })
				.toUTC()
				.toISO()!;
			done.push(answered(task, moment, day));
		});
	}
	return done;
}
