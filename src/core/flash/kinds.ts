/** A flash to start from. */
export interface FlashKind {
	name: string;
	/** m at ISO 100, full power. */
	guideNumber: number;
	/** Parts of full power that it can be set to. */
	powers: number[];
}

/** What the flash of a camera is called that is built in. */
export const BUILT_IN = 'built in';

const full = [1];
const steps = [1, 1 / 2, 1 / 4, 1 / 8, 1 / 16];

/** Kinds of flash; guide numbers: common practice, to be tried out. */
export const flashKinds: readonly FlashKind[] = [
	{ name: 'Pocket flash', guideNumber: 14, powers: full },
	{ name: 'Shoe flash', guideNumber: 28, powers: steps },
	{ name: 'Bracket flash', guideNumber: 45, powers: steps },
	{ name: 'Flash bar', guideNumber: 12, powers: full },
	{ name: 'Flash bulb', guideNumber: 32, powers: full }
];
