import { cameraKind } from '$core/camera';
import type { Film } from '$core/film';
import type { Light } from '$core/light';
import type { Scene } from '$core/plan';
import type { Fault } from '$contract/frames';
import type { CameraRecord, GearRecord, LoadRecord, PlaceRecord } from '$contract/records';

/** The demo: a weekend on the invented tidal island of Hollin Holm. */

function from(kind: string, name: string, changes: Partial<CameraRecord> = {}): CameraRecord {
	return { name, kind, ...cameraKind(kind)!.camera, ...changes };
}

export const cameras = {
	paddle: from('plastic-medium-format', 'Paddle 66'),
	tinBox: from('box', 'Tin Box'),
	pebble: from('point-and-shoot', 'Pebble'),
	clockwork: from('cine', 'Clockwork 8'),
	sweep: from('swing-lens', 'Sweep'),
	// Taught by the first frames of the pack below; the later ones are news.
	wedge: from('folding-instant', 'Wedge', {
		offset: { stops: -1 / 3, sd: 0.15 },
		learnt: { prior: { stops: 0, sd: 0.7 }, at: '2026-01-01T12:00:00.000Z', frames: 5, untold: true }
	}),
	twinlet: from('instant-twin-lens', 'Twinlet'),
	bellows: from('converted-pack', 'Bellows Wide', {
		finder: { above: 38 },
		aim: 'put the subject one fifth of the frame low',
		back: { below: 0.2 }
	})
} satisfies Record<string, CameraRecord>;

export const films = {
	marram: { name: 'Marram 400', type: 'colour-negative', format: '120', iso: 400 },
	samphire: {
		name: 'Samphire 125',
		type: 'bw-negative',
		format: '120',
		iso: 125,
		reciprocity: { from: 1, exponent: 1.31 }
	},
	cockle100: { name: 'Cockle 100', type: 'reversal', format: '35 mm', iso: 100 },
	cockle50: { name: 'Cockle 50', type: 'reversal', format: 'regular 8', iso: 50 },
	thrift: { name: 'Thrift 200', type: 'colour-negative', format: '35 mm', iso: 200 },
	wrack: { name: 'Wrack 640', type: 'instant', format: 'instant pack with battery', iso: 640 },
	lantern: { name: 'Lantern 800', type: 'instant', iso: 800 }
} satisfies Record<string, Film>;

export const gear: GearRecord[] = [
	{ type: 'filter', name: 'ND 0.6', stops: 2, kind: 'neutral' },
	{ type: 'filter', name: 'ND 0.9', stops: 3, kind: 'neutral' },
	{ type: 'filter', name: 'Yellow', stops: 1, kind: 'contrast' },
	{ type: 'flash', name: 'Pocket flash', guideNumber: 14, powers: [1, 1 / 4] },
	{ type: 'support', name: 'Folding tripod' },
	{ type: 'close-up', name: 'Close-up +2', dioptres: 2 },
	{ type: 'modifier', name: 'Sailcloth', stops: 4 / 3, sd: 0.33, times: 1 }
];

export type CameraKey = keyof typeof cameras;
export type FilmKey = keyof typeof films;

export interface DemoFrame {
	/** Hours before now. */
	ago: number;
	light: Light;
	note?: string;
	/** How long a cine shot ran, s, and for which of the planned ones. */
	ran?: number;
	for?: number;
	/** How it came out, stops beyond what was predicted, with what else was wrong and whether it is kept. */
	came?: { off: number; faults?: Fault[]; kept?: boolean };
}

export interface DemoLoad extends Pick<LoadRecord, 'price' | 'counter' | 'spool' | 'unknown'> {
	camera: CameraKey;
	film: FilmKey;
	frames: number;
	/** Hours before now. */
	ago: number;
	/** Hours before now at which it was taken out. */
	outAgo?: number;
	note?: string;
	/** What it is to be developed in, by the recipe's name. */
	developIn?: string;
	/** Shots that are planned on a spool. */
	planned?: { title: string; seconds: number }[];
	shot: DemoFrame[];
}

const edge = (condition: 'sharp' | 'soft' | 'faint' | 'none', backlit?: boolean): Light => ({
	method: 'shadows',
	school: 'shadow-edge',
	condition,
	...(backlit ? { backlit } : {})
});
const sand: Light = { method: 'shadows', school: 'exposure-guide', condition: 'snow-or-sand' };

/** Light falling on the subject, by a hand meter at ISO 100. */
const metered = (f: number, seconds: number): Light => ({
	method: 'meter',
	kind: 'incident',
	iso: 100,
	f,
	seconds
});

export const loads: DemoLoad[] = [
	{
		camera: 'paddle',
		film: 'marram',
		frames: 12,
		ago: 27,
		note: 'Kite morning and the boatyard',
		shot: [
			{ ago: 26.4, light: sand, note: 'First kite up, whole beach behind it' },
			{ ago: 26.1, light: sand, note: 'The long tail over the groyne' },
			{ ago: 25.7, light: edge('sharp'), note: 'Two reels, one knot' },
			{
				ago: 22.5,
				light: edge('soft'),
				note: 'Boatyard gate, red lead on the door'
			},
			{ ago: 22.2, light: edge('faint'), note: 'Keel blocks in the shade of the shed' }
		]
	},
	{
		camera: 'tinBox',
		film: 'samphire',
		frames: 8,
		ago: 25,
		note: 'Boatyard open day',
		shot: [
			{ ago: 22.8, light: edge('soft'), note: 'Caulking mallets on the bench' },
			{ ago: 22.6, light: edge('sharp', true), note: 'Ribs against the sun' },
			{
				ago: 21.9,
				light: { method: 'meter', kind: 'incident', iso: 125, f: 8, seconds: 1 / 60 },
				note: 'Under the slip, metered'
			}
		]
	},
	{
		camera: 'pebble',
		film: 'cockle100',
		frames: 36,
		ago: 30,
		shot: [
			{ ago: 26.2, light: edge('sharp'), note: 'Tide line with kites' },
			{ ago: 20.1, light: edge('none'), note: 'Ferry queue, in the open' }
		]
	},
	{
		camera: 'clockwork',
		film: 'cockle50',
		frames: 24,
		ago: 24,
		note: 'Shots of about five seconds',
		spool: { feet: 25, sides: 2, framesPerSecond: 16 },
		planned: [
			{ title: 'Ferry comes round the point', seconds: 8 },
			{ title: 'Queue under the roof, from the sun into the shade', seconds: 12 },
			{ title: 'Hands untying the tarpaulin', seconds: 5 },
			{ title: 'Kites over the sands', seconds: 10 }
		],
		shot: [{ ago: 20.2, light: edge('soft'), note: 'Ferry comes round the point', ran: 9, for: 0 }]
	},
	{
		camera: 'sweep',
		film: 'thrift',
		frames: 20,
		ago: 23,
		shot: [{ ago: 20, light: edge('none'), note: 'Tin roof, whole queue' }]
	},
	{
		camera: 'wedge',
		film: 'wrack',
		frames: 8,
		price: 16,
		counter: 'down',
		ago: 21,
		note: 'Lantern walk and the net loft',
		shot: [
			{ ago: 20.5, light: { ev: 9, sd: 0.67 }, note: 'Net loft window, four o’clock' },
			{ ago: 20.3, light: { ev: 8, sd: 0.67 }, note: 'Mending needle, by the window' }
		]
	},
	{
		camera: 'twinlet',
		film: 'lantern',
		frames: 10,
		price: 21,
		counter: 'down',
		ago: 20.8,
		shot: [{ ago: 19.5, light: edge('none') }]
	},
	{ camera: 'bellows', film: 'lantern', frames: 10, price: 21, counter: 'down', ago: 19.9, shot: [] },
	{
		camera: 'wedge',
		film: 'wrack',
		frames: 8,
		price: 16,
		counter: 'down',
		ago: 190,
		outAgo: 180,
		note: 'The pack that taught what it really gives',
		shot: [
			{ ago: 189.5, light: metered(5.6, 1 / 30), note: 'Slip in the grey', came: { off: 0, kept: true } },
			{ ago: 189, light: metered(4, 1 / 30), note: 'Winch', came: { off: -1 / 3, kept: true } },
			{ ago: 188, light: { ev: 9, sd: 0.67 }, note: 'Sail loft door', came: { off: 0 } },
			{ ago: 187.5, light: { ev: 8, sd: 0.67 }, note: 'Lamp room', came: { off: 1 / 3, kept: true } },
			{ ago: 187, light: metered(5.6, 1 / 15), note: 'Ferry ropes', came: { off: -1 / 3 } },
			{ ago: 186, light: metered(4, 1 / 30), note: 'Two on the quay', came: { off: 0, kept: true } },
			{ ago: 185, light: edge('faint'), note: 'Same two, nearer', came: { off: -1 / 3, faults: ['focus'] } },
			{
				ago: 184,
				light: metered(5.6, 1 / 30),
				note: 'Opened in the sun',
				came: { off: 3, faults: ['fog'], kept: false }
			}
		]
	},
	{
		camera: 'tinBox',
		film: 'samphire',
		frames: 8,
		ago: 160,
		outAgo: 150,
		developIn: 'Fine grain',
		shot: [
			{ ago: 155, light: edge('soft'), note: 'Jetty posts from the sand' },
			{ ago: 154, light: edge('sharp'), note: 'Mooring ring in the sun' }
		]
	},
	{
		camera: 'sweep',
		film: 'thrift',
		frames: 20,
		ago: 140,
		outAgo: 101,
		shot: [{ ago: 139, light: edge('soft'), note: 'Both headlands' }]
	},
	{
		camera: 'paddle',
		film: 'samphire',
		frames: 12,
		ago: 100,
		outAgo: 76,
		developIn: 'Fine grain',
		shot: [
			{ ago: 98, light: edge('faint'), note: 'Kites on the line' },
			{ ago: 97.5, light: edge('none'), note: 'Tails in a tub' }
		]
	},
	{
		camera: 'pebble',
		film: 'thrift',
		frames: 3,
		ago: 200,
		outAgo: 31,
		note: 'Rest of a roll, walked off on the causeway',
		shot: [
			{ ago: 199, light: edge('soft'), note: 'Causeway marker posts', came: { off: -1 / 3, kept: true } },
			{ ago: 198, light: edge('soft'), came: { off: -2 / 3 } },
			{ ago: 197.5, light: edge('soft'), note: 'Last one, wading', came: { off: -1 / 3 } }
		]
	}
];

/** The island's own list of places; it lies where no land is. */
export const places: PlaceRecord[] = [
	{ name: 'Hollin Holm, net loft', latitude: 54.62, longitude: -4.21 },
	{ name: 'Hollin Holm, kite sands', latitude: 54.63, longitude: -4.24 }
];

/** The light as it was read, hours before now, the last reading last. */
export const readings: { ago: number; light: Light; name?: string }[] = [
	{ ago: 26.4, light: sand },
	{
		ago: 20.5,
		light: { method: 'meter', kind: 'incident', iso: 100, f: 2.8, seconds: 1 / 60 },
		name: 'net loft, four'
	},
	{ ago: 0.05, light: edge('faint') }
];

/** The lantern walk of the evening. */
export const walk: { name: string; scenes: Omit<Scene, 'id' | 'take'>[] } = {
	name: 'Lantern walk',
	scenes: [
		{
			name: 'Ferry queue under the tin roof',
			at: '13:00',
			light: { by: 'sky', sky: 'overcast', subject: 'open-shade' },
			frames: 2,
			on: 'colour'
		},
		{
			name: 'First lanterns on the slip',
			at: '19:40',
			light: { by: 'place', place: 'bright-street' },
			frames: 4,
			on: 'instant',
			intent: { subjectDistance: 2 }
		},
		{
			name: 'Lanterns along the causeway, as trails',
			at: '20:20',
			light: { by: 'place', place: 'night-traffic' },
			frames: 2,
			intent: { seconds: [4, 10], handheld: false }
		},
		{
			name: 'Songs in the net loft',
			at: '21:10',
			light: { by: 'place', place: 'home-interior' },
			frames: 3,
			on: 'instant'
		},
		{
			name: 'Embers',
			at: '00:10',
			nextDay: true,
			light: { by: 'ev', ev: 1, sd: 1 },
			frames: 1
		}
	]
};
