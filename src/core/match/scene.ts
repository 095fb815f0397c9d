import { togetherOf, type Camera } from '../camera';
import { effectiveSpeedStops, latitudeOf, speedDoubt, type Film, type Latitude } from '../film';
import { closeUpLoss } from '../focus';
import { freshSd, isDaylight, lightOnBoth, type Light, type LightOnBoth } from '../light';
import type { Intent } from './types';

/** A camera with a film in a light, with what every setting of it shares. */
export interface Scene {
	camera: Camera;
	film: Film;
	light: LightOnBoth;
	/** Whether it is that of the open air by day. */
	outdoors: boolean;
	intent: Intent;
	latitude: Latitude;
	/** Stops that the film gets beyond EV 100 less the light that is right for a setting. */
	gain: number;
	/** Stops of it that a lens loses which moves out to focus near. */
	nearLoss: number;
	/** Doubt of the film, stops. */
	filmDoubt: number;
	/** What of film, pack and judge is in doubt where a limit holds an eye, stops: else it is in the offset's own. */
	limitDoubt: number;
	/** Doubt of the light for a setting by hand, stops: without what its way of reading shares with what was learnt. */
	handDoubt: number;
}

/** Stops that the filters before the lens take from the film. */
export function filterStops({ filters = [] }: Intent): number {
	return filters.reduce((sum, filter) => sum + filter.stops, 0);
}

/**
 * Exposure error is light − right + gain: e = EV + log2(S/100) − log2(N²/t) − A, with A all that takes
 * light on the way. Source: the settings equation of ISO 2720; positive is too much light.
 */
function gainOf(film: Film, intent: Intent, nearLoss: number): number {
	return effectiveSpeedStops(film) + Math.log2(intent.exposures ?? 1) - filterStops(intent) - nearLoss;
}

/** Doubt of a light for a setting by hand, stops; see Scene. */
export function handDoubtOf(camera: Camera, { sd }: { sd: number }): number {
	const habit = togetherOf(camera)?.reading;
	return habit === undefined ? sd : Math.min(sd, freshSd(sd, habit));
}

/** What all settings of a camera share in a light. */
export function sceneOf(camera: Camera, film: Film, light: Light, intent: Intent): Scene {
	const nearLoss = closeUpLoss(camera, intent.subjectDistance, intent.closeUp);
	const together = togetherOf(camera);
	const onBoth = lightOnBoth(light);
	return {
		camera,
		film,
		light: onBoth,
		outdoors: isDaylight(light, onBoth.ev),
		intent,
		latitude: latitudeOf(film),
		gain: gainOf(film, intent, nearLoss) + (together?.beside.stops ?? 0),
		nearLoss,
		filmDoubt: speedDoubt(film),
		limitDoubt: together?.beside.sd ?? 0,
		handDoubt: handDoubtOf(camera, onBoth)
	};
}
