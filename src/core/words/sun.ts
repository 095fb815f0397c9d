import { daytimeAt, moonPosition, sunPosition, type Daytime, type SunReading } from '../light';

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
