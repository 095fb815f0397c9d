/** Pushing and pulling: stops of film speed, and what becomes of the time. Common practice. */
export const pushes = [
	{ stops: -1, factor: 0.75, name: 'pulled a stop' },
	{ stops: 0, factor: 1, name: 'neither' },
	{ stops: 1, factor: 1.4, name: 'pushed a stop' },
	{ stops: 2, factor: 2, name: 'pushed two stops' }
] as const;

/**
 * What a push makes of the developing time.
 *
 * @param stops + = pushed; what is not in the table counts as none
 * @example pushFactor(1) // 1.4
 */
export function pushFactor(stops: number): number {
	return pushes.find((push) => push.stops === stops)?.factor ?? 1;
}

/** How a tank is moved, and what becomes of the time. Common practice. */
export const movements = [
	{ id: 'usual', factor: 1, name: 'as usual for this developer' },
	{ id: 'gentle', factor: 1.1, name: 'gently, a tenth longer' },
	{ id: 'constant', factor: 0.85, name: 'continuous, in a machine: 15 % shorter' }
] as const;

export type Movement = (typeof movements)[number]['id'];

/** What the movement makes of the developing time. */
export function movementFactor(movement: Movement): number {
	return movements.find(({ id }) => id === movement)!.factor;
}
