import { json, type RequestHandler } from '@sveltejs/kit';
import { checkMatchRequest } from '$contract/match-request';
import { match } from '$core/match';
import { invalid, onlyAllow } from '$server/api/answers';
import { readJson } from '$server/api/read-json';

export const POST: RequestHandler = async ({ request }) => {
	const read = await readJson(request);
	if ('answer' in read) return read.answer;
	const checked = checkMatchRequest(read.body);
	if (!checked.ok) return invalid(checked.issues);
	const { camera, film, light, bag, intent } = checked.value;
	return json(match(camera, film, light, bag, intent));
};

export const fallback = onlyAllow('POST');
