import ICAL from 'ical.js';
import { validate, version } from 'uuid';
import { describe, expect, it } from 'vitest';
import { filmOf, fixedCamera } from '../../../tests/fixtures/bag';
import type { OutingRecord, Stored } from '$contract/records';
import { calendarOf, feedOf, windowCalendar } from './calendar';

const [CAMERA, FILM] = ['6f1d3c6e-3a53-4b8e-9a51-0d7f3b6d2c11', '0c7a5b60-51f5-4a8e-8d0b-93a1c2a7f322'];
const SCENES = ['5f3e0a5c-7a52-4f65-8b0a-2d9f4c1e6a33', 'b2a9d8c7-6e5f-4d3c-9b1a-0f8e7d6c5b44'];
const bag = {
	cameras: [{ ...fixedCamera({ name: 'Tin Box', bulb: true }), id: CAMERA, version: 1 }],
	films: [{ ...filmOf('colour-negative', 400), name: 'Marram 400', id: FILM, version: 1 }]
};

/** Autumn: the clock goes back in the night between the two scenes. */
const outing = (changes: Partial<OutingRecord & Stored> = {}): OutingRecord & Stored => ({
	id: '9d2b7c1e-4f6a-4b3d-8c5e-7a1f0e2d3c55',
	version: 3,
	name: 'Lantern walk; dusk, and after',
	date: '2026-10-24',
	where: { latitude: 54.62, longitude: -4.21, name: 'Hollin Holm, net loft' },
	scenes: [
		{
			id: SCENES[1],
			name: 'Embers',
			at: '03:00',
			nextDay: true,
			light: { by: 'ev', ev: 2, sd: 1 },
			frames: 1
		},
		{
			id: SCENES[0],
			name: 'Lanterns on the slip, and a very long name that does not fit on one line of a file',
			at: '23:50',
			light: { by: 'place', place: 'bright-street' },
			frames: 4,
			intent: { seconds: [4, 10] },
			take: { cameraId: CAMERA, filmId: FILM, handheld: false }
		}
	],
	...changes
});

const now = new Date('2026-10-01T10:00:00Z');
const written = (record = outing()) => calendarOf(record, bag, now);
/** Read back by another package. */
const read = (text: string) =>
	new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));

describe('an outing as iCalendar', () => {
	it('has an event for each scene, at the hour that the place’s clock shows', () => {
		const [first, second] = read(written());
		// Source: published dates of summer time: 23:50 is an hour ahead of UTC, 03:00 is not.
		expect(first.startDate.toJSDate().toISOString()).toBe('2026-10-24T22:50:00.000Z');
		expect(first.endDate.toJSDate().toISOString()).toBe('2026-10-24T23:20:00.000Z');
		expect(second.startDate.toJSDate().toISOString()).toBe('2026-10-25T03:00:00.000Z');
		const [spring] = read(written(outing({ date: '2026-03-28' }))).slice(1);
		expect(spring.startDate.toJSDate().toISOString()).toBe('2026-03-29T02:00:00.000Z');
	});

	it('ends a scene where the next one begins, and gives two of one minute that minute', () => {
		const [a, b] = outing().scenes;
		const close = outing({
			scenes: [
				{ ...a, at: '19:00', nextDay: false },
				{ ...b, at: '19:10' }
			]
		});
		expect(read(written(close))[0].duration.toSeconds()).toBe(600);
		const same = outing({
			scenes: [
				{ ...a, at: '19:00', nextDay: false },
				{ ...b, at: '19:00' }
			]
		});
		expect(read(written(same)).map(({ duration }) => duration.toSeconds())).toEqual([60, 1800]);
	});

	it('says what to take, what is wanted, and to mind the night', () => {
		const [first, second] = read(written());
		expect(first.summary).toBe(
			'Lanterns on the slip, and a very long name that does not fit on one line of a file (Lantern walk; dusk, and after)'
		);
		expect(first.description).toMatch(/^Tin Box with Marram 400: f\/11, .*, on a tripod; /);
		expect(first.description).toContain('4 frames. Light: bright street at night.');
		expect(first.description).toContain('Wanted: 4 s to 10 s.');
		expect(first.description).toContain('watch for traffic');
		expect(second.description).toContain('Not packed yet.');
		expect(second.description).toContain('1 frame. ');
		expect(first.location).toBe('Hollin Holm, net loft');
		expect(read(written(outing({ where: { latitude: 54.62, longitude: -4.21 } })))[0].location).toBe(
			'54.62, -4.21'
		);
	});

	it('warns a quarter of an hour before each scene, and two hours before the first', () => {
		const alarms = read(written()).map(({ component }) =>
			component.getAllSubcomponents('valarm').map((alarm) => ({
				action: alarm.getFirstPropertyValue('action'),
				trigger: (alarm.getFirstPropertyValue('trigger') as ICAL.Duration).toSeconds(),
				description: alarm.getFirstPropertyValue('description')
			}))
		);
		expect(alarms.map((each) => each.map(({ trigger }) => trigger))).toEqual([[-7200, -900], [-900]]);
		expect(alarms.flat().every(({ action }) => action === 'DISPLAY')).toBe(true);
		expect(alarms[1][0].description).toBe('Embers');
	});

	it('has UIDs that are valid, stay the same when it is exported again, and are another outing’s own', () => {
		const ids = (record = outing()) => read(written(record)).map(({ uid }) => uid);
		expect(ids().every((id) => validate(id) && version(id) === 5)).toBe(true);
		expect(new Set(ids()).size).toBe(2);
		expect(ids(outing({ name: 'Renamed', version: 4 }))).toEqual(ids());
		expect(ids(outing({ id: '1d2b7c1e-4f6a-4b3d-8c5e-7a1f0e2d3c56' }))).not.toEqual(ids());
		expect(read(written(outing({ version: 9 })))[0].sequence).toBe(9);
	});

	it('escapes its name, whatever is in it', () => {
		// Source: RFC 5545, 3.3.11: a backslash before backslash, semicolon and comma; a line's end as \\n.
		const text = written(outing({ name: 'Dusk; slip, quay\\\nX-EVIL:1' }));
		const unfolded = text.replace(/\r\n[ \t]/g, '');
		expect(unfolded).toContain('NAME:Dusk\\; slip\\, quay\\\\\\nX-EVIL:1\r\n');
		expect(unfolded).not.toMatch(/^X-EVIL/m);
		const calendar = new ICAL.Component(ICAL.parse(text));
		expect(calendar.getFirstPropertyValue('x-wr-calname')).toContain('Dusk');
	});

	it('is written as the standard has it', () => {
		const text = written();
		// Source: RFC 5545, 3.1: lines end in CRLF and have at most 75 octets.
		const lines = text.split('\r\n');
		expect(lines[0]).toBe('BEGIN:VCALENDAR');
		expect(lines.every((line) => Buffer.byteLength(line) <= 75 && !line.includes('\n'))).toBe(true);
		expect(text).toContain('VERSION:2.0');
		expect(text).toContain('DTSTAMP:20261001T100000Z');
		expect(text).toContain('GEO:54.62;-4.21');
	});
});

describe('calendars of more than one outing, and of less', () => {
	it('has the events of each outing as that alone has them, and asks to be looked at again', () => {
		const other = outing({ id: '1d2b7c1e-4f6a-4b3d-8c5e-7a1f0e2d3c55', name: 'Other' });
		const feed = feedOf([outing(), other], bag, now);
		const uids = [...read(written()), ...read(written(other))].map(({ uid }) => uid);
		expect(read(feed).map(({ uid }) => uid)).toEqual(uids);
		expect(new Set(uids).size).toBe(4);
		expect(feed).toContain('REFRESH-INTERVAL;VALUE=DURATION:PT1H');
		expect(read(feedOf([], bag, now))).toEqual([]);
	});

	it('is one event with its alarm for a window of a plan, the same one asked again', () => {
		const where = { latitude: 54.62, longitude: -4.21, name: 'Hollin Holm' };
		const asked = {
			from: '2026-05-02T18:10:00+01:00',
			to: '2026-05-02T19:40:00+01:00',
			where,
			camera: 'Wedge',
			film: 'Wrack 640'
		};
		const [event] = read(windowCalendar(SCENES[0], asked, now));
		expect(event.startDate.toJSDate().toISOString()).toBe('2026-05-02T17:10:00.000Z');
		expect(event.endDate.toJSDate().toISOString()).toBe('2026-05-02T18:40:00.000Z');
		expect(event.summary).toBe('Wedge with Wrack 640 works');
		expect(event.location).toBe('Hollin Holm');
		expect(event.component.getAllSubcomponents('valarm')).toHaveLength(1);
		expect(read(windowCalendar(SCENES[0], asked, new Date()))[0].uid).toBe(event.uid);
	});
});
