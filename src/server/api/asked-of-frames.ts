import { json, type RequestHandler } from '@sveltejs/kit';
import type { Checked, Issue } from '$contract/validate';
import { invalid } from './answers';
import { guarded } from './guarded';
import { readJson } from './read-json';

/** A question that names frames of the log. */
export interface OfFrames<T> {
	check: (body: unknown) => Checked<T>;
	/** What it names that is not there. */
	missing: (asked: T) => Issue[];
	answer: (asked: T) => Promise<unknown>;
}

/** Answers a question about frames of the log, once all that it names is found. */
export const askedOfFrames = <T>({ check, missing, answer }: OfFrames<T>): RequestHandler =>
	guarded(async ({ request }) => {
		const read = await readJson(request);
		if ('answer' in read) return read.answer;
		const checked = check(read.body);
		const issues = checked.ok ? missing(checked.value) : checked.issues;
		return issues.length > 0 || !checked.ok ? invalid(issues) : json(await answer(checked.value));
	});
