import tzlookup from '@photostructure/tz-lookup';

/**
 * The time zone of a place.
 *
 * @param latitude degrees, + north
 * @param longitude degrees, + east
 * @returns its IANA name
 * @example zoneAt(0, 0) // 'Etc/GMT'
 */
export function zoneAt(latitude: number, longitude: number): string {
	return tzlookup(latitude, longitude);
}
