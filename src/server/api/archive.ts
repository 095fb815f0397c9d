import { json } from '@sveltejs/kit';
import { existsSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { boolean, object, string } from 'yup';
import type { Conflicts, Report } from '../archive/take';
import type { Looked } from '../archive/task';
import { archiveOf } from '../archive/write';
import { inOwnThread } from '../heavy/pool';
import { isId } from '../ids';
import { IMPORTS } from '../person-store';
import { dataFolder, store } from '../store';
import { notFound, onlyAllow, problem } from './answers';
import { bodyIntoFile } from './body-into-file';
import { asFile } from './file-name';
import { guarded } from './guarded';

const MOST_BYTES = 20 * 1024 ** 3;

const importsFolder = () => join(dataFolder(), IMPORTS);

/** Takes away what was brought and not taken. */
const forgetImports = (): void => rmSync(importsFolder(), { recursive: true, force: true });

/** Writes an archive that is sent into a file; one at a time waits. */
async function received(request: Request): Promise<{ id: string; file: string } | { answer: Response }> {
	forgetImports();
	mkdirSync(importsFolder(), { recursive: true });
	const id = crypto.randomUUID();
	const file = join(importsFolder(), `${id}.zip`);
	const answer = await bodyIntoFile(request, file, MOST_BYTES, 'archive');
	if (!answer) return { id, file };
	forgetImports();
	return { answer };
}

const answerOf = (looked: Looked, more: object = {}): Response => {
	if ('report' in looked) return json({ ...more, report: looked.report satisfies Report });
	forgetImports();
	return problem(422, looked.refused);
};

async function take(file: string, conflicts: Conflicts): Promise<Looked> {
	const looked = await inOwnThread('takeArchive', file, dataFolder(), conflicts);
	if ('report' in looked) forgetImports();
	return looked;
}

const how = object({
	take: boolean(),
	conflicts: string<Conflicts>().oneOf(['keep', 'take'])
});
interface How {
	take?: boolean;
	conflicts?: Conflicts;
}

/** Looks an archive through and says what it would bring; takes it at once only where that is asked for. */
const bring = guarded<How>(async ({ request }, { take: atOnce, conflicts = 'keep' }) => {
	const got = await received(request);
	if ('answer' in got) return got.answer;
	const looked = await inOwnThread('lookThrough', got.file, dataFolder());
	if ('refused' in looked || !atOnce) return answerOf(looked, { id: got.id });
	return answerOf(await take(got.file, conflicts));
}, how);

/** The file of an archive that waits; null where none of that id does. */
function waiting(id: string | undefined): string | null {
	const file = join(importsFolder(), `${id}.zip`);
	return id !== undefined && isId(id) && existsSync(file) ? file : null;
}

const takeWaiting = guarded<Pick<How, 'conflicts'>>(
	async ({ params }, { conflicts = 'keep' }) => {
		const file = waiting(params.id);
		return file ? answerOf(await take(file, conflicts)) : notFound('archive that waits');
	},
	object({ conflicts: how.fields.conflicts })
);

const forget = guarded(({ params }) => {
	if (!waiting(params.id)) return notFound('archive that waits');
	forgetImports();
	return new Response(null, { status: 204 });
});

/** Everything as a zip. */
const everything = guarded(({ request }) => {
	store();
	const now = new Date();
	// Whoever asks for the head alone takes no body, and a stream that nobody takes never ends.
	const body =
		request.method === 'HEAD' ? null : (Readable.toWeb(archiveOf(dataFolder(), now)) as ReadableStream);
	return new Response(body, {
		headers: {
			'content-type': 'application/zip',
			'cache-control': 'no-store',
			...asFile(`just-enough-${now.toISOString().slice(0, 10)}`, 'zip', 'archive')
		}
	});
});

export const exportHandlers = { GET: everything, fallback: onlyAllow('GET') };
export const importHandlers = { POST: bring, fallback: onlyAllow('POST') };
export const waitingHandlers = { POST: takeWaiting, DELETE: forget, fallback: onlyAllow('POST', 'DELETE') };
