/** Kinds of lamps and their colour, K; common practice. */
export const lampColours: readonly { name: string; kelvin: number }[] = [
	{ name: 'household lamp', kelvin: 2800 },
	{ name: 'halogen', kelvin: 3200 },
	{ name: 'fluorescent tube', kelvin: 4000 },
	{ name: 'daylight lamp', kelvin: 5500 }
];
