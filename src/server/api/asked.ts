import type { RequestHandler } from '@sveltejs/kit';
import { inThread } from '../heavy/pool';
import { answerTo, type QuestionName } from '../heavy/questions';
import { invalid, problem } from './answers';
import { guarded } from './guarded';
import { withRecords } from './named';
import { readText } from './read-json';

/**
 * Answers a question that a request brings: at once where that is little work, else beside the server.
 *
 * @param byId whether the question may name a camera, a film or a load of the bag
 */
export const answered = (name: QuestionName, byId = false): RequestHandler =>
	guarded(async ({ request }) => {
		const read = await readText(request);
		if ('answer' in read) return read.answer;
		const asked = byId ? withRecords(read.text) : read;
		if ('issues' in asked) return invalid(asked.issues);
		const found = answerTo(name, asked.text, 'quick') ?? (await inThread('answer', name, asked.text));
		if ('unreadable' in found) return problem(400, 'The body is not JSON');
		if ('issues' in found) return invalid(found.issues);
		return new Response(found.json, { headers: { 'content-type': 'application/json' } });
	});
