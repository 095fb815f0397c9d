import { json } from '@sveltejs/kit';
import { checkCompare } from '$contract/compare';
import { invalid, onlyAllow } from '$server/api/answers';
import { guarded } from '$server/api/guarded';
import { readJson } from '$server/api/read-json';
import { compared, missingOfCompare } from '$server/compare';

export const POST = guarded(async ({ request }) => {
	const read = await readJson(request);
	if ('answer' in read) return read.answer;
	const checked = checkCompare(read.body);
	if (!checked.ok) return invalid(checked.issues);
	const missing = missingOfCompare(checked.value);
	return missing.length > 0 ? invalid(missing) : json(await compared(checked.value));
});

export const fallback = onlyAllow('POST');
