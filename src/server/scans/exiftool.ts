import type { ExifTool } from 'exiftool-vendored';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FILM_FIELDS } from './metadata';

/** Why nothing was written, in words. */
export class NotWritten extends Error {}

let running: Promise<{ tool: ExifTool; folder: string }> | undefined;

async function begin() {
	const { DefaultExiftoolArgs, ExifTool } = await import('exiftool-vendored');
	const folder = mkdtempSync(join(tmpdir(), 'just-enough-fields-'));
	const fields = join(folder, 'film.config');
	writeFileSync(fields, FILM_FIELDS);
	const exiftoolArgs = ['-config', fields, ...DefaultExiftoolArgs];
	return { tool: new ExifTool({ maxProcs: 1, exiftoolArgs, taskRetries: 0 }), folder };
}

/** One exiftool for all, begun when it is first asked. */
const tool = async (): Promise<ExifTool> => (await (running ??= begin())).tool;

/** Ends it, as when the program ends. */
export async function endExiftool(): Promise<void> {
	if (!running) return;
	const { tool: ended, folder } = await running;
	running = undefined;
	await ended.end();
	rmSync(folder, { recursive: true, force: true });
}

function refused(error: unknown): never {
	const { code, message = '' } = error as { code?: string; message?: string };
	if (code === 'ENOENT' || /perl/i.test(message))
		throw new NotWritten('This needs Perl on the server. Install it (Debian: sudo apt-get install perl).');
	throw new NotWritten(`This file can’t be read: ${message.replace(/ - \S+$/, '')}`);
}

/** What a file says, by group and name, numbers as numbers. */
export async function readTags(file: string, names: readonly string[]): Promise<Record<string, unknown>> {
	const readArgs = ['-n', '-G0', '-fast', ...names.map((name) => `-${name.replace('#', '')}`)];
	const found = await tool()
		.then((running) => running.readRaw(file, { readArgs }))
		.catch((error: unknown) => refused(error));
	return found as Record<string, unknown>;
}

/**
 * Writes tags into a copy of a file, or into a new one.
 *
 * @param into the copy; must not be there yet
 * @throws NotWritten where anything about it is doubtful
 */
export async function writeTags(
	file: string,
	tags: Readonly<Record<string, unknown>>,
	into?: string
): Promise<void> {
	const writeArgs = into === undefined ? [] : ['-o', into];
	const done = await tool()
		.then((running) => running.write(file, tags as never, { writeArgs }))
		.catch((error: unknown) => refused(error));
	const [warning] = done.warnings ?? [];
	if (warning) throw new NotWritten(`It couldn’t be written properly: ${warning}`);
}
