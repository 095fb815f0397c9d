import { factsOf, type Holder } from './type-facts';
import type { Film, FilmType } from './types';

/** What film is wound on or packed in, as the trade calls it; names are what is stored. */
export interface FilmFormat {
	name: string;
	holder: Holder;
	/** Other bodies that it goes into, at most with a turn of the hands. */
	into?: readonly string[];
	/** Bodies that it goes into with something that few have at hand: said where it is loaded, and offered nowhere. */
	adapted?: readonly string[];
	/** Of cine film: how many frames a foot holds, and what a spool usually is. */
	cine?: { framesPerFoot: number; feet: number; sides: number };
}

const BATTERY = 'instant pack with battery';

/** Every format from the trade. Source: common practice. */
export const filmFormats: readonly FilmFormat[] = [
	{ name: '35 mm', holder: 'spool', adapted: ['120', '620', '126 cartridge'] },
	{ name: '120', holder: 'spool', into: ['620'], adapted: ['127'] },
	{ name: '620', holder: 'spool', into: ['120'] },
	{ name: '127', holder: 'spool' },
	{ name: '110 cartridge', holder: 'spool' },
	{ name: '126 cartridge', holder: 'spool' },
	{ name: 'regular 8', holder: 'spool', cine: { framesPerFoot: 80, feet: 25, sides: 2 } },
	{ name: 'super 8 cartridge', holder: 'spool', cine: { framesPerFoot: 72, feet: 50, sides: 1 } },
	{
		name: '16 mm',
		holder: 'spool',
		adapted: ['110 cartridge'],
		cine: { framesPerFoot: 40, feet: 100, sides: 1 }
	},
	{ name: 'sheet 4 × 5', holder: 'spool' },
	{ name: BATTERY, holder: 'instant-pack', into: ['instant pack without battery'] },
	{ name: 'instant pack without battery', holder: 'instant-pack', adapted: [BATTERY] },
	{ name: 'instant mini', holder: 'instant-pack' },
	{ name: 'instant square', holder: 'instant-pack' },
	{ name: 'instant wide', holder: 'instant-pack' },
	{ name: 'peel-apart pack', holder: 'peel-apart-pack' },
	{ name: 'small peel-apart pack', holder: 'peel-apart-pack' }
];

/** What a camera takes, as far as it is known. */
export interface Takes {
	format?: string;
	/** A film of this type would go in. */
	type?: FilmType;
}

/** Whether a film goes into a camera. */
export interface Fit {
	goes: boolean;
	/** It can be offered for it. */
	offered: boolean;
}

/** A name as it is compared: however it was typed. */
export const plainFormat = (name: string): string => name.trim().toLowerCase().replaceAll(/\s+/g, ' ');
const FITS: Fit = { goes: true, offered: true };

/** By what holds films of their types, where a format is not known. */
function fitByHolder(film: FilmType, takes: FilmType | undefined): Fit {
	const goes = takes === undefined || factsOf(film).holder === factsOf(takes).holder;
	return goes ? FITS : { goes, offered: false };
}

/** By two formats that are not one and the same. */
function fitByFormat(film: string, format: string): Fit {
	const known = filmFormats.find(({ name }) => plainFormat(name) === plainFormat(film));
	if (known?.into?.includes(format)) return FITS;
	return { goes: known?.adapted?.includes(format) ?? false, offered: false };
}

/**
 * Whether a film goes into a camera: by format where both are known, else by what holds films of its type.
 *
 * @example fitOf({ …, type: 'bw-negative', format: '120' }, { format: '620' }).goes // true: respooled
 */
export function fitOf(film: Pick<Film, 'type' | 'format'>, { format, type }: Takes): Fit {
	if (film.format === undefined || format === undefined) return fitByHolder(film.type, type);
	return plainFormat(film.format) === plainFormat(format) ? FITS : fitByFormat(film.format, format);
}

/**
 * Whether a film can be offered for a camera.
 *
 * @example goesInto({ name: 'Any', type: 'reversal', iso: 100 }, { type: 'bw-negative' }) // true
 */
export const goesInto = (film: Pick<Film, 'type' | 'format'>, takes: Takes): boolean =>
	fitOf(film, takes).offered;

const [REGULAR_8] = filmFormats.flatMap(({ cine }) => (cine ? [cine] : []));

/**
 * Cine film of a format as it usually comes; regular 8 where that is not known.
 *
 * @example cineFormat('super 8 cartridge').framesPerFoot // 72
 */
export const cineFormat = (format?: string): NonNullable<FilmFormat['cine']> =>
	filmFormats.find(({ name, cine }) => cine && plainFormat(name) === plainFormat(format ?? ''))?.cine ??
	REGULAR_8;

/** Formats that films of a type come in. */
export const formatsOf = (type: FilmType): string[] =>
	filmFormats.filter(({ holder }) => holder === factsOf(type).holder).map(({ name }) => name);
