import { factsOf, type Holder } from './type-facts';
import type { Film, FilmType } from './types';

/** What film is wound on or packed in, as the trade calls it; names are what is stored. */
export interface FilmFormat {
	name: string;
	holder: Holder;
	/** Other bodies that it goes into, and what that asks of the hands; empty: nothing. */
	into?: Readonly<Record<string, string>>;
	/** Bodies that it goes into with something that few have at hand: said where it is loaded, and offered nowhere. */
	adapted?: Readonly<Record<string, string>>;
	/** Of cine film: how many frames a foot holds, and what a spool usually is. */
	cine?: { framesPerFoot: number; feet: number; sides: number };
	/** Bodies that it seems to fit, and why it does not work there. */
	not?: Readonly<Record<string, string>>;
}

const WITH_ADAPTERS =
	'Use adapters at both ends, tape over the red window, and count turns instead of numbers.';
const BATTERY = 'instant pack with battery';

/** Every format from the trade. Source: common practice. */
export const filmFormats: readonly FilmFormat[] = [
	{ name: '35 mm', holder: 'spool', adapted: { '120': WITH_ADAPTERS, '620': WITH_ADAPTERS } },
	{
		name: '120',
		holder: 'spool',
		into: {
			'620': 'It’s the same film on a thicker spool, which jams. Wind it onto a 620 spool in the dark first.'
		}
	},
	{
		name: '620',
		holder: 'spool',
		into: { '120': 'It’s the same film on a thinner spool. Wind it onto a 120 spool in the dark first.' }
	},
	{ name: '127', holder: 'spool' },
	{ name: '110 cartridge', holder: 'spool' },
	{ name: '126 cartridge', holder: 'spool' },
	{ name: 'regular 8', holder: 'spool', cine: { framesPerFoot: 80, feet: 25, sides: 2 } },
	{ name: 'super 8 cartridge', holder: 'spool', cine: { framesPerFoot: 72, feet: 50, sides: 1 } },
	{ name: '16 mm', holder: 'spool', cine: { framesPerFoot: 40, feet: 100, sides: 1 } },
	{ name: 'sheet 4 × 5', holder: 'spool' },
	{ name: BATTERY, holder: 'instant-pack', into: { 'instant pack without battery': '' } },
	{
		name: 'instant pack without battery',
		holder: 'instant-pack',
		not: { [BATTERY]: 'This pack has no battery, and the camera runs on the pack’s: it won’t do anything.' }
	},
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

/** Whether a film goes into a camera, and what is to be said of that. */
export interface Fit {
	goes: boolean;
	/** It can be offered for it. */
	offered: boolean;
	/** What it asks of the hands, or why it does not work; empty where there is nothing to say. */
	say: string;
}

const plain = (name: string) => name.trim().toLowerCase().replaceAll(/\s+/g, ' ');
const FITS: Fit = { goes: true, offered: true, say: '' };

/** By what holds films of their types, where a format is not known. */
function fitByHolder(film: FilmType, takes: FilmType | undefined): Fit {
	const goes = takes === undefined || factsOf(film).holder === factsOf(takes).holder;
	return goes ? FITS : { goes, offered: false, say: '' };
}

/** By two formats that are not one and the same. */
function fitByFormat(film: string, format: string): Fit {
	const known = filmFormats.find(({ name }) => plain(name) === plain(film));
	const [into, adapted] = [known?.into?.[format], known?.adapted?.[format]];
	if (into !== undefined) return { goes: true, offered: true, say: into };
	if (adapted !== undefined) return { goes: true, offered: false, say: adapted };
	return { goes: false, offered: false, say: known?.not?.[format] ?? '' };
}

/**
 * Whether a film goes into a camera: by format where both are known, else by what holds films of its type.
 *
 * @example fitOf({ …, type: 'bw-negative', format: '120' }, { format: '620' }).goes // true: respooled
 */
export function fitOf(film: Pick<Film, 'type' | 'format'>, { format, type }: Takes): Fit {
	if (film.format === undefined || format === undefined) return fitByHolder(film.type, type);
	return plain(film.format) === plain(format) ? FITS : fitByFormat(film.format, format);
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
	filmFormats.find(({ name, cine }) => cine && plain(name) === plain(format ?? ''))?.cine ?? REGULAR_8;

/** Formats that films of a type come in. */
export const formatsOf = (type: FilmType): string[] =>
	filmFormats.filter(({ holder }) => holder === factsOf(type).holder).map(({ name }) => name);
