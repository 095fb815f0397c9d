import {
	daytimeAt,
	exposedTo,
	moonPosition,
	SUNRISE,
	sunPosition,
	type Daytime,
	type SkyPosition,
	type SunReading
} from '../core/light';

const COMPASS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'];

/**
 * A direction in words.
 *
 * @param azimuth degrees from north through east
 * @example compassInWords(225) // 'south-west'
 */
export function compassInWords(azimuth: number): string {
	return COMPASS[Math.round(azimuth / 45) % COMPASS.length];
}

const standing = { facing: 'from in front', side: 'from the side', back: 'from behind' } as const;

/**
 * Where the sun stands, and from where it comes on a subject that looks one way.
 *
 * @param facing degrees from north through east; undefined where that is not said
 * @example sunOnSubjectInWords({ altitude: 20, azimuth: 225 }, 270) // 'Sun in the south-west, 20° high: on the subject from in front.'
 */
export function sunOnSubjectInWords({ altitude, azimuth }: SkyPosition, facing: number | undefined): string {
	const height = Math.round(altitude);
	const sunIs = `Sun in the ${compassInWords(azimuth)}`;
	if (altitude < SUNRISE) return `${sunIs}, ${-height}° below the horizon.`;
	const high = `${sunIs}, ${Math.max(0, height)}° high`;
	return facing === undefined
		? `${high}.`
		: `${high}: on the subject ${standing[exposedTo(azimuth, facing)]}.`;
}

/**
 * The moon of a day in words.
 *
 * @param clock writes an instant as the place's clock shows it
 * @example moonInWords({ up: '…T22:46', down: null, lit: 0.98 }, clock) // 'Moon 98 % lit, up 22:46'
 */
export function moonInWords(
	{ up, down, lit }: { up: string | null; down: string | null; lit: number },
	clock: (at: string) => string
): string {
	const ways = [up && { at: up, does: 'up' }, down && { at: down, does: 'down' }]
		.filter((way) => way !== null && way !== '')
		.sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
		.map(({ at, does }) => `${does} ${clock(at)}`);
	return [`Moon ${Math.round(lit * 100)} % lit`, ...ways].join(', ');
}

const below: Readonly<Partial<Record<Daytime, string>>> = {
	'civil-twilight': 'civil twilight',
	'nautical-twilight': 'nautical twilight',
	'astronomical-twilight': 'astronomical twilight',
	night: 'night'
};

/**
 * Where sun and moon stand for a reading by sun and clock.
 *
 * @example sunInWords(a reading in the afternoon) // 'The sun stands 35° high in the south-west.'
 */
export function sunInWords({ latitude, longitude, at }: SunReading): string {
	const instant = Date.parse(at);
	const sun = sunPosition(instant, latitude, longitude);
	const height = Math.round(Math.abs(sun.altitude));
	const daytime = below[daytimeAt(sun.altitude)];
	if (!daytime) return `The sun stands ${height}° high in the ${compassInWords(sun.azimuth)}.`;
	const moon = moonPosition(instant, latitude, longitude);
	const moonlit =
		moon.altitude > 0
			? `The moon, ${Math.round(moon.lit * 100)} % lit, stands ${Math.round(moon.altitude)}° high in the ${compassInWords(moon.azimuth)}.`
			: 'No moon is up.';
	return `The sun is ${height}° below the horizon: ${daytime}. ${moonlit}`;
}
