import type { Vector } from './vector';

/** From where a scene is looked at, m. */
export const EYE: Vector = [0, 0, 1.55];

/** What is seen in a direction. */
export interface Looked {
	/** What it is: two places of one thing may be taken for alike. */
	thing: number;
	/** What it sends to the eye in the colours of a screen, cd/m², before its own roughness; worked out when asked. */
	light: () => Vector;
}

/** A scene as it is looked at. */
export interface Looks {
	towards: (towards: Vector) => Looked;
	/** Whether things are plain: what is seen of one beside an edge is seen of it at the edge, too. */
	plain: boolean;
	/** What a thing's roughness makes of its light in a direction: 1 is nothing. */
	isRough: (thing: number) => boolean;
	roughness: (towards: Vector) => number;
	/** What an eye that has looked about takes for mid grey, cd/m². */
	grey: number;
}
