import { automaticExposure, leanAt, offsetOf, stopsOverEye, togetherOf } from '../camera';
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
	const over = stopsOverEye(eye, intent.filters ?? []);
	const filmVersusEye = speed - speedStops(setting.iso ?? eye.iso[0]);
	const wheel = setting.compensation ?? 0;
	const meterElsewhere = light.ev - light.meterEv;
	const filters = over - filterStops(intent);
	const lean = eye.response ? leanAt(eye.response, light.meterEv - over).stops : 0;
	const offset = offsetOf(camera, setting.compensation, setting.iso).stops + beside;
	const said =
		filmVersusEye + wheel + meterElsewhere + filters + closeUp + exposures + reciprocity + lean + offset;
	const before = { filmVersusEye, wheel, meterElsewhere, filters, closeUp, exposures, reciprocity };
	return telling({ ...before, lean, offset, clamp: error - said });
}
