import { strToU8, zipSync } from 'fflate';
import { v4 as uuid } from 'uuid';
import type { FilmType } from '$core/film';
import {
	arePartsOfASecond,
	dateOrders,
	guessedColumns,
	possibleOrders,
	readRows,
	type Columns,
	type NotebookField,
	type NotebookRow,
	type Reading
} from '$core/notebook';
import { FORM, FORMAT, RECORDS } from '$contract/archive-form';
import {
	cameraNamed,
	filmKey,
	filmNamed,
	notebookRecords,
	packsOf,
	withProblems,
	type Bag,
	type CameraChoice,
	type FilmChoice,
	type NotebookRecords
} from '$contract/notebook';
import { version } from '$contract/version';
import { counted, zoneHere } from '$words';
import { bringArchive, takeArchive } from '$lib/records/archive';
import { refresh } from '$lib/records/refresh';
import { removeTogether } from '$lib/records/together';
import { readTable } from './read-table';

const USUAL_KIND = 'point-and-shoot';
const USUAL_FILM: FilmType = 'colour-negative';
const USUAL_ISO = 400;

const distinct = <T>(values: readonly T[]): T[] => [...new Set(values)];

/** What a notebook brought, so that each is taken away before what it names. */
const backwards = ({ frames, loads, films, cameras }: NotebookRecords) => [
	...frames.map(({ id }) => ({ kind: 'frames' as const, id, version: 1 })),
	...loads.map(({ id }) => ({ kind: 'loads' as const, id, version: 1 })),
	...films.map(({ id }) => ({ kind: 'films' as const, id, version: 1 })),
	...cameras.map(({ id }) => ({ kind: 'cameras' as const, id, version: 1 }))
];

/** An old notebook: its columns, its rows, and what becomes of them. */
export class NotebookDesk {
	readonly #bag: () => Bag;
	head = $state.raw<string[]>([]);
	#rows = $state.raw<string[][]>([]);
	columns = $state.raw<Columns>([]);
	reading = $state.raw<Reading>({ order: 'ymd', partial: true, feet: false });
	#cameras = $state.raw<Readonly<Record<string, CameraChoice>>>({});
	#films = $state.raw<Readonly<Record<string, FilmChoice>>>({});
	/** Rows with problems are left out. */
	leaving = $state(false);
	busy = $state(false);
	problem = $state('');
	message = $state('');
	undo = $state.raw<(() => Promise<void>) | null>(null);

	constructor(bag: () => Bag) {
		this.#bag = bag;
	}

	readonly read = $derived.by(() => readRows(this.#rows, this.columns, this.reading));
	/** Each row with all that is wrong with it. */
	readonly rows = $derived.by(() => withProblems(this.read));
	readonly good = $derived.by(() =>
		this.rows.filter(({ problems }) => problems.length === 0).map(({ row }) => row)
	);
	readonly bad = $derived.by(() => this.rows.filter(({ problems }) => problems.length > 0));
	/** The orders that the dates can be read in. */
	readonly orders = $derived.by(() => possibleOrders(this.#under('date')));
	readonly ready = $derived.by(() => this.good.length > 0 && (this.bad.length === 0 || this.leaving));
	readonly rolls = $derived.by(() => packsOf(this.good).length);

	/** Cameras that are written, each with what stands for it. */
	readonly cameras = $derived.by(() =>
		distinct(this.read.map(({ camera }) => camera)).map((name) => ({ name, choice: this.#cameraOf(name) }))
	);
	/** Films that are written, each with what stands for it and the speed of a new one. */
	readonly films = $derived.by(() => {
		const first = new Map(this.read.toReversed().map((row) => [filmKey(row), row]));
		return distinct(this.read.map(filmKey)).map((key) => {
			const row = first.get(key)!;
			return { key, choice: this.#filmOf(key, row), iso: row.iso ?? USUAL_ISO };
		});
	});

	/** What is written in a column, in the rows that have something there. */
	#under(field: NotebookField): string[] {
		const at = this.columns.indexOf(field);
		return at < 0 ? [] : this.#rows.map((row) => (row[at] ?? '').trim()).filter(Boolean);
	}

	#cameraOf(name: string): CameraChoice {
		const there = cameraNamed(this.#bag(), name);
		return this.#cameras[name] ?? (there ? { id: there.id } : { kind: USUAL_KIND });
	}

	#filmOf(key: string, row: NotebookRow): FilmChoice {
		const there = filmNamed(this.#bag(), row);
		return this.#films[key] ?? (there ? { id: there.id } : { type: USUAL_FILM, iso: row.iso ?? USUAL_ISO });
	}

	async take(file: File): Promise<void> {
		[this.problem, this.message, this.undo] = ['', '', null];
		const table = await readTable(file);
		if ('problem' in table) {
			this.problem = table.problem;
			return;
		}
		[this.head, this.#rows, this.#cameras, this.#films, this.leaving] = [
			table.head,
			table.rows,
			{},
			{},
			false
		];
		this.columns = guessedColumns(table.head, table.rows);
		this.#guess();
	}

	#guess(): void {
		const [order = dateOrders[0]] = possibleOrders(this.#under('date'));
		this.reading = { ...this.reading, order, partial: arePartsOfASecond(this.#under('time')) };
	}

	/** Says what a column holds; another one that was said to hold it holds nothing. */
	hold(at: number, field: NotebookField | null): void {
		this.columns = this.columns.map((other, column) =>
			column === at ? field : other === field ? null : other
		);
		if (field === 'date' || field === 'time') this.#guess();
	}

	mean = (change: Partial<Reading>): void => void (this.reading = { ...this.reading, ...change });
	chooseCamera = (name: string, choice: CameraChoice): void =>
		void (this.#cameras = { ...this.#cameras, [name]: choice });
	chooseFilm = (key: string, choice: FilmChoice): void =>
		void (this.#films = { ...this.#films, [key]: choice });

	/** Brings all of it in, or nothing. */
	async bring(): Promise<void> {
		[this.busy, this.problem, this.message, this.undo] = [true, '', '', null];
		const choices = {
			cameras: Object.fromEntries(this.cameras.map(({ name, choice }) => [name, choice])),
			films: Object.fromEntries(this.films.map(({ key, choice }) => [key, choice])),
			zone: zoneHere()
		};
		const records = notebookRecords(this.good, choices, this.#bag(), uuid);
		this.problem = await bringAll(records);
		if (!this.problem) {
			const { frames, loads } = records;
			this.message = `${frames.length} frames of ${counted(loads.length, 'one roll', '# rolls')} are in your records.`;
			this.head = [];
			this.undo = () => this.#takeBack(records);
			await refresh();
		}
		this.busy = false;
	}

	async #takeBack(records: NotebookRecords): Promise<void> {
		this.busy = true;
		this.problem = await removeTogether(backwards(records));
		if (!this.problem) {
			[this.message, this.undo] = ['Undone. Everything is as it was.', null];
			await refresh();
		}
		this.busy = false;
	}
}

/** Brings records in as an archive does: looked through first, then all of them; an empty text, or why none. */
async function bringAll(records: NotebookRecords): Promise<string> {
	const head = { format: FORMAT, form: FORM, program: version, made: new Date().toISOString(), pictures: [] };
	const zip = zipSync({ [RECORDS]: strToU8(JSON.stringify({ ...head, records })) });
	const looked = await bringArchive(new Blob([zip as Uint8Array<ArrayBuffer>]));
	if (!looked.ok) return looked.message;
	const [wrong] = looked.report.problems;
	if (wrong) return `One of the ${wrong.kind} can’t be saved: ${wrong.why}. Nothing was imported.`;
	const taken = await takeArchive(looked.id, 'keep');
	return taken.ok ? '' : taken.message;
}
