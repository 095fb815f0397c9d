/** A drawing on 64 × 40: what is outlined, and what shines. */
export interface PlaceDrawing {
	line: string;
	lit: string;
}

/** A disc as a path. */
const disc = (x: number, y: number, r: number) =>
	`M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`;

/** Drawings of the kinds of place, by their id. */
export const placeDrawings: Readonly<Record<string, PlaceDrawing>> = {
	'home-interior': {
		line: 'M40 23v12M33 35h14M8 35h18v-9q0-4 4-4M8 35v-14q0-4 4-4h12q4 0 4 5',
		lit: 'M35 9h10l6 14H29z'
	},
	office: { line: 'M8 28h48M14 28v8M50 28v8M26 28v-9h14v9', lit: 'M8 6h20v4H8zM36 6h20v4H36z' },
	gallery: { line: 'M18 14h28v20H18zM23 30l7-9 5 6 3-3 4 6M32 3L20 14M32 3l12 11', lit: 'M28 1h8v5h-8z' },
	stage: {
		line: 'M5 3q6 17 0 34M59 3q-6 17 0 34M24 5L17 37M28 5l19 32M5 37h54M32 25v12',
		lit: disc(32, 22, 4)
	},
	'floodlit-sport': {
		line: 'M13 12v25M51 12v25M4 37h56M32 37v-6M22 31h20',
		lit: 'M6 4h14v8H6zM44 4h14v8H44z'
	},
	fairground: {
		line: 'M32 4a14 14 0 1 0 .1 0zM32 18v-14M32 18h14M32 18v14M32 18H18M22 28L42 8M42 28L22 8M32 18l-9 20M32 18l9 20',
		lit: [disc(32, 4, 2.5), disc(46, 18, 2.5), disc(32, 32, 2.5), disc(18, 18, 2.5), disc(32, 18, 2.5)].join(
			''
		)
	},
	'shop-window': {
		line: 'M8 14v22h48V14M4 37h56M18 36V26h8v10M36 36v-6h12v6',
		lit: 'M6 4h52v6l-5 5-6-5-5 5-6-5-5 5-5-5-6 5-5-5-5 5-4-5z'
	},
	'bright-street': {
		line: 'M8 37V16l10-8 10 8v21M13 22h10M40 37V6h10M4 37h56',
		lit: `${disc(52, 9, 5)}M12 26h5v6h-5z`
	},
	'bright-neon': { line: 'M6 6h52v28H6z', lit: 'M14 17h20v-6l15 9-15 9v-6H14z' },
	'night-traffic': {
		line: 'M12 34v-12l6-11h28l6 11v12zM12 22h40M16 34v4M48 34v4M26 29h12',
		lit: `${disc(19, 28, 4)}${disc(45, 28, 4)}`
	},
	'floodlit-building': {
		line: 'M22 37V14l10-10 10 10v23M28 37v-9h8v9M4 37h56',
		lit: 'M6 36l12-20 3 3-11 18zM58 36L46 16l-3 3 11 18z'
	},
	'christmas-lights': {
		line: 'M3 6q14 18 29 6t29 6M8 37V27M56 37V29M3 37h58',
		lit: [disc(11, 14, 2.6), disc(21, 17, 2.6), disc(32, 13, 2.6), disc(42, 10, 2.6), disc(52, 14, 2.6)].join(
			''
		)
	},
	'distant-skyline': {
		line: 'M2 30h8v-7h7v4h8v-10h6v10h9v-6h8v5h7v4h7M2 36h60',
		lit: 'M12 25h2v2h-2zM27 20h2v2h-2zM27 25h2v2h-2zM42 24h2v2h-2zM52 28h2v2h-2z'
	},
	'full-moon': { line: 'M3 28h58M24 32h16M27 36h10', lit: disc(32, 13, 8) },
	'sky-before-sunset': { line: 'M3 32h58M32 4v4M17 10l3 3M47 10l-3 3M12 20h5M47 20h5', lit: disc(32, 19, 8) },
	'sky-at-sunset': { line: 'M3 28h58M32 8v5M16 14l4 4M48 14l-4 4', lit: 'M22 28a10 10 0 0 1 20 0z' },
	'sky-after-sunset': {
		line: 'M3 32h58M14 32a18 18 0 0 1 36 0M6 32a26 26 0 0 1 52 0',
		lit: 'M23 32a9 7 0 0 1 18 0z'
	}
};
