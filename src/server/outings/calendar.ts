import ical, { escape, ICalAlarmType, type ICalCalendar } from 'ical-generator';
import { v5 as derived } from 'uuid';
import { framesInWords, needsInWords, plannedInWords, sceneLightInWords } from '$words';
import { plannedScene, scenesInOrder, sceneTime, type Scene } from '$core/plan';
import type { Where } from '$contract/coordinates';
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

const WITH_CARE = 'Never look at the sun through a finder. At night, watch for traffic and the tide.';

const placeOf = ({ name, latitude, longitude }: Where) => ({
	title: name ?? `${latitude}, ${longitude}`,
	geo: { lat: latitude, lon: longitude }
});

function told(outing: OutingRecord, scene: Scene, { cameras, films }: CarriedBag): string {
	const planned = plannedScene(outing, scene, { cameras, films });
	const needs = needsInWords(scene);
	return [
		planned ? `${plannedInWords(planned, scene.take?.handheld !== false)}.` : 'Not packed yet.',
		`${framesInWords(scene.frames)}. Light: ${sceneLightInWords(scene.light)}.`,
		...(needs ? [`Wanted: ${needs}.`] : []),
		WITH_CARE
	].join('\n');
}

/** An empty calendar. The package escapes every text but the calendar's own name. */
const calendarCalled = (name: string) =>
	ical({ name: escape(name, false), prodId: { company: 'Just Enough', product: 'Outings' } });

/** Adds an event for each scene of an outing. */
function addScenes(calendar: ICalCalendar, outing: OutingRecord & Stored, bag: CarriedBag, now: Date): void {
	const scenes = scenesInOrder(outing);
	const starts = scenes.map((scene) => Date.parse(sceneTime(outing, scene)));
	const { name, where } = outing;
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
			location: placeOf(where)
		});
		for (const trigger of at === 0 ? [BEFORE_FIRST, BEFORE] : [BEFORE])
			event.createAlarm({ type: ICalAlarmType.display, trigger, description: scene.name });
	}
}

/**
 * An outing as iCalendar (RFC 5545): an event for each scene, in UTC, so that no clock change and no
 * reader's time zone moves it; alarms before each, and earlier before the first.
 *
 * @param now stamped on the events
 */
export function calendarOf(outing: OutingRecord & Stored, bag: CarriedBag, now: Date): string {
	const calendar = calendarCalled(outing.name);
	addScenes(calendar, outing, bag, now);
	return calendar.toString();
}

/** Whoever subscribes is asked to look again so often, s. */
const LOOK_AGAIN = 3600;

/** All outings as one calendar that is subscribed to: the same events as each alone. */
export function feedOf(outings: readonly (OutingRecord & Stored)[], bag: CarriedBag, now: Date): string {
	const calendar = calendarCalled('Outings');
	calendar.ttl(LOOK_AGAIN);
	for (const outing of outings) addScenes(calendar, outing, bag, now);
	return calendar.toString();
}

/** A stretch of a planned day in which a camera works. */
export interface PlannedWindow {
	/** ISO 8601. */
	from: string;
	to: string;
	where: Where;
	camera: string;
	film: string;
}

/**
 * A window of a plan as iCalendar, with an alarm before it.
 *
 * @param load the camera's load: the same window of it is the same event
 */
export function windowCalendar(
	load: string,
	{ from, to, where, camera, film }: PlannedWindow,
	now: Date
): string {
	const summary = `${camera} with ${film} works`;
	const calendar = calendarCalled(summary);
	const event = calendar.createEvent({
		id: derived(`${from} ${to} ${where.latitude} ${where.longitude}`, load),
		stamp: now,
		start: new Date(from),
		end: new Date(Math.max(Date.parse(to), Date.parse(from) + MINUTE)),
		summary,
		description: WITH_CARE,
		location: placeOf(where)
	});
	event.createAlarm({ type: ICalAlarmType.display, trigger: BEFORE, description: summary });
	return calendar.toString();
}
