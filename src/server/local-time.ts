import { DateTime } from 'luxon';
import type { FrameRecord } from '$contract/records';

/** When a frame was taken, by the clock of where it was. */
export function localTime({ takenAt, zone }: Pick<FrameRecord, 'takenAt' | 'zone'>): DateTime {
	const said = DateTime.fromISO(takenAt, { setZone: true });
	return zone ? said.setZone(zone) : said;
}
