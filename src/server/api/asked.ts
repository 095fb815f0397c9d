import { json, type RequestHandler } from '@sveltejs/kit';
import type { Checked } from '$contract/validate';
import { invalid } from './answers';
import { readJson } from './read-json';

/** Answers a checked JSON body by a computation. */
export const answered =
	<T>(check: (body: unknown) => Checked<T>, compute: (asked: T) => unknown): RequestHandler =>
	async ({ request }) => {
		const read = await readJson(request);
		if ('answer' in read) return read.answer;
		const checked = check(read.body);
		return checked.ok ? json(compute(checked.value)) : invalid(checked.issues);
	};
