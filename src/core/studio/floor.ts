/** A studio from above, m: the subject in the middle, the camera below it, the background above. */

export interface Spot {
	x: number;
	y: number;
}

export interface FloorPlan {
	subject: Spot;
	camera: Spot;
	key: Spot;
	fill: Spot | null;
	/** The wall or cloth behind the subject, from end to end; null = none near. */
	background: [Spot, Spot] | null;
}

export interface Stands {
	/** Distances to the subject, m. */
	camera: number;
	key: number;
	/** Degrees from the camera's side, to the right. */
	keyAngle: number;
	fill?: number;
	/** Degrees from the camera's side, to the left. */
	fillAngle?: number;
	background?: number;
}

const HALF_CLOTH = 1.4;
const RADIAN = Math.PI / 180;

/**
 * Where things stand on the floor.
 *
 * @example floorPlan({ camera: 2, key: 1, keyAngle: 90 }).key // { x: 1, y: 0 }
 */
export function floorPlan(stands: Stands): FloorPlan {
	const { camera, key, keyAngle, fill, fillAngle = 30, background } = stands;
	const round = (distance: number, angle: number): Spot => ({
		x: distance * Math.sin(angle * RADIAN),
		y: -distance * Math.cos(angle * RADIAN)
	});
	return {
		subject: { x: 0, y: 0 },
		camera: round(camera, 0),
		key: round(key, keyAngle),
		fill: fill === undefined ? null : round(fill, -fillAngle),
		background:
			background === undefined
				? null
				: [
						{ x: -HALF_CLOTH, y: background },
						{ x: HALF_CLOTH, y: background }
					]
	};
}
