import {
	readAperture,
	readClock,
	readDate,
	readDegrees,
	readDistance,
	readNumber,
	readStops,
	readTime,
	type DateOrder
} from './cells';
import type { Columns, NotebookField } from './columns';

/** How what is written is meant, where that can be meant in several ways. */
export interface Reading {
	order: DateOrder;
	/** Plain numbers of times are parts of a second. */
	partial: boolean;
	/** Plain numbers of distances are feet. */
	feet: boolean;
}

/** A frame as a notebook has it. */
export interface NotebookRow {
	/** In the file, the head being the first. */
	line: number;
	camera: string;
	film: string;
	iso?: number;
	roll: string;
	number?: number;
	/** 2026-05-02 */
	date: string | null;
	/** 14:30 */
	clock?: string;
	f?: number;
	seconds?: number;
	wheel?: number;
	subject?: string;
	note?: string;
	place?: string;
	latitude?: number;
	longitude?: number;
	/** m */
	distance?: number;
	ev?: number;
	/** How it came out, stops. */
	outcome?: number;
	problems: string[];
}

const WIDEST_F = 0.5;
const SMALLEST_F = 1000;
const LONGEST = 86_400;
const within = (least: number, most: number) => (value: number | null) =>
	value !== null && value >= least && value <= most ? value : null;

type Read = (text: string, how: Reading) => number | string | null;
interface Cell {
	name: string;
	read: Read;
}

const quantity = (
	name: string,
	least: number,
	most: number,
	read: (text: string, how: Reading) => number | null
): Cell => ({
	name,
	read: (text, how) => within(least, most)(read(text, how))
});

/** Cells that can be wrong, with what they are called. */
const cells: Readonly<Partial<Record<NotebookField, Cell>>> = {
	iso: quantity('the film’s speed', 0.1, 1e6, (text) =>
		readNumber(text.replace(/^(iso|asa|ei)\s*/i, '').replace(/\/.*$/, ''))
	),
	number: quantity('a frame’s number', 1, 9999, (text) => {
		const number = readNumber(text.replace(/^(no|nr|#)\.?\s*/i, ''));
		return number !== null && Number.isInteger(number) ? number : null;
	}),
	date: { name: 'a date', read: (text, { order }) => readDate(text, order) },
	clock: { name: 'a time of day', read: readClock },
	aperture: quantity('an aperture', WIDEST_F, SMALLEST_F, readAperture),
	time: quantity('an exposure time', 1e-6, LONGEST, (text, { partial }) => readTime(text, partial)),
	wheel: quantity('stops', -20, 20, readStops),
	latitude: quantity('a latitude', -90, 90, (text) => readDegrees(text, 'S')),
	longitude: quantity('a longitude', -180, 180, (text) => readDegrees(text, 'W')),
	distance: quantity('a distance', 0.01, Infinity, (text, { feet }) => readDistance(text, feet)),
	ev: quantity('a light in EV', -20, 30, (text) => readNumber(text.replace(/\s*ev\s*/i, ''))),
	outcome: quantity('stops', -10, 10, readStops)
};

/** What is written of B, T and automatic times: nothing is known then. */
const UNTOLD = /^(b|t|bulb|a|auto(matic|matik)?|p|\?|-|–|—|n\/?a)$/i;

/**
 * The frames of a notebook, each with what is wrong with it.
 *
 * @param rows without the head
 * @param columns what each column holds
 * @example readRows([['1', 'f/8']], ['number', 'aperture'], how)[0] // { line: 2, number: 1, f: 8, … }
 */
export function readRows(
	rows: readonly (readonly string[])[],
	columns: Columns,
	how: Reading
): NotebookRow[] {
	const textOf = (row: readonly string[], field: NotebookField) => {
		const at = columns.indexOf(field);
		return at < 0 ? '' : (row[at] ?? '').trim();
	};
	return rows.map((row, index) => {
		const problems: string[] = [];
		const valueOf = <T>(field: NotebookField): T | undefined => {
			const text = textOf(row, field);
			if (text === '' || UNTOLD.test(text)) return undefined;
			const { name, read } = cells[field]!;
			const value = read(text, how);
			if (value === null) problems.push(`“${text}” isn’t ${name}`);
			return (value ?? undefined) as T | undefined;
		};
		const said = (field: NotebookField) => textOf(row, field) || undefined;
		const distance = valueOf<number>('distance');
		const date = valueOf<string>('date') ?? null;
		if (date === null && textOf(row, 'date') === '') problems.push('it has no date');
		const read: NotebookRow = {
			line: index + 2,
			camera: textOf(row, 'camera'),
			film: textOf(row, 'film'),
			iso: valueOf('iso'),
			roll: textOf(row, 'roll'),
			number: valueOf('number'),
			date,
			clock: valueOf('clock'),
			f: valueOf('aperture'),
			seconds: valueOf('time'),
			wheel: valueOf('wheel'),
			subject: said('subject'),
			note: said('note'),
			place: said('place'),
			latitude: valueOf('latitude'),
			longitude: valueOf('longitude'),
			distance: distance === Infinity ? undefined : distance,
			ev: valueOf('ev'),
			outcome: valueOf('outcome'),
			problems
		};
		return read;
	});
}
