import ical, { escape, ICalAlarmType } from 'ical-generator';
import { v5 as derived } from 'uuid';
import { framesInWords, needsInWords, plannedInWords, sceneLightInWords } from '$core/words';
import { plannedScene, scenesInOrder, sceneTime, type Scene } from '$core/plan';
import type { CameraRecord, FilmRecord, OutingRecord, Stored } from '$contract/records';

/** What scenes are taken with. */
export interface CarriedBag {
	cameras: (CameraRecord & Stored)[];
	films: (FilmRecord & Stored)[];
}

const MINUTE = 60_000;
/** Before a scene, s; before the first one also the time to pack and go. Common practice. */
const [BEFORE, BEFORE_FIRST] = [15 * 60, 2 * 60 * 60];
/** A scene lasts until the next one, but not longer, minutes. */
const LONGEST = 30;

function told(outing: OutingRecord, scene: Scene, { cameras, films }: CarriedBag): string {
	const planned = plannedScene(outing, scene, { cameras, films });
	const needs = needsInWords(scene);
	return [
		planned ? `${plannedInWords(planned, scene.take?.handheld !== false)}.` : 'Not packed yet.',
		`${framesInWords(scene.frames)}. Light: ${sceneLightInWords(scene.light)}.`,
		...(needs ? [`Wanted: ${needs}.`] : []),
		'Never look at the sun through a finder. At night mind traffic, and the tide.'
	].join('\n');
}

/**
 * An outing as iCalendar (RFC 5545): an event for each scene, in UTC, so that no clock change and no
 * reader's time zone moves it; alarms before each, and earlier before the first.
 *
 * @param now stamped on the events
 */
export function calendarOf(outing: OutingRecord & Stored, bag: CarriedBag, now: Date): string {
	const scenes = scenesInOrder(outing);
	const starts = scenes.map((scene) => Date.parse(sceneTime(outing, scene)));
	const { name, where } = outing;
	// The package escapes every text but the calendar's own name.
	const calendar = ical({
		name: escape(name, false),
		prodId: { company: 'Just Enough', product: 'Outings' }
	});
	for (const [at, scene] of scenes.entries()) {
		const start = starts[at];
		const next = starts[at + 1] ?? Infinity;
		// Two scenes of the same minute both take that minute.
		const end = Math.max(start + MINUTE, Math.min(next, start + LONGEST * MINUTE));
		const event = calendar.createEvent({
			// The same scene twice is another event where the outing is another.
			id: derived(scene.id, outing.id),
			stamp: now,
			sequence: outing.version,
			start: new Date(start),
			end: new Date(end),
			summary: `${scene.name} (${name})`,
			description: told(outing, scene, bag),
			location: {
				title: where.name ?? `${where.latitude}, ${where.longitude}`,
				geo: { lat: where.latitude, lon: where.longitude }
			}
		});
		for (const trigger of at === 0 ? [BEFORE_FIRST, BEFORE] : [BEFORE])
			event.createAlarm({ type: ICalAlarmType.display, trigger, description: scene.name });
	}
	return calendar.toString();
}
