import { bodyDoubt } from '$core/bench';
import type { Aperture, Camera, Shutter } from '$core/camera';
import type { MeasurementRecord } from '$contract/records';
import type { Found } from './found';

const near = (a: number, b: number) => Math.abs(a / b - 1) < 1e-3;
const replaced = (marks: readonly number[], { marked, value }: Found) =>
	marks.map((mark) => (near(mark, marked) ? value : mark));

/** The doubt of the newest measurement of a kind, stops. */
const latest = (all: readonly (Found | MeasurementRecord)[], what: Found['what']) =>
	all.find((each) => each.what === what)?.sd;

/** The aperture with one mark replaced; the mark's own number stays as its label. */
function apertureWith(aperture: Aperture, found: Found): Aperture {
	if (aperture.kind === 'fixed') return { ...aperture, f: found.value };
	if (aperture.kind === 'range') return aperture;
	return { ...aperture, f: replaced(aperture.f, found), labels: aperture.labels ?? aperture.f.map(String) };
}

function shutterWith(shutter: Shutter, found: Found): Shutter {
	if (shutter.kind === 'fixed') return { ...shutter, seconds: found.value };
	return shutter.kind === 'range' ? shutter : { ...shutter, seconds: replaced(shutter.seconds, found) };
}

/**
 * A camera with what was measured in the place of what is marked on it, and with the doubt that is
 * left of it.
 *
 * @param before measurements of this camera so far, newest first
 */
export function measuredCamera<C extends Camera>(
	camera: C,
	found: Found,
	before: readonly MeasurementRecord[]
): C {
	// From here on learning starts anew: what a trial found is what is known before the next judged frame.
	if (found.what === 'offset') {
		return { ...camera, offset: { stops: found.value, sd: found.sd }, learnt: undefined };
	}
	if (found.what === 'focal-length') return { ...camera, focalLength: found.value };
	const all = [found, ...before];
	const left = bodyDoubt({ aperture: latest(all, 'aperture'), shutter: latest(all, 'shutter') });
	const { stops = 0, sd = left } = camera.offset ?? {};
	return {
		...camera,
		aperture: found.what === 'aperture' ? apertureWith(camera.aperture, found) : camera.aperture,
		shutter: found.what === 'shutter' ? shutterWith(camera.shutter, found) : camera.shutter,
		offset: { stops, sd: Math.min(sd, left) }
	};
}
