/**
 * An instant as columns have it: UTC to the millisecond, so that the order of texts is the order in time.
 *
 * @param at ISO 8601 with its offset
 * @example utc('2026-05-02T10:30:00+01:00') // '2026-05-02T09:30:00.000Z'
 */
export const utc = (at: string): string => new Date(at).toISOString();

/** The same in SQL, of a value that is given. */
export const UTC_OF_ANY = "strftime('%Y-%m-%dT%H:%M:%fZ', ?)";
