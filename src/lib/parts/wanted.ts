import type { FilmWish, Scene } from '$core/plan';
import { compassInWords, filmWishInWords } from '$words';

/** What can be wanted of a picture, as it is chosen from. */

type Seconds = [number | null, number | null] | undefined;

export const wantedTimes: readonly { value: string; name: string; seconds: Seconds }[] = [
	{ value: 'any', name: 'any time', seconds: undefined },
	{ value: 'freeze', name: '1/250 s or faster, to freeze', seconds: [null, 1 / 250] },
	{ value: 'blur', name: '1/15 s or slower, to blur', seconds: [1 / 15, null] },
	{ value: 'trails', name: '4 to 10 s, for light trails', seconds: [4, 10] },
	{ value: 'long', name: '1 s and longer', seconds: [1, null] }
];

/** The name under which a wanted time stands in the list. */
export const wantedTimeOf = (seconds: NonNullable<Scene['intent']>['seconds']): string =>
	wantedTimes.find((each) => JSON.stringify(each.seconds) === JSON.stringify(seconds))?.value ?? 'any';

export const secondsOf = (value: string): Seconds =>
	wantedTimes.find((each) => each.value === value)?.seconds;

/** Across the view, m/s; common practice. */
export const subjectSpeeds: readonly { value: string; name: string }[] = [
	{ value: '0', name: 'stands still' },
	{ value: '1.5', name: 'walks by' },
	{ value: '4', name: 'runs by' },
	{ value: '14', name: 'drives by' }
];

/** f-numbers that are wanted for depth. */
export const wantedDepths: readonly { value: string; name: string }[] = [
	{ value: '0', name: 'any depth' },
	...[8, 11, 16, 22].map((f) => ({ value: String(f), name: `f/${f} or smaller, for depth` }))
];

export const filmWishes: readonly { value: FilmWish | 'any'; name: string }[] = [
	{ value: 'any', name: 'on any film' },
	...(Object.entries(filmWishInWords) as [FilmWish, string][]).map(([value, name]) => ({ value, name }))
];

export const holds: readonly { value: 'free' | 'hand' | 'support'; name: string }[] = [
	{ value: 'free', name: 'hand-held or on a tripod' },
	{ value: 'hand', name: 'hand-held only' },
	{ value: 'support', name: 'on a tripod' }
];

/** Where a subject looks, degrees from north through east. */
export const facings: readonly { value: string; name: string }[] = [
	{ value: '', name: 'as chosen above' },
	...Array.from({ length: 8 }, (_, at) => ({ value: String(at * 45), name: compassInWords(at * 45) }))
];
