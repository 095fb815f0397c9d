import { cameraKind } from '$core/camera';
import type { Batch, Film } from '$core/film';
import type { Light } from '$core/light';
import type { Scene } from '$core/plan';
import type { CameraRecord, GearRecord, PlaceRecord } from '$contract/records';
import { edge, sand } from './lights';

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

/** What there is to load of each film; counted so many hours before now, of boxes that say so many months from now. */
export const stock: Partial<
	Record<keyof typeof films, (Omit<Batch, 'countedAt' | 'bestBefore'> & { ago: number; months: number })[]>
> = {
	wrack: [
		{ packs: 2, ago: 20, price: 16, months: 3, storage: 'fridge' },
		{ packs: 3, ago: 20, price: 17, months: 11, storage: 'fridge' }
	],
	lantern: [{ packs: 1, ago: 20, price: 21, months: 7, storage: 'fridge' }],
	marram: [{ packs: 4, ago: 300, price: 9.5, months: 16 }],
	cockle50: [{ packs: 2, ago: 300, price: 14, months: -144, storage: 'fridge' }]
};

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
