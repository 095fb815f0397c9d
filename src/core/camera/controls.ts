import type { Aperture, Camera, Position, Shutter } from './types';

/** One thing that can be set: values in a list, or anything in a range. */
export type Axis =
	{ kind: 'listed'; values: readonly number[] } | { kind: 'range'; from: number; to: number };

/** Settings that a camera reaches without changing its lever or taking to bulb. */
export interface Control {
	position: Position | null;
	/** f-numbers. */
	aperture: Axis;
	/** Times, s. */
	shutter: Axis;
	/** Bulb: the time is counted by a person. */
	handTimed: boolean;
	/** The eye chooses within the axes that it sets. */
	automatic: boolean;
	/** The eye is put aside: its manual override. */
	manual: boolean;
}

const SHORTEST_BULB = 0.5;
const LONGEST_BULB = 3600;

const one = (value: number): Axis => ({ kind: 'listed', values: [value] });

function range(a: number, b: number): Axis {
	const [from, to] = [Math.min(a, b), Math.max(a, b)];
	return from === to ? one(from) : { kind: 'range', from, to };
}

function apertureAxis(aperture: Aperture, position: Position | null): Axis {
	if (position?.f !== undefined) return one(position.f);
	if (aperture.kind === 'fixed') return one(aperture.f);
	if (aperture.kind === 'stops') return { kind: 'listed', values: aperture.f };
	return range(aperture.widest, aperture.smallest);
}

function shutterAxis(shutter: Shutter, position: Position | null): Axis {
	if (position?.seconds !== undefined) return one(position.seconds);
	if (shutter.kind === 'fixed') return one(shutter.seconds);
	if (shutter.kind === 'speeds') return { kind: 'listed', values: shutter.seconds };
	return range(shutter.fastest, shutter.slowest);
}

function bulbAxis(camera: Camera): Axis | null {
	if (!camera.bulb) return null;
	return range(SHORTEST_BULB, camera.bulb === true ? LONGEST_BULB : camera.bulb.longest);
}

/** What the hand reaches where an eye can be put aside; null where it cannot. */
function overrideOf({
	exposure,
	aperture,
	shutter
}: Camera): { aperture: Aperture; shutter: Shutter } | null {
	if (exposure.mode !== 'auto' || !exposure.override) return null;
	if (exposure.override === true) return { aperture, shutter };
	const { override } = exposure;
	return { aperture: override.aperture ?? aperture, shutter: override.shutter ?? shutter };
}

/** Whether a camera has an eye that can be put aside. */
export const hasOverride = (camera: Camera): boolean => overrideOf(camera) !== null;

/**
 * Everything a camera can be set to, as products of an aperture and a shutter axis: one for each
 * position of its lever, and one more with bulb.
 *
 * @param manual the eye is put aside, where it can be
 * @example controlsOf(aBoxWithBulb).map((control) => control.handTimed) // [false, true]
 */
export function controlsOf(camera: Camera, manual = false): Control[] {
	const positions: (Position | null)[] = camera.positions?.length ? camera.positions : [null];
	const bulb = bulbAxis(camera);
	const override = manual ? overrideOf(camera) : null;
	const reached = override ?? camera;
	const automatic = camera.exposure.mode === 'auto' && !override;
	return positions.flatMap((position) => {
		const aperture = apertureAxis(reached.aperture, position);
		const shutter = shutterAxis(reached.shutter, position);
		const timed: Control = {
			position,
			aperture,
			shutter,
			handTimed: false,
			automatic,
			manual: override !== null
		};
		if (!bulb) return [timed];
		return [timed, { position, aperture, shutter: bulb, handTimed: true, automatic: false, manual: false }];
	});
}

const SAME_VALUE = 1e-6;

/** Two f-numbers or times that are one and the same mark. */
export function sameMark(a: number, b: number): boolean {
	return Math.abs(Math.log2(a / b)) < SAME_VALUE;
}

/** Whether a value can be set on an axis. */
export function axisHas(axis: Axis, value: number): boolean {
	if (axis.kind === 'listed') return axis.values.some((each) => sameMark(each, value));
	return value >= axis.from * (1 - SAME_VALUE) && value <= axis.to * (1 + SAME_VALUE);
}

/**
 * Whether a time can be had by bulb alone: the shutter, or the eye, does not reach it. A time that both
 * reach may have been either's: whose it was is said, and never guessed.
 *
 * @param seconds s
 * @example onlyByHand(a box at 1/40 s with bulb, 4) // true
 */
export function onlyByHand(camera: Camera, seconds: number): boolean {
	const able = controlsOf(camera).filter((control) => axisHas(control.shutter, seconds));
	return able.length > 0 && able.every((control) => control.handTimed);
}

/**
 * The camera's own words for a setting: the label of its aperture mark or lever, or null.
 *
 * @example markLabel(aPlasticCamera, 11, null) // 'sun'
 */
export function markLabel(camera: Camera, f: number, position: string | null): string | null {
	if (position !== null) return position;
	if (camera.aperture.kind !== 'stops') return null;
	const index = camera.aperture.f.findIndex((each) => sameMark(each, f));
	return camera.aperture.labels?.[index] || null;
}
