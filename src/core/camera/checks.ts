import { automaticExposure } from './eye';
import type { Camera } from './types';

/** What of a camera is looked at before it is told of something. */
export type PartsTold = Partial<Pick<Camera, 'kind' | 'exposure' | 'positions' | 'flash' | 'bulb'>>;

/** Something to remember: of every camera of its kind, or of those that have what it is about. */
export type Check = string | { say: string; of: (camera: PartsTold) => boolean };

/** A kind's list, from which each of its cameras is told what it has. */
export interface Checks {
	load: readonly Check[];
	frame: readonly Check[];
}

const eyeOf = ({ exposure }: PartsTold) => (exposure ? automaticExposure({ exposure }) : null);

/** What belongs to whatever has a wheel, a dial, a lever or a flash. */
export const ofWheel = (say: string): Check => ({
	say,
	of: (camera) => Boolean(eyeOf(camera)?.compensation)
});
export const ofDial = (say: string): Check => ({ say, of: (camera) => (eyeOf(camera)?.iso.length ?? 0) > 1 });
export const ofLever = (say: string): Check => ({ say, of: ({ positions }) => Boolean(positions?.length) });
export const ofFlash = (say: string): Check => ({ say, of: ({ flash }) => flash !== undefined });

/** What every frame of every camera asks. */
export const anyFrame: readonly Check[] = [
	'Lens cap or cover off',
	'Fingers off the lens',
	{ say: 'Fingers off the eye', of: (camera) => eyeOf(camera) !== null },
	'Sun behind you or to the side'
];

/** Of all that is loaded with rolls. */
export const roll: Checks = {
	load: ['Leader caught on the take-up, under tension', 'Wound until it stops'],
	frame: ['Wound on', 'Cocked', ...anyFrame, 'Nearer than the sharp zone? Step back']
};

/** How a film comes out, in the order of hands. Source: common practice, by what is loaded. */
export const offRoll: readonly string[] = [
	'Wind on until the backing paper comes off the spool. There’s nothing to rewind.',
	'Open it in the shade, fold the end under, and lick it or tape it down.'
];
export const offCassette: readonly string[] = [
	'Press the rewind button on the base, fold out the crank and rewind until it turns freely.',
	'Only then open the back. A motor rewinds by itself: wait until it goes quiet.'
];
export const offPack: readonly string[] = [
	'Let the last print develop, then open the door and take the empty pack out.'
];
export const offPeelApart: readonly string[] = [
	'Pull the last tab, peel, and then open the back. Do not touch the paste: it is caustic.'
];
export const offSpool: readonly string[] = [
	'Let the film run off the feed spool, and open the door in dim light.',
	'After side one, flip the spool over and thread it again. After side two, put it in its can.'
];

/** Of bodies that take packs which develop by themselves. */
export const instant: Checks = {
	load: [
		'Right kind of film for body and battery',
		'In the shade',
		'First cover sheet out with the back in place'
	],
	frame: [
		ofWheel('Wheel where you left it?'),
		'Filter on the pack',
		ofFlash('Flash ready light on'),
		'Print shielded and kept warm',
		...anyFrame
	]
};

/** Of bellows that hold a pack behind a dark slide. */
export const bellows: Checks = {
	load: ['Bellows locked', 'Dark slide out'],
	frame: ['Cocked', ofDial('Dial set to the film'), ofLever('Lever or scene row set')]
};
