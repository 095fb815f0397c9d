import type { Sky } from '../light';

/** Which part of the days of a month has which sky, 0 … 1, together 1. */
export interface SkyShares {
	clear: number;
	partly: number;
	overcast: number;
}

/** The skies that a year is made of. */
export const skiesOfYear = ['clear', 'partly', 'overcast'] as const satisfies readonly Sky[];

/** How well shares must add up to one. */
const WHOLE = 0.01;

/**
 * Whether shares are those of a whole month.
 *
 * @example isWhole({ clear: 0.5, partly: 0.3, overcast: 0.2 }) // true
 */
export const isWhole = (shares: SkyShares): boolean =>
	Math.abs(skiesOfYear.reduce((sum, sky) => sum + shares[sky], 0) - 1) <= WHOLE;

/** Clear and overcast days of the height of summer and of winter; between them the sun breaks through clouds. */
interface Band {
	/** Up to this latitude, degrees. */
	to: number;
	summer: Pick<SkyShares, 'clear' | 'overcast'>;
	winter: Pick<SkyShares, 'clear' | 'overcast'>;
}

/** Typical of lowlands, to start from; source: climate atlases, from memory. A coast or a valley differs much. */
const bands: readonly Band[] = [
	{ to: 12, summer: { clear: 0.1, overcast: 0.4 }, winter: { clear: 0.2, overcast: 0.3 } },
	{ to: 25, summer: { clear: 0.25, overcast: 0.3 }, winter: { clear: 0.5, overcast: 0.15 } },
	{ to: 38, summer: { clear: 0.65, overcast: 0.1 }, winter: { clear: 0.4, overcast: 0.3 } },
	{ to: 50, summer: { clear: 0.4, overcast: 0.25 }, winter: { clear: 0.2, overcast: 0.55 } },
	{ to: 60, summer: { clear: 0.25, overcast: 0.35 }, winter: { clear: 0.1, overcast: 0.6 } },
	{ to: 90, summer: { clear: 0.2, overcast: 0.45 }, winter: { clear: 0.2, overcast: 0.55 } }
];

const MONTHS = 12;
/** Nobody knows a month's skies better than to a twentieth. */
const twentieth = (share: number) => Math.round(share * 20) / 20;

/**
 * The skies that are typical of a latitude, month by month: to start from where nobody has counted.
 *
 * @param latitude degrees, + north
 * @returns January first
 * @example typicalSkies(54)[0].overcast // 0.6
 */
export function typicalSkies(latitude: number): SkyShares[] {
	const { summer, winter } = bands.find(({ to }) => Math.abs(latitude) <= to) ?? bands[bands.length - 1];
	return Array.from({ length: MONTHS }, (_, month) => {
		const north = (1 - Math.cos((2 * Math.PI * month) / MONTHS)) / 2;
		const warm = latitude < 0 ? 1 - north : north;
		const [clear, overcast] = (['clear', 'overcast'] as const).map((sky) =>
			twentieth(warm * summer[sky] + (1 - warm) * winter[sky])
		);
		return { clear, partly: twentieth(1 - clear - overcast), overcast };
	});
}
