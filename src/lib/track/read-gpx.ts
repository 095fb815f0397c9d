import { gpx } from '@tmcw/togeojson';
import type { TrackPoint } from '$core/track';

/** Largest track file, bytes: a year of walking at a point a second. */
const MOST_BYTES = 64 * 1024 ** 2;

export type ReadTrack = { points: TrackPoint[] } | { problem: string };

type Times = readonly (string | null)[];

/** The points of a line that say when they were. */
function timed(line: readonly number[][], times: Times): TrackPoint[] {
	return line.flatMap(([longitude, latitude], index) => {
		const at = Date.parse(times[index] ?? '');
		const sound = Number.isFinite(at) && Math.abs(latitude) <= 90 && Math.abs(longitude) <= 180;
		return sound ? [{ at, latitude, longitude }] : [];
	});
}

function pointsOf({ geometry, properties }: ReturnType<typeof gpx>['features'][number]): TrackPoint[] {
	const times = properties?.coordinateProperties?.times;
	if (!geometry || !Array.isArray(times)) return [];
	if (geometry.type === 'LineString') return timed(geometry.coordinates, times as Times);
	if (geometry.type !== 'MultiLineString') return [];
	return geometry.coordinates.flatMap((line, part) => timed(line, (times[part] ?? []) as Times));
}

/** The points of a GPX file that say when they were, or in words why there are none. */
export async function readGpx(file: File): Promise<ReadTrack> {
	if (file.size > MOST_BYTES) return { problem: `larger than ${MOST_BYTES / 1024 ** 2} MB.` };
	const read = new DOMParser().parseFromString(await file.text(), 'application/xml');
	if (read.querySelector('parsererror') || read.documentElement.localName !== 'gpx')
		return { problem: 'is no GPX file.' };
	const points = gpx(read).features.flatMap(pointsOf);
	return points.length > 0 ? { points } : { problem: 'has no track with times in it.' };
}
