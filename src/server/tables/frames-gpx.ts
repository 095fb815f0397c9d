import XMLBuilder from 'fast-xml-builder';
import { frameSettings } from '$words/frame';
import type { FrameRecord } from '$contract/records';
import type { Kept } from '../database/record-table';
import type { Tables } from '../database/tables';

type Things = Pick<Tables, 'loads' | 'cameras' | 'films'>;

const xml = new XMLBuilder({ ignoreAttributes: false, attributeNamePrefix: '@', format: true });
const HEAD =
	'<?xml version="1.0" encoding="UTF-8"?>\n' +
	'<gpx version="1.1" creator="Just Enough" xmlns="http://www.topografix.com/GPX/1/1">\n';

/** What XML 1.0 has no way to write. Source: its section 2.2. */
const UNWRITABLE = /[\uFFFE\uFFFF]/g;
const plain = (text: string) => text.replace(UNWRITABLE, '');

const DIGITS = 6;
/** Longitudes of GPX are less than 180 degrees. */
const eastOf = (longitude: number) => {
	const text = longitude.toFixed(DIGITS);
	return Number(text) === 180 ? `-${text}` : text;
};

/** A frame as a waypoint; its parts stand in the order that the schema of GPX 1.1 gives. */
function waypoint(frame: Kept<FrameRecord>, { loads, cameras, films }: Things): string {
	const { where, takenAt, subject, note, number } = frame;
	if (!where) return '';
	const load = loads.get(frame.loadId)!;
	const camera = cameras.get(load.cameraId)!;
	const said = [subject, note, frameSettings(camera, frame)].filter(Boolean).join('. ');
	return xml.build({
		wpt: {
			'@lat': where.latitude.toFixed(DIGITS),
			'@lon': eastOf(where.longitude),
			time: new Date(takenAt).toISOString(),
			name: plain(`${camera.name} ${number}`),
			...(where.name && { cmt: plain(where.name) }),
			desc: plain(said),
			src: plain(frame.film?.name ?? films.get(load.filmId)!.name)
		}
	});
}

/**
 * Frames that have a place as waypoints (GPX 1.1), piece by piece; nothing at all where none has.
 *
 * @param things where their loads, cameras and films are
 * @param pieces some frames at a time
 */
export async function* framesGpx(
	things: Things,
	pieces: AsyncIterable<readonly Kept<FrameRecord>[]>
): AsyncGenerator<string> {
	let before = HEAD;
	for await (const frames of pieces) {
		const points = frames.map((frame) => waypoint(frame, things)).join('');
		if (points === '') continue;
		yield before + points;
		before = '';
	}
	if (before === '') yield '</gpx>\n';
}
