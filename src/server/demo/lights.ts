import type { Light } from '$core/light';

/** Light as it was read in the demo. */

export const edge = (condition: 'sharp' | 'soft' | 'faint' | 'none', backlit?: boolean): Light => ({
	method: 'shadows',
	school: 'shadow-edge',
	condition,
	...(backlit ? { backlit } : {})
});
export const sand: Light = { method: 'shadows', school: 'exposure-guide', condition: 'snow-or-sand' };

/** Light falling on the subject, by a hand meter at ISO 100. */
export const metered = (f: number, seconds: number): Light => ({
	method: 'meter',
	kind: 'incident',
	iso: 100,
	f,
	seconds
});
