import { circleOfConfusion, type Camera } from '../camera';

const FULL_TURN = 360;

/**
 * How long each frame is exposed: the open part of a turn.
 * Source: geometry of a rotary shutter.
 *
 * @param angle opening of the shutter, degrees
 * @returns s
 * @example shutterSeconds(16, 180) // 1/32
 */
export function shutterSeconds(framesPerSecond: number, angle: number): number {
	return angle / FULL_TURN / framesPerSecond;
}

/**
 * Opening of a shutter by its time; the inverse of shutterSeconds.
 *
 * @example shutterAngle(16, 1 / 32) // 180
 */
export function shutterAngle(framesPerSecond: number, seconds: number): number {
	return seconds * framesPerSecond * FULL_TURN;
}

/**
 * What a lens takes in from side to side. Source: geometry.
 *
 * @returns degrees
 * @example angleOfView(4.8 mm wide, 13 mm) // 20.9
 */
export function angleOfView({ frame, focalLength }: Pick<Camera, 'frame' | 'focalLength'>): number {
	return (2 * Math.atan(frame.width / (2 * focalLength)) * FULL_TURN) / (2 * Math.PI);
}

/** A thing that takes seven seconds from one side to the other does not judder at 24 frames; common practice. */
const STEADY = { seconds: 7, framesPerSecond: 24 };

/** The fastest turn that still looks smooth. */
export interface PanLimit {
	/** s, for a thing to cross the frame. */
	crossing: number;
	/** Degrees a second. */
	speed: number;
	/** Blur of a thing in each frame at that speed, circles of confusion. */
	blur: number;
}

/**
 * How fast a cine camera may turn before things jump from frame to frame.
 *
 * @param camera with its frames a second
 * @param seconds the time of its shutter, s
 * @example panLimit(a cine camera of 16 frames a second, 1 / 30).crossing // 10.5
 */
export function panLimit(camera: Camera, seconds: number): PanLimit {
	const rate = camera.framesPerSecond ?? STEADY.framesPerSecond;
	const crossing = (STEADY.seconds * STEADY.framesPerSecond) / rate;
	const speed = angleOfView(camera) / crossing;
	return { crossing, speed, blur: panBlur(camera, speed, seconds) / circleOfConfusion(camera) };
}

/**
 * How far the middle of the picture moves on film in one exposure of a turn: f·ω·t. Source: geometry.
 *
 * @param speed degrees a second
 * @param seconds s
 * @returns mm
 * @example panBlur(13 mm, 10, 1 / 30) // 0.076
 */
export function panBlur(
	{ focalLength }: Pick<Camera, 'focalLength'>,
	speed: number,
	seconds: number
): number {
	return (focalLength * speed * 2 * Math.PI * seconds) / FULL_TURN;
}
