import { json } from '@sveltejs/kit';
import { checkWhatIf } from '$contract/what-if';
import { invalid, onlyAllow } from '$server/api/answers';
import { guarded } from '$server/api/guarded';
import { readJson } from '$server/api/read-json';
import { missingOf, whatIf } from '$server/what-if';

export const POST = guarded(async ({ request }) => {
	const read = await readJson(request);
	if ('answer' in read) return read.answer;
	const checked = checkWhatIf(read.body);
	if (!checked.ok) return invalid(checked.issues);
	const missing = missingOf(checked.value);
	return missing.length > 0 ? invalid(missing) : json(await whatIf(checked.value));
});

export const fallback = onlyAllow('POST');
