/** The trade's words, each in a sentence and an example. Source: common practice; numbers as the formulas of this program have them. */

import type { TermId } from './terms-in';

export interface Term {
	/** Stands in the address of the page: /words#nd. */
	id: TermId;
	word: string;
	/** One sentence, for who never met it. */
	means: string;
	/** One case of it, with its numbers. */
	example: string;
}
export interface TermGroup {
	about: string;
	terms: readonly Term[];
}

const light: readonly Term[] = [
	{
		id: 'stop',
		word: 'Stop',
		means: 'Twice the light, or half of it.',
		example: 'From 1/60 s to 1/30 s is one stop more; from f/11 to f/16 is one stop less.'
	},
	{
		id: 'ev',
		word: 'EV',
		means: 'How bright it is, as one number: each step up is one stop more light.',
		example: 'EV 15 is full sun, 12 a grey day, 6 a lit room, 3 a lit street at night.'
	},
	{
		id: 'give-or-take',
		word: 'Give or take',
		means: 'How unsure a number is: two times in three, the truth is within it.',
		example: 'About 12⅔, give or take ⅔: most likely between 12 and 13⅓.'
	},
	{
		id: 'incident',
		word: 'Incident and reflected',
		means:
			'An incident meter measures the light falling on your subject, a reflected one the light coming off it.',
		example:
			'Snow looks bright to a reflected meter, which then underexposes it; an incident meter isn’t fooled.'
	},
	{
		id: 'mid-grey',
		word: 'Mid grey',
		means: 'The tone every reflected meter and every electric eye takes its subject for.',
		example: 'A grey card, grass or weathered wood is close to it; a white wall is about 2 stops lighter.'
	},
	{
		id: 'shadow-edge',
		word: 'Shadow edge',
		means: 'Reading daylight by the edge of a shadow: the softer the edge, the less light.',
		example: 'Sharp and dark means f/16 at one over the film speed; soft means f/11.'
	},
	{
		id: 'open-shade',
		word: 'Open shade',
		means: 'Shade with a wide view of the sky, such as beside a wall.',
		example: 'About three stops less than the sun next to it.'
	},
	{
		id: 'spread',
		word: 'Spread',
		means: 'How far your guesses scatter around their own average.',
		example: 'A spread of ⅓ stop with a steady error of 1 stop is easy to correct; a spread of 2 stops isn’t.'
	}
];

const camera: readonly Term[] = [
	{
		id: 'f-number',
		word: 'Aperture, f-number',
		means: 'How wide the lens is open: the larger the number, the smaller the opening.',
		example: 'f/8, f/11 and f/16 are one stop apart.'
	},
	{
		id: 'shutter-speed',
		word: 'Shutter speed',
		means: 'How long light falls on the film.',
		example: '1/125 s freezes someone walking; 1/15 s needs a tripod or a wall.'
	},
	{
		id: 'bulb',
		word: 'Bulb (B)',
		means: 'The shutter stays open for as long as you hold it.',
		example: 'Four seconds at night: press, count to four, let go.'
	},
	{
		id: 'eye',
		word: 'Electric eye',
		means: 'The cell beside the lens that reads the light and sets the exposure by itself.',
		example:
			'In full sun, at f/8 on ISO 100, it needs 1/500 s; a camera that stops at 1/250 s overexposes by a stop.'
	},
	{
		id: 'wheel',
		word: 'Wheel',
		means: 'The lighten–darken control of an automatic camera.',
		example: 'One stop toward darken gives the film half the light.'
	},
	{
		id: 'dial',
		word: 'Film-speed dial',
		means: 'Tells the electric eye how fast the film is.',
		example: 'Set to 150 with a film of 300, it overexposes by one stop.'
	},
	{
		id: 'nd',
		word: 'ND filter',
		means: 'Grey glass that takes light away and changes no colour.',
		example: 'ND 0.3 costs one stop, ND 0.6 two, ND 0.9 three.'
	},
	{
		id: 'factor',
		word: 'Filter factor',
		means: 'How many times longer a filter makes the exposure.',
		example: 'Factor 4 is two stops.'
	},
	{
		id: 'guide-number',
		word: 'Guide number',
		means: 'How strong a flash is: distance times f-number at ISO 100.',
		example: 'Guide number 14 m at f/7: right at 2 metres.'
	},
	{
		id: 'dioptre',
		word: 'Dioptre',
		means: 'The strength of a close-up lens: one over its focal length in metres.',
		example: '+2 on a lens focused at infinity is sharp at 50 cm.'
	},
	{
		id: 'hand-held',
		word: 'Hand-held',
		means: 'Without a tripod: slower than about one over the focal length, your own shake shows.',
		example: 'A 60 mm lens on 35 mm film: 1/60 s.'
	}
];

const film: readonly Term[] = [
	{
		id: 'iso',
		word: 'Film speed, ISO',
		means: 'How sensitive a film is: twice the number needs half the light.',
		example: 'ISO 400 is two stops faster than ISO 100.'
	},
	{
		id: 'latitude',
		word: 'Latitude',
		means: 'How far off the exposure can be before the picture suffers.',
		example: 'Colour negative takes 3 stops over; a slide not even one.'
	},
	{
		id: 'negative',
		word: 'Dense and thin',
		means: 'A negative that got a lot of light is dense; one that got little is thin.',
		example: 'Two stops over: a dense colour negative that still prints well.'
	},
	{
		id: 'reciprocity',
		word: 'Reciprocity failure',
		means: 'In long exposures film loses speed, so it needs even longer.',
		example: 'A metered 10 s may have to be 20 s.'
	},
	{
		id: 'push',
		word: 'Push and pull',
		means: 'Developing longer to make up for too little light, or shorter for too much.',
		example: 'ISO 400 shot as 800 is pushed one stop.'
	},
	{
		id: 'mired',
		word: 'Mired',
		means: 'A million divided by the colour temperature: filters add and subtract in it.',
		example: 'From daylight at 5500 K to a lamp at 3200 K is about 131 mired.'
	},
	{
		id: 'peel-apart',
		word: 'Peel-apart',
		means: 'Instant film you pull from the camera, wait for, and peel.',
		example: 'The paste it leaves is caustic: keep it off your skin.'
	}
];

const frame: readonly Term[] = [
	{
		id: 'just-enough',
		word: 'Just enough',
		means: 'The light is within what this film handles well.',
		example: 'On colour negative, from half a stop under to two stops over.'
	},
	{
		id: 'bracket',
		word: 'Bracket',
		means: 'Three frames of one subject: darker, even, lighter.',
		example: 'Worth it where you’re unsure of the light and the picture won’t come again.'
	},
	{
		id: 'sharp-zone',
		word: 'Sharp zone',
		means: 'From how near to how far things look sharp.',
		example: 'A box camera at f/11: from 3 m on.'
	},
	{
		id: 'flare',
		word: 'Flare',
		means: 'Light that strikes the lens and veils the picture.',
		example: 'Shade the lens with your hand when the sun is near the frame.'
	},
	{
		id: 'keeper',
		word: 'Keeper',
		means: 'A frame you keep.',
		example: 'Eight frames at 2.00 with six kept: 2.67 a keeper.'
	},
	{
		id: 'blown-out',
		word: 'Blown out',
		means: 'So bright that nothing is left but white.',
		example: 'The sky on a slide two stops over.'
	}
];

export const termGroups: readonly TermGroup[] = [
	{ about: 'Light', terms: light },
	{ about: 'Camera', terms: camera },
	{ about: 'Film', terms: film },
	{ about: 'Frames', terms: frame }
];
