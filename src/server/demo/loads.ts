import type { Light } from '$core/light';
import type { Fault } from '$contract/frames';
import type { LoadRecord } from '$contract/records';
import { edge, metered, sand } from './lights';
import type { CameraKey, FilmKey } from './scenario';

/** What was shot in the demo's weekend, and before it. */

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
		camera: 'wedge',
		film: 'wrack',
		frames: 8,
		price: 16,
		counter: 'down',
		ago: 262,
		outAgo: 254,
		note: 'Kites at noon, with nothing on the lens',
		shot: [
			{ ago: 261.5, light: metered(11, 1 / 125), note: 'Launching crew', came: { off: 0 } },
			{ ago: 261, light: metered(11, 1 / 125), note: 'Box kite over the wet sand', came: { off: 1 / 3 } },
			{ ago: 260.6, light: metered(11, 1 / 125), note: 'Line and sky', came: { off: -1 / 3 } },
			{ ago: 260, light: metered(11, 1 / 125), note: 'The judge with his flag', came: { off: 0 } },
			{ ago: 258.5, light: metered(5.6, 1 / 30), note: 'Lee of the boathouse', came: { off: 0, kept: true } },
			{ ago: 258, light: metered(11, 1 / 250), note: 'Three tails at once', came: { off: 0 } },
			{ ago: 257, light: metered(4, 1 / 30), note: 'Packing up in the shed', came: { off: 0, kept: true } }
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
