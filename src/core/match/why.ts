import { automaticExposure, leanOf, offsetOf, stopsOverEye, togetherOf } from '../camera';
import { effectiveSpeedStops } from '../film';
import { settingsEv, speedStops } from '../units';
import { filterStops, type Scene } from './scene';
import type { Placed } from './settings';
import type { Why } from './types';

/** Less than this is nothing, stops. */
const NOTHING = 1e-9;

/** Only what adds something. Written out, because this runs for every setting of a match. */
function telling(parts: Why): Why {
	const why: Why = {};
	for (const part in parts) {
		const stops = parts[part as keyof Why]!;
		if (stops > NOTHING || stops < -NOTHING) why[part as keyof Why] = stops;
	}
	return why;
}

/**
 * What makes the error of a setting what it is: the terms of e = EV + log2(S/100) − log2(N²/t) − A
 * (ISO 2720), and for an eye, which chooses log2(N²/t) by its own light, belief, wheel and offset, the
 * differences from them.
 *
 * @returns stops, whose sum is the error
 * @example whyOf(an eye at ISO 160 with film of ISO 640 in the same light) // { filmVersusEye: 2 }
 */
export function whyOf(scene: Scene, { setting, answered, error }: Placed): Why {
	const { camera, film, light, intent } = scene;
	const { f, seconds, right } = answered;
	const v = settingsEv(f, seconds);
	const speed = effectiveSpeedStops(film);
	const exposures = Math.log2(intent.exposures ?? 1);
	const reciprocity = v - right;
	const closeUp = -scene.nearLoss;
	const beside = togetherOf(camera)?.beside.stops ?? 0;
	const eye = automaticExposure(camera);
	if (setting.aim === null || !eye) {
		const settings = light.ev + speed - v;
		const filters = -filterStops(intent);
		return telling({ settings, filters, closeUp, exposures, reciprocity, offset: setting.bonus + beside });
	}
	const parts = {
		filmVersusEye: speed - speedStops(setting.iso ?? eye.iso[0]),
		wheel: setting.compensation ?? 0,
		meterElsewhere: light.ev - light.meterEv,
		filters: stopsOverEye(eye, intent.filters ?? []) - filterStops(intent),
		closeUp,
		exposures,
		reciprocity,
		lean: leanOf(eye, light.meterEv, intent.filters ?? []).stops,
		offset: offsetOf(camera, setting.compensation).stops + beside
	};
	const said = Object.values(parts).reduce((sum, stops) => sum + stops, 0);
	return telling({ ...parts, clamp: error - said });
}
