import type { Camera } from '$core/camera';
import { latitudeOf, type Film } from '$core/film';
import { aloneFor, apertureFor, fillDistance, flashDistance, powerFor, type FlashSetting } from '$core/flash';
import { closeUpLoss } from '$core/focus';
import { flashSetting, type Bag, type Intent } from '$core/match';

type Flash = NonNullable<Bag['flash']>;

/** A flash on a camera with a film, at one aperture. */
export interface FlashedAt {
	camera: Camera;
	film: Film;
	flash: Flash;
	intent: Intent;
	/** By day in the open air a flash gives less. */
	outdoors: boolean;
	f: number;
}

function settingAt({ flash, camera, film, intent, outdoors, f }: FlashedAt): FlashSetting {
	const nearLoss = closeUpLoss(camera, intent.subjectDistance, intent.closeUp);
	return flashSetting(flash, { film, intent, outdoors, nearLoss }, f);
}

/** Where a flash is just right, m. */
export function rightAt(at: FlashedAt, power: number): number {
	const { guideNumber, speed } = settingAt(at);
	return flashDistance(guideNumber, at.f, speed, power);
}

/** The f-number at which a flash is right for a distance, m. */
export function apertureAt(at: FlashedAt, distance: number, power: number): number {
	return apertureFor(settingAt(at), distance, power);
}

/** A stretch of distances by what the flash does there. */
export interface FlashBand {
	from: number;
	to: number | null;
	kind: 'near' | 'usable' | 'right' | 'far';
	words: string;
}

/**
 * Too near, right, too far: by the film's latitude, beside the light that is there, and within what a
 * built-in flash is made for.
 *
 * @param background exposure of the light that is there, stops
 */
export function bandsOf(at: FlashedAt, power: number, background: number): FlashBand[] {
	const { good, usable } = latitudeOf(at.film);
	const { nearest = 0, farthest = Infinity } = at.camera.flash ?? {};
	const right = rightAt(at, power);
	const ends = [usable[1], good[1], good[0], usable[0]].map((total) => {
		const alone = aloneFor(total, background);
		// Light that is enough by itself has no end; where it is too much, nothing begins.
		const distance = alone === -Infinity ? Infinity : fillDistance(right, alone);
		return Math.min(distance === Infinity ? Infinity : farthest, Math.max(nearest, distance));
	});
	const [least, from, to, most] = ends;
	const bands: FlashBand[] = [
		{ from: 0, to: least, kind: 'near', words: 'too near' },
		{ from: least, to: from, kind: 'usable', words: '' },
		{ from, to, kind: 'right', words: 'right' },
		{ from: to, to: most, kind: 'usable', words: '' },
		{ from: most, to: Infinity, kind: 'far', words: 'too far' }
	];
	return bands
		.filter((band) => band.to! > band.from + 1e-9)
		.map((band) => (band.to === Infinity ? { ...band, to: null } : band));
}

/** Powers this near to what is wanted, in stops, will do. */
const NEAR_ENOUGH = 1 / 2;

/** How a flash fills: with a power that it has, or from a distance. */
export interface FillWay {
	/** Exposure of the flash alone against the light that is there, stops. */
	fill: number;
	/** The power that is near enough, or null. */
	power: number | null;
	/** Where it must stand at full power, m. */
	distance: number;
}

/**
 * How to fill beside light that exposes by `error`.
 *
 * @param distance of the subject, m
 */
export function fillWay(at: FlashedAt, error: number, fill: number, distance: number): FillWay {
	const wanted = error + fill;
	const needed = powerFor(settingAt(at), distance, wanted);
	const power = at.flash.powers.reduce<number | null>((best, each) => {
		const miss = Math.abs(Math.log2(each / needed));
		const before = best === null ? NEAR_ENOUGH : Math.abs(Math.log2(best / needed));
		return miss <= before ? each : best;
	}, null);
	return { fill, power, distance: fillDistance(rightAt(at, 1), wanted) };
}
