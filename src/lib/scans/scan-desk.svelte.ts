import {
	guessedPairs,
	inOrder,
	numbersIn,
	putAgainst,
	slipped,
	turnedRound,
	type Pairing
} from '$core/scans';
import { namer } from '$contract/file-names';
import { endingOf, pictureEndings, writtenTypes } from '$contract/pictures';
import { MOST_SCANS } from '$contract/scans';
import { tableOf, writtenBeside, writtenInto, type Written } from '$lib/records/scans';
import { smallPicture } from './small-picture';
import { zipOf } from './zip';

/** A frame of the load that files are put against. */
export interface FrameOfLoad {
	id: string;
	number: number;
	/** What tells it from the others. */
	line: string;
	/** Its first picture. */
	picture: string | null;
}

/** How what was logged is to be had. */
export type How = 'copies' | 'beside' | 'table';

interface Scan {
	file: File;
	/** Address of a small picture; null where the browser cannot show it. */
	picture: string | null;
}

const written = new Set(writtenTypes.flatMap((type) => pictureEndings[type]));
/** Whether metadata is written into such a file, rather than beside it. */
const takesMetadata = (name: string) => written.has(endingOf(name));
const withoutEnding = (name: string) => name.replace(/\.[^.]*$/, '');
/** What lies in folders beside pictures, and is none. */
const isHidden = (name: string) => name.startsWith('.') || /^(thumbs\.db|desktop\.ini)$/i.test(name);

/** A lab's files put against the frames of a load, and what was logged written into copies of them. */
export class ScanDesk {
	readonly frames: readonly FrameOfLoad[];
	scans = $state.raw<Scan[]>([]);
	#pairs = $state.raw<Pairing>([]);
	how = $state<How>('copies');
	/** Files that are done, while they are being written. */
	busy = $state<number | null>(null);
	problems = $state.raw<string[]>([]);
	result = $state.raw<{ address: string; name: string; files: number } | null>(null);
	constructor(frames: readonly FrameOfLoad[]) {
		this.frames = frames;
	}

	#names = () => this.scans.map(({ file }) => file.name);
	#numbers = () => this.frames.map(({ number }) => number);
	/** Whether the files' names say which frames they show. */
	readonly byNumber = $derived.by(() => numbersIn(this.#names(), this.#numbers()) !== null);

	/** The frame of each file; null where it shows none. */
	readonly shown = $derived(this.#pairs.map((at) => (at === null ? null : (this.frames[at] ?? null))));
	readonly pairs = $derived(
		this.scans.flatMap(({ file }, at) => {
			const frame = this.shown[at];
			return frame ? [{ file, frame }] : [];
		})
	);
	/** Frames that no file shows. */
	readonly without = $derived.by(() => this.frames.filter((frame) => !this.shown.includes(frame)));

	async take(files: readonly File[]): Promise<void> {
		this.forget();
		const seen = files.filter(({ name }) => !isHidden(name)).slice(0, MOST_SCANS);
		const names = inOrder(seen.map(({ name }) => name));
		const ordered = seen.toSorted((a, b) => names.indexOf(a.name) - names.indexOf(b.name));
		this.scans = ordered.map((file) => ({ file, picture: null }));
		this.guess();
		// One after the other: a folder of large scans must not be opened at once.
		for (const [at, { file }] of this.scans.entries()) {
			const picture = await smallPicture(file);
			if (this.scans[at]?.file !== file) {
				// Others were dropped meanwhile.
				if (picture) URL.revokeObjectURL(picture);
				return;
			}
			if (picture) this.scans = this.scans.with(at, { file, picture });
		}
	}

	guess = (): void => this.#set(guessedPairs(this.#names(), this.#numbers()));

	put(file: number, frameId: string): void {
		const at = this.frames.findIndex(({ id }) => id === frameId);
		this.#set(putAgainst(this.#pairs, file, at < 0 ? null : at));
	}
	slip = (from: number, by: number): void => this.#set(slipped(this.#pairs, from, by));
	turn = (): void => this.#set(turnedRound(this.#pairs));

	#set(pairs: Pairing): void {
		this.#pairs = pairs;
		this.#forgetResult();
	}

	#forgetResult(): void {
		if (this.result) URL.revokeObjectURL(this.result.address);
		[this.result, this.problems] = [null, []];
	}

	/** Lets go of all files. */
	forget(): void {
		for (const { picture } of this.scans) if (picture) URL.revokeObjectURL(picture);
		this.scans = [];
		this.#set([]);
	}

	choose(how: How): void {
		this.how = how;
		this.#forgetResult();
	}

	/** Writes what was logged. */
	async write(title: string): Promise<void> {
		this.#forgetResult();
		this.busy = 0;
		await (this.how === 'table' ? this.#asTable() : this.#asZip(title));
		this.busy = null;
	}

	#had(blob: Blob, name: string, files: number): void {
		this.result = { address: URL.createObjectURL(blob), name, files };
	}

	async #asTable(): Promise<void> {
		const rows = this.pairs.map(({ file, frame }) => ({ file: file.name, frameId: frame.id }));
		const table = await tableOf(rows);
		if ('problem' in table) this.problems = [table.problem];
		else this.#had(table.blob, 'exiftool.csv', rows.length);
	}

	async #asZip(title: string): Promise<void> {
		const zip = zipOf();
		const name = namer();
		let files = 0;
		for (const { file, frame } of this.pairs) {
			const into = this.how === 'copies' && takesMetadata(file.name);
			const made: Written = await (into ? writtenInto(frame.id, file) : writtenBeside(frame.id));
			if ('problem' in made) this.problems = [...this.problems, `${file.name}: ${made.problem}`];
			else {
				await zip.add(name(withoutEnding(file.name), into ? endingOf(file.name) : 'xmp'), made.blob);
				files += 1;
			}
			this.busy! += 1;
		}
		if (files > 0) this.#had(zip.done(), `${title}.zip`, files);
	}
}
